import { toText } from '../decimal/decimal'
import { ladders } from '../ladders'
import { REGIONAL } from '../ladders/find'
import { readsAsNumber } from '../ladders/own'
import { rungsNamed } from '../locale/compact'
import type { Style } from '../style/fields'
import type { Reader, Said } from './read'

/** Whole digits from which group marks are missed. */
const GROUPED_FROM = 5
const MINUS = '−'
const BLANK = /[\s\u00a0\u202f]/

const most = <One>(all: readonly One[]): One | undefined => {
  const counts = new Map<One, number>()
  for (const one of all) counts.set(one, (counts.get(one) ?? 0) + 1)
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0]
}

/** The rungs that labels name, each with the symbol that stands for it first. */
function rungsIn(said: readonly Said[]): Map<number, string> {
  const rungs = new Map<number, string>()
  for (const { rung, power, part, token } of said) {
    const own = power - part - (token.exponent ?? 0)
    if (rung !== '' && !rungs.has(own)) rungs.set(own, rung)
  }
  return rungs
}
/** The ladder whose symbols or words the labels write; one of their own where none does. */
function ladderOf(rungs: ReadonlyMap<number, string>, { region, tag }: Reader): Style {
  const own = rungsNamed(region.system.compact)
  const isRegional = (key: 'symbol' | 'word') =>
    [...rungs].every(([power, text]) => own.some((one) => one.power === power && one[key] === text))
  // In English the region's own symbols are those of the short scale, which has more of them.
  const isEnglish = /^en\b/.test(tag)
  if (!isEnglish && isRegional('symbol')) return { ladder: REGIONAL, rungForm: 'symbol' }
  for (const id of ['short', 'si', 'indian'] as const) {
    const isOne = (key: 'symbol' | 'word') =>
      [...rungs].every(([power, text]) =>
        ladders[id].rungs.some((one) => one.power === power && one[key] === text),
      )
    if (isOne('symbol')) return { ladder: id, rungForm: 'symbol' }
    if (isOne('word')) return { ladder: id, rungForm: 'word' }
  }
  const named = [...rungs]
    .sort((a, b) => a[0] - b[0])
    .filter(([, text], at, all) => all.findIndex((one) => one[1] === text) === at)
    .filter(([, text]) => !readsAsNumber(text))
  return named.length === 0
    ? {}
    : { ladder: { rungs: named.map(([power, symbol]) => ({ power, symbol })) }, rungForm: 'symbol' }
}

/** What is left between digits and what stands behind them. */
const gapBehind = ({ token }: Said): string => (token.hasGap && token.after !== '' ? '\u00a0' : '')

function notationOf(said: readonly Said[], reader: Reader): Style {
  const multiple = said.some(({ token }) => token.multiple)
  if (multiple) return { notation: 'multiple', multipleOf: 'pi' }
  const forms = said.flatMap(({ token }) => token.exponentForm ?? [])
  if (forms.length > 0)
    return { notation: 'scientific', exponent: 'each', exponentForm: most(forms)! }
  const rungs = rungsIn(said)
  if (rungs.size === 0) return { notation: 'plain' }
  const beside = said.find(({ rung }) => rung !== '')!
  return {
    notation: 'scaled',
    rung: 'each',
    rungGap: gapBehind(beside),
    ...ladderOf(rungs, reader),
  }
}

function unitOf(said: readonly Said[]): Style {
  const text = most(said.flatMap(({ unit }) => (unit === '' ? [] : [unit])))
  if (text === undefined) return {}
  const one = said.find(({ unit }) => unit === text)!
  const isBefore = one.token.before === text
  const gap = isBefore || one.rung === '' ? one.token.hasGap : BLANK.test(one.token.after)
  return {
    unit: { kind: 'symbol', text, side: isBefore ? 'before' : 'after', gap: gap ? '\u00a0' : '' },
    ...(one.part === 0 ? {} : { factor: toText({ coefficient: 1n, exponent: -one.part }) }),
  }
}

/** Marks of the labels that are not those of the region. */
function marksOf(said: readonly Said[], { region }: Reader): Style {
  const { marks } = region.system
  const found: { decimal?: string; group?: string; minus?: string } = {}
  for (const { token, decimals } of said) {
    const all = token.numeral.match(/\D/g) ?? []
    const decimal = decimals > 0 ? all.at(-1) : undefined
    const group = decimals > 0 ? all.at(-2) : all.at(-1)
    if (decimal && decimal !== marks.decimal) found.decimal = decimal
    if (group && group !== marks.group) found.group = BLANK.test(group) ? '\u202f' : group
  }
  const minus = most(said.flatMap(({ token }) => (/[(+]/.test(token.sign) ? [] : token.sign || [])))
  if (minus && minus !== marks.minus && (minus === '-' || minus === MINUS)) found.minus = minus
  const isClear = (found.decimal ?? marks.decimal) !== (found.group ?? marks.group)
  return Object.keys(found).length > 0 && isClear ? { marks: found } : {}
}
function groupingOf(said: readonly Said[]): Style {
  const isBare = said.some(({ token }) => /^\d+/.exec(token.numeral)![0].length >= GROUPED_FROM)
  return isBare ? { grouping: 'never' } : {}
}
function signOf(said: readonly Said[]): Style {
  const signs = new Set(said.map(({ token }) => token.sign))
  if (signs.has('(')) return { sign: 'parentheses' }
  return signs.has('+') ? { sign: 'exceptZero' } : {}
}

/**
 * The style that labels are written in, as far as they tell: what a change of one of its fields is
 * tried on, and what stands in the place of a label that is wrong.
 *
 * @param said what the labels say, one at least
 * @example of 1,5 Mio. and 2,0 Mio. it has one decimal, and a ladder with Mio. for 6
 */
export function styleOf(said: readonly Said[], reader: Reader): Style {
  const decimals = said.map((one) => one.decimals)
  return {
    locale: reader.tag,
    ...notationOf(said, reader),
    fraction: [Math.min(...decimals), Math.max(...decimals)],
    ...marksOf(said, reader),
    ...groupingOf(said),
    ...signOf(said),
    ...unitOf(said),
  }
}
