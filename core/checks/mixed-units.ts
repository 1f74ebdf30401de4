import { textOf } from '../label/write'
import { decide } from '../label/decide'
import type { Plan, Rule, Written } from '../label/types'
import { unitColumn } from '../style/dependencies'
import { noCases } from './changes'
import { fix } from './fixes'
import { listed, placesWhere, quoted, saysSome } from './numbers'
import { labelAt, writtenAt } from './proof'
import type { Check, Proof } from './types'
import { isMoney } from '../units'

/** What tells the unit of a rule: its text and what values are converted by. */
function unitOf({ frames, names, factor, convert }: Rule): string {
  const texts = [...frames.none.before, ...frames.none.after].flatMap((slot) =>
    typeof slot === 'object' && slot.type === 'unit' ? [slot.value] : [],
  )
  const named = names?.other?.slice(0, 2) ?? []
  return JSON.stringify([texts, named, factor, convert ?? null])
}
/** What a label leaves to a title or to another label: the unit, and the rung or exponent. */
const leftOutOf = ({ rules }: Plan, { rule, rung, exponent }: Written): string =>
  `${unitOf(rules[rule]!)} ${exponent ?? rules[rule]!.rungs[rung]!.text}`

/** What speaks for all labels. */
const OVER = { title: 'title', first: 'label', last: 'label', label: 'total' } as const

/** What can be done about numbers in several units. */
const wayOut = (kind: string): string =>
  kind === 'currencies'
    ? 'Enter exchange rates or show only one of them.'
    : 'Show only one of them.'
/** What is said of numbers that were put together from rows in several units. */
const MIXED = {
  scale: (units: string, kind: string) =>
    `The numbers are in ${units}, and these ${kind} have no common scale. ${wayOut(kind)}`,
  sum: (units: string, kind: string) =>
    `One mark stands for numbers in ${units}, and these ${kind} cannot be added. ${wayOut(kind)}`,
  rowsTotal: (units: string, kind: string) =>
    `The total is over rows in ${units}, and these ${kind} cannot be added. ${wayOut(kind)}`,
  words: (units: string, kind: string) =>
    `No single number can stand for all rows, because they are in ${units}. ${wayOut(kind)}`,
} as const

/** Whether something is said of all rows, with or without a number. */
const isOfAll = (over: string): boolean => over === 'words' || over === 'rowsTotal'

/** Whether rates lead from every row to the total: the page says them beside it. */
const isConverted = ({ context }: Proof): boolean =>
  context?.currency !== undefined && context.units !== undefined && context.rates !== undefined

/** The first place of each sort among the numbers of a surface, in the order in which they come. */
function firstOfEach(
  proof: Proof,
  sortOf: (written: Written) => string,
  isLookedAt: (at: number) => boolean,
): number[] {
  const firsts = new Map<string, number>()
  for (const [at, place] of proof.which.entries()) {
    const { written } = proof.decisions[place]!
    if (!isLookedAt(at)) continue
    if (written.kind === 'number' && !firsts.has(sortOf(written))) firsts.set(sortOf(written), at)
  }
  return [...firsts.values()]
}

/**
 * Protects readers from one unit said for numbers of several: a title or a first label that speaks
 * for all, and a total under labels of different units. Labels that each say their own unit are
 * left alone where nothing is summed.
 */
export const mixedUnits: Check<{
  labels: readonly string[]
  over: 'title' | 'label' | 'total' | 'scale' | 'sum' | 'words' | 'rowsTotal'
  said: string
  isMoney: boolean
}> = {
  id: 'mixed-units',
  title: 'Several units are mixed',
  weight: 'error; warning if a total is converted',
  finds:
    'a title or first label whose unit or rung is not that of all labels; a total of several currencies, or under labels of several units; an axis, a mark or a sentence over rows in several currencies or measures',
  find(proof) {
    const { plan, full, total, mixed } = proof
    if (mixed) {
      const { units: labels, over, at = placesWhere(proof, saysSome) } = mixed
      const areMoney = isMoney(full.unit)
      if (at.length > 0 || isOfAll(over))
        return { severity: 'error', params: { labels, over, said: '', isMoney: areMoney }, at }
    }
    if (plan.rules.length < 2) return null
    const isSaidOnce = full.unitAt !== 'label'
    const sortOf = (written: Written) =>
      isSaidOnce ? leftOutOf(plan, written) : unitOf(plan.rules[written.rule]!)
    // A total speaks of the rows that it sums, a title of all labels.
    const summed = isSaidOnce || !proof.selection ? null : new Set(proof.selection)
    const firsts = firstOfEach(proof, sortOf, (at) => summed?.has(at) ?? true)
    if (firsts.length < 2 || (!isSaidOnce && (total === undefined || isConverted(proof))))
      return null
    const areMoney = isMoney(full.unit) && unitColumn(full) !== null
    const labelOf = (at: number) => textOf(plan, writtenAt(proof, at), true)
    const once = full.unitAt === 'title' ? (plan.title ?? '') : labelAt(proof, 0)
    return {
      severity: isSaidOnce || areMoney ? 'error' : 'warning',
      params: {
        labels: firsts.map(labelOf),
        over: OVER[full.unitAt],
        said: isSaidOnce ? once : textOf(plan, decide(plan, total!)),
        isMoney: areMoney,
      },
      at: placesWhere(
        proof,
        ({ written }) => sortOf(written) !== sortOf(writtenAt(proof, firsts[0]!)),
      ),
    }
  },
  message({ labels, over, said, isMoney }) {
    const mixed = MIXED[over as keyof typeof MIXED]
    if (mixed) return mixed(listed(labels), isMoney ? 'currencies' : 'units')
    const all = listed(labels.map(quoted))
    if (over === 'title')
      return `The title says ${quoted(said)} for all labels, but they are ${all}.`
    if (over === 'label')
      return `${quoted(said)} names the unit for all labels, but they are ${all}.`
    return isMoney
      ? `The total ${quoted(said)} sums several currencies: ${all}.`
      : `The total ${quoted(said)} is below ${all}. Readers who add these get another sum.`
  },
  *propose(proof) {
    const { style, mixed } = proof
    if (mixed) {
      const [unit] = mixed.units as [string]
      const filter = { column: mixed.column, is: [unit] }
      yield fix('one-unit', { unit }, { way: 'filter', style, filter })
    }
    if (proof.full.unitAt !== 'label')
      yield fix('unit-on-labels', {}, { way: 'unit', style: { ...style, unitAt: 'label' } })
    yield* noCases(proof)
    if (proof.total) yield fix('no-total', {}, { way: 'total', style, dropsTotal: true })
  },
}
