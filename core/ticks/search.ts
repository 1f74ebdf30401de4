import { compare, leadingPower, multiply, subtract, decimalsOf } from '../decimal/arithmetic'
import { type Decimal, toNumber, ZERO } from '../decimal/decimal'
import { divide as quotient } from '../decimal/round'
import { type Counted, countedSteps } from './counted'
import { ascending, DEFAULT_COUNT, multiplesIn } from './linear'
import type { Reason } from './reasons'

/** Steps by preference, tenfold so that all are whole: 1, 5, 2 and 2.5. */
const PREFERRED = [10n, 50n, 20n, 25n]
const FEWEST = 2
const MOST = 12
/** What each measure weighs in the sum. */
const WEIGHTS = { simplicity: 0.2, coverage: 0.25, density: 0.5, legibility: 0.05 }

/**
 * Ticks at the multiples of a step from `first` on, with how good they are before they are
 * labelled.
 */
export interface TickSet {
  readonly step: Decimal
  readonly values: readonly Decimal[]
  /** 1 for a step of 1 with zero among its ticks. */
  readonly simplicity: number
  /** 1 where the outermost ticks are the ends of the domain. */
  readonly coverage: number
  /** 1 where there are as many as wanted. */
  readonly density: number
}
/** A set of ticks with one way of labelling it. */
export interface Scored<Choice> {
  readonly ticks: TickSet
  readonly choice: Choice
  readonly score: number
}

const one = (at: bigint): Decimal => ({ coefficient: at, exponent: 0 })
/** How far two values lie apart, as a part of the span. */
const part = (a: Decimal, b: Decimal, span: Decimal): number =>
  toNumber(quotient(subtract(a, b), span))

/** From so many on, a span between whole numbers has whole steps. */
const LEAST_WHOLE = 4n
const isWhole = (value: Decimal): boolean => decimalsOf(value) === 0

/** Round steps from about the span down, with how simple each is. */
const preferredSteps = (lead: number): { step: Decimal; rank: number }[] =>
  [1, 0, -1, -2].flatMap((more) =>
    PREFERRED.map((coefficient, rank) => ({
      step: { coefficient, exponent: lead + more - 1 },
      rank,
    })),
  )

/**
 * All sets of ticks that are looked at: steps of 1, 2, 2.5 and 5 × 10ⁿ; their multiples from the
 * last below the domain's low end or the first above it, to the like at its high end; 2 to 12
 * ticks. A domain of one value has the one tick.
 *
 * @param counted what the axis counts, where that has steps of its own
 * @param wanted how many ticks the density is measured by
 * @example tickSets([decimal('0'), decimal('10')]).some(({ values }) => values.length === 6) // true
 */
export function tickSets(
  domain: readonly [Decimal, Decimal],
  wanted: number = DEFAULT_COUNT,
  counted?: Counted,
): TickSet[] {
  const { low, high, inOrder } = ascending(domain)
  const span = subtract(high, low)
  if (span.coefficient === 0n)
    return [
      {
        step: { coefficient: 1n, exponent: low.coefficient === 0n ? 0 : leadingPower(low) },
        values: [low],
        simplicity: 1,
        coverage: 1,
        density: 1,
      },
    ]
  const countsWhole = isWhole(low) && isWhole(high) && compare(span, one(LEAST_WHOLE)) >= 0
  const sets: TickSet[] = []
  const lead = leadingPower(span)
  // Steps that are counted in their own way are all equally simple.
  const steps = counted
    ? countedSteps(counted, span)
        .reverse()
        .map((step) => ({ step, rank: 0 }))
    : preferredSteps(lead)
  for (const { step, rank } of steps) {
    // What is whole and not narrow is counted in whole steps.
    if (countsWhole && !isWhole(step)) continue
    const [tightFirst, tightLast] = multiplesIn(low, high, step, 'tight')
    const [looseFirst, looseLast] = multiplesIn(low, high, step, 'loose')
    for (const first of new Set([looseFirst, tightFirst]))
      for (const last of new Set([looseLast, tightLast])) {
        const count = Number(last - first) + 1
        if (count < FEWEST || count > MOST) continue
        const values = Array.from({ length: count }, (_, at) =>
          multiply(one(first + BigInt(at)), step),
        )
        const [lowest, highest] = [values[0]!, values.at(-1)!]
        const [below, above] = [part(low, lowest, span), part(highest, high, span)]
        const ratio =
          (((count - 1) / part(highest, lowest, span)) *
            (Math.max(1 + above, 1) + Math.max(below, 0))) /
          Math.max(wanted - 1, 1)
        sets.push({
          step,
          values: inOrder(values),
          simplicity:
            1 -
            rank / (PREFERRED.length - 1) -
            (values.some((value) => compare(value, ZERO) === 0) ? 0 : 1),
          coverage: 1 - (0.5 * (above ** 2 + below ** 2)) / 0.01,
          density: 2 - Math.max(ratio, 1 / ratio),
        })
      }
  }
  return sets
}

