import { absolute, leadingPower, tenTo } from './arithmetic'
import type { Decimal } from './decimal'

export const ROUNDING_MODES = [
  'halfExpand',
  'halfEven',
  'halfTrunc',
  'halfCeil',
  'halfFloor',
  'ceil',
  'floor',
  'expand',
  'trunc',
] as const
/** The rounding modes of ECMA-402, `roundingMode`. */
export type RoundingMode = (typeof ROUNDING_MODES)[number]

interface Dropped {
  /** What is dropped against half a unit: -1 less, 0 a tie, 1 more. Never nothing at all. */
  readonly half: number
  readonly negative: boolean
  readonly odd: boolean
}

/** For each mode: whether the kept digits grow by one when something is dropped. */
const growsBy: Record<RoundingMode, (dropped: Dropped) => boolean> = {
  halfExpand: ({ half }) => half >= 0,
  halfTrunc: ({ half }) => half > 0,
  halfEven: ({ half, odd }) => half > 0 || (half === 0 && odd),
  halfCeil: ({ half, negative }) => half > 0 || (half === 0 && !negative),
  halfFloor: ({ half, negative }) => half > 0 || (half === 0 && negative),
  expand: () => true,
  trunc: () => false,
  ceil: ({ negative }) => !negative,
  floor: ({ negative }) => negative,
}

/** Whether a number that lies between two goes away from zero, by whether its kept digits are odd. */
export type TieGrows = (odd: boolean, negative: boolean) => boolean
/**
 * Which way ties go in a mode.
 *
 * @example tieGrows('halfEven')(true, false) // true
 */
export const tieGrows =
  (mode: RoundingMode): TieGrows =>
  (odd, negative) =>
    growsBy[mode]({ half: 0, negative, odd })

/**
 * Modes whose result may be off by a whole unit of the last place.
 *
 * @example isDirected('floor') // true
 */
export const isDirected = (mode: RoundingMode): boolean => !mode.startsWith('half')

/** What twice the rest of a division is against its divisor: -1 less, 0 a tie, 1 more. */
function halfOf(twice: bigint, divisor: bigint): -1 | 0 | 1 {
  if (twice === divisor) return 0
  return twice < divisor ? -1 : 1
}

/**
 * The whole quotient of two integers, rounded.
 *
 * @param denominator above zero
 * @example divideRounded(5n, 2n, 'halfEven') // 2n
 */
export function divideRounded(numerator: bigint, denominator: bigint, mode: RoundingMode): bigint {
  const negative = numerator < 0n
  const size = absolute(numerator)
  let quotient = size / denominator
  const rest = size - quotient * denominator
  if (rest !== 0n) {
    const twice = rest * 2n
    const half = halfOf(twice, denominator)
    if (growsBy[mode]({ half, negative, odd: (quotient & 1n) === 1n })) quotient += 1n
  }
  return negative ? -quotient : quotient
}

/**
 * Rounds to a place: the integer n for which n × 10^place is the rounded value.
 *
 * @param place power of ten of the last digit kept
 * @example roundToPlace(decimal('1.005'), -2, 'halfExpand') // 101n
 */
export function roundToPlace(value: Decimal, place: number, mode: RoundingMode): bigint {
  const surplus = value.exponent - place
  if (surplus >= 0) return value.coefficient * tenTo(surplus)
  return divideRounded(value.coefficient, tenTo(-surplus), mode)
}

/**
 * The whole quotient of two decimals, rounded.
 *
 * @param divisor above zero
 * @example quotientRounded(decimal('1.03'), decimal('0.05'), 'halfExpand') // 21n
 */
export function quotientRounded(value: Decimal, divisor: Decimal, mode: RoundingMode): bigint {
  const surplus = value.exponent - divisor.exponent
  const numerator = value.coefficient * tenTo(Math.max(surplus, 0))
  return divideRounded(numerator, divisor.coefficient * tenTo(Math.max(-surplus, 0)), mode)
}

/**
 * Rounds to a multiple of an increment, in units of 10^(the increment's exponent).
 *
 * @param increment above zero
 * @example roundToIncrement(decimal('1.03'), decimal('0.05'), 'halfExpand') // 105n, hundredths
 */
export const roundToIncrement = (value: Decimal, increment: Decimal, mode: RoundingMode): bigint =>
  quotientRounded(value, increment, mode) * increment.coefficient

/**
 * How many decimals whole quotients by a number have; null where they do not end.
 *
 * @param divisor above zero
 * @example decimalsBy(8n) // 3, as in 0.125
 */
export function decimalsBy(divisor: bigint): number | null {
  let rest = divisor
  const counts = [2n, 5n].map((factor) => {
    let count = 0
    for (; rest % factor === 0n; rest /= factor) count++
    return count
  })
  return rest === 1n ? Math.max(...counts) : null
}

const QUOTIENT_DIGITS = 60
/** Digits of a dividend from which its quotient may have more than are kept. */
const LONG = 40

/** A quotient that ends, whatever its length; null for one that does not. */
function endingQuotient(a: Decimal, divisor: bigint, exponent: number): Decimal | null {
  const decimals = decimalsBy(divisor)
  if (decimals === null) return null
  return {
    coefficient: (a.coefficient * tenTo(decimals)) / divisor,
    exponent: a.exponent - exponent - decimals,
  }
}

/**
 * a ÷ b: exact where it ends within 60 significant digits, or ends at all where a has more than 40;
 * rounded to 60 otherwise.
 *
 * @param b not zero
 * @param mode which way it is rounded, by the sign of a
 * @example divide(decimal(1), decimal(8)) // 0.125
 */
export function divide(a: Decimal, b: Decimal, mode: RoundingMode = 'halfEven'): Decimal {
  if (a.coefficient === 0n) return a
  const sign = b.coefficient < 0n ? -1n : 1n
  const ending =
    leadingPower(a) - a.exponent > LONG
      ? endingQuotient(a, absolute(b.coefficient), b.exponent)
      : null
  if (ending) return { ...ending, coefficient: sign * ending.coefficient }
  const place = leadingPower(a) - leadingPower(b) - QUOTIENT_DIGITS
  const unit = { coefficient: absolute(b.coefficient), exponent: b.exponent + place }
  return { coefficient: sign * quotientRounded(a, unit, mode), exponent: place }
}
