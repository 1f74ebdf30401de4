import { decimal } from '../decimal/decimal'
import { reaches } from '../decimal/powers'
import { ladderOf, REGIONAL } from '../ladders/find'
import { superscript } from '../decimal/superscript'
import type { Ladder, LadderRung } from '../ladders/types'
import { StyleError } from '../error'
import { isNumberAlone, LEAST_POWER, parsePattern } from '../locale/pattern'
import type { ByPlural } from '../locale/types'
import {
  type Contribution,
  DIGITS,
  type Notation,
  type NotationStyle,
  type Step,
  UNITS,
  USUAL,
} from './types'

/** The power of ten of the last rung's number from which labels leave the ladder. */
const BEYOND = 6

/** How a rung is written in each form, and the gap before it where none is set. */
const forms: Record<
  NotationStyle['rungForm'],
  { text(rung: LadderRung, ladder: Ladder): string; gap: string }
> = {
  symbol: { text: ({ symbol }) => symbol, gap: '' },
  word: { text: ({ word }) => word, gap: ' ' },
  symbolExponent: {
    text: ({ symbol, power }, { base }) => `${symbol}\u00a0(${base}${superscript(power)})`,
    gap: ' ',
  },
}

const kept = new Map<string, readonly Step[]>()

/**
 * The rungs that a style's labels can stand on, the units among them; those of a ladder with a name
 * are made once.
 */
function rungsOf(style: NotationStyle, ladder: Ladder): readonly Step[] {
  if (typeof style.ladder !== 'string') return makeRungs(style, ladder)
  const key = JSON.stringify([style.ladder, style.rungForm, style.rungGap])
  const rungs =
    kept.get(key) ?? Object.freeze(makeRungs(style, ladder).map((rung) => Object.freeze(rung)))
  kept.set(key, rungs)
  return rungs
}

function makeRungs(style: NotationStyle, ladder: Ladder): Step[] {
  const { text, gap } = forms[style.rungForm]
  const written = ladder.rungs.map((rung): Step => ({
    ...UNITS,
    from: rung.power,
    fromBase: ladder.base,
    power: rung.power,
    base: ladder.base,
    text: text(rung, ladder),
    gap: (style.rungGap ?? gap).replaceAll(' ', '\u00a0'),
  }))
  const units = { ...UNITS, base: ladder.base }
  return [
    ...written.filter(({ power }) => power < 0),
    units,
    ...written.filter(({ power }) => power > 0),
  ]
}

/**
 * Rungs as a region has them: one for each power, several of which can be counted in the same unit.
 */
function regionalRungs(patterns: readonly ByPlural[]): Pick<Contribution, 'rungs' | 'patterns'> {
  const rungs: Step[] = [UNITS]
  const own: (ByPlural | null)[] = [null]
  patterns.forEach((byPlural, at) => {
    const from = LEAST_POWER + at
    const pattern = parsePattern(byPlural.other ?? '0')
    const isBare = isNumberAlone(pattern)
    rungs.push({ ...UNITS, from, power: isBare ? 0 : from + 1 - Math.max(pattern.zeros, 1) })
    own.push(isBare ? null : byPlural)
  })
  return { rungs, patterns: own }
}

/**
 * The rungs above the units that a number from a power of ten on can stand on; the lowest of them
 * begins there.
 */
function scaledFrom(all: Contribution, least: number): Contribution {
  const { rungs, patterns } = all
  const begins = decimal(`1e${least}`)
  const isReached = ({ from, fromBase }: Step) => reaches(begins, fromBase, from)
  const lowest = rungs.findLastIndex((rung) => rung.from > 0 && isReached(rung))
  const isKept = (_: unknown, at: number) => at >= lowest || rungs[at]!.from <= 0
  return {
    ...all,
    rungs: rungs
      .map((rung, at): Step => (at === lowest ? { ...rung, from: least, fromBase: 10 } : rung))
      .filter(isKept),
    patterns: patterns?.filter(isKept) ?? null,
  }
}

/** In units of a rung, named by its symbol or its word. */
export const scaled: Notation = {
  ...USUAL,
  id: 'scaled',
  title: 'shortened by a rung',
  phrase: 'shortened',
  hasRungs: true,
  options: ({ rungForm }) => ({
    notation: 'compact',
    compactDisplay: rungForm === 'word' ? 'long' : 'short',
  }),
  unsaid: [
    [({ ladder }) => ladder !== REGIONAL, 'this ladder (the region’s names stand in)'],
    [({ rung }) => rung !== 'each', 'one rung for all labels (each has its own)'],
    [({ rungForm }) => rungForm === 'symbolExponent', 'a symbol with its power'],
    [
      ({ rungFrom, rungGap }) => rungFrom !== null || rungGap !== null,
      'where scaling begins, and the gap before a rung',
    ],
  ],
  contribute(style, shared, compact) {
    const isRegional = style.ladder === REGIONAL
    const all: Contribution = isRegional
      ? {
          ...DIGITS,
          ...regionalRungs(compact[style.rungForm === 'word' ? 'word' : 'symbol'] ?? []),
          fixedRung: null,
        }
      : {
          ...DIGITS,
          rungs: rungsOf(style, ladderOf(style.ladder)),
          fixedRung: null,
          beyond: BEYOND,
        }
    if (typeof style.rung === 'number') {
      const fixedRung = all.rungs.findIndex((rung) => rung.power === style.rung)
      if (fixedRung >= 0) return { ...all, fixedRung }
      const powers = [...new Set(all.rungs.map(({ power }) => power))]
      throw new StyleError(
        'rung',
        style.rung,
        `it takes each, shared or a power on the ladder ${typeof style.ladder === 'string' ? style.ladder : 'of your own'}: ${powers.join(', ')}`,
      )
    }
    const own = style.rungFrom === null ? all : scaledFrom(all, style.rungFrom)
    return style.rung === 'each' ? own : { ...own, fixedRung: shared.rung(own) }
  },
}