const isHalved = ({ coefficient }: Decimal): boolean => String(coefficient).startsWith('25')
/** Coverage from here on is said to be whole. */
const WHOLE = 0.999
/** Of ticks that cover less of the domain than this, a reader misses the rest. */
const HALF = 0.5
/**
 * What speaks for the ticks of a set, and what against them.
 *
 * @param isAsked whether somebody wants so many; else it is what the width is good for
 * @example tickReasons(set, 5) // [{ code: 'endsWithDomain' }, { code: 'zeroIsTick' }, …]
 */
export function tickReasons(
  { step, values, coverage }: TickSet,
  wanted: number,
  isAsked = true,
): Reason[] {
  const hasZero = values.some(({ coefficient }) => coefficient === 0n)
  const count = values.length
  const isFarOff = count * 2 < wanted || count > wanted * 2
  const when = (holds: boolean, reason: Reason): Reason[] => (holds ? [reason] : [])
  return [
    ...when(coverage > WHOLE, { code: 'endsWithDomain' }),
    ...when(coverage < HALF, { code: 'endsFarFromDomain' }),
    ...when(hasZero, { code: 'zeroIsTick' }),
    ...when(isHalved(step), { code: 'stepsOfTwoAndAHalf' }),
    count === wanted
      ? { code: 'ticks', count }
      : { code: 'otherTicks', count, wanted, isAsked, isFarOff },
  ]
}

const beforeLabels = ({ simplicity, coverage, density }: TickSet): number =>
  WEIGHTS.simplicity * simplicity + WEIGHTS.coverage * coverage + WEIGHTS.density * density
const byScore = (a: Scored<unknown>, b: Scored<unknown>): number => b.score - a.score

/**
 * The best sets of ticks with their labels: simplicity, coverage and density of the ticks and
 * legibility of the labels, weighed as by Talbot, Lin and Hanrahan, "An Extension of Wilkinson's
 * Algorithm for Positioning Tick Labels on Axes", 2010. Sets that could not win even with perfect
 * labels are never labelled; what is found is what trying all of them would find.
 *
 * @param sets in an order that decides between equal scores
 * @param label the ways to label a set, each with its legibility of at most 1; none where no way is
 *   good
 * @param most how many are wanted
 */
export function bestTicks<Choice extends { readonly legibility: number }>(
  sets: readonly TickSet[],
  label: (ticks: TickSet) => readonly Choice[],
  most: number,
): Scored<Choice>[] {
  const open = sets
    .map((ticks) => ({ ticks, before: beforeLabels(ticks) }))
    .sort((a, b) => b.before - a.before)
  let found: Scored<Choice>[] = []
  for (const { ticks, before } of open) {
    const worst = found[most - 1]
    if (worst && before + WEIGHTS.legibility < worst.score) break
    const scored = label(ticks).map((choice) => ({
      ticks,
      choice,
      score: before + WEIGHTS.legibility * choice.legibility,
    }))
    found = [...found, ...scored].sort(byScore).slice(0, most)
  }
  return found
}
