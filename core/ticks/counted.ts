import { compare, leadingPower, multiply } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'

/** What is counted in its own way, so that its axis has steps of its own. */
export const COUNTED = ['second', 'minute', 'hour', 'degree', 'month', 'byte'] as const
export type Counted = (typeof COUNTED)[number]

/**
 * What is counted where numbers are recorded in a measure.
 *
 * @returns undefined where that has no steps of its own
 * @example countedBy('hour') // 'hour'; of kilogram undefined
 */
export const countedBy = (measure: string | undefined): Counted | undefined =>
  COUNTED.find((one) => one === measure)

interface Way {
  /** Its own steps, ascending, in that measure; below the first, steps are round. */
  readonly own: readonly Decimal[]
  /** Above them steps are a round count of this. */
  readonly beyond: Decimal
}

const SIXTIES = [1, 2, 5, 10, 15, 30]
const HOURS = [1, 2, 3, 6, 12]
const [MINUTE, HOUR, DAY, WHOLE_TURN, YEAR] = [60, 3600, 86_400, 360, 12]
const times = (by: number, counts: readonly number[]): number[] => counts.map((one) => one * by)
const way = (own: readonly number[], beyond: number): Way => ({
  own: own.map((one) => decimal(one)),
  beyond: decimal(beyond),
})
/** Doublings from one byte to a yobibyte. */
const DOUBLINGS = 81

const ways: Record<Counted, Way> = {
  second: way([...SIXTIES, ...times(MINUTE, SIXTIES), ...times(HOUR, HOURS)], DAY),
  // A quarter and a half of a minute are fifteen and thirty seconds.
  minute: way([0.25, 0.5, ...SIXTIES, ...times(MINUTE, HOURS)], DAY / MINUTE),
  hour: way([0.25, 0.5, ...HOURS], DAY / HOUR),
  degree: way([1, 5, 15, 30, 45, 90, 180], WHOLE_TURN),
  month: way([1, 2, 3, 6], YEAR),
  byte: {
    own: Array.from({ length: DOUBLINGS }, (_, power) => ({
      coefficient: 2n ** BigInt(power),
      exponent: 0,
    })),
    beyond: { coefficient: 2n ** BigInt(DOUBLINGS), exponent: 0 },
  },
}

/** Steps that everybody counts by, times a power of ten. */
const ROUND = [1n, 2n, 5n]
/** Powers of ten of the span, below and above it, in which steps are looked for. */
const [BELOW, ABOVE] = [-3, 1]
const rounds = (lead: number): Decimal[] =>
  Array.from({ length: ABOVE - BELOW + 1 }, (_, at) => lead + BELOW + at).flatMap((exponent) =>
    ROUND.map((coefficient) => ({ coefficient, exponent })),
  )

/**
 * Steps for what is counted in its own way, ascending: sixties of seconds, twelves of hours,
 * quarters of a right angle, powers of two.
 *
 * @param span of the axis, above zero
 * @example countedSteps('second', decimal('600')).map(toText) // …, '60', '120', '300', '600', …
 */
export function countedSteps(counted: Counted, span: Decimal): Decimal[] {
  const { own, beyond } = ways[counted]
  const lead = leadingPower(span)
  const below = rounds(lead).filter((step) => compare(step, own[0]!) < 0)
  const above = rounds(lead - leadingPower(beyond))
    .filter(({ exponent }) => exponent >= 0)
    .map((count) => multiply(count, beyond))
  const isNear = (step: Decimal) =>
    leadingPower(step) >= lead + BELOW && leadingPower(step) <= lead + ABOVE
  return [...below, ...own.filter(isNear), ...above]
}
