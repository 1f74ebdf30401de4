import { compare, leadingPower, magnitudeOf, subtract } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { divide, quotientRounded } from '../decimal/round'
import { keep } from './keep'
import type { Rule, SignState, Written } from './types'

const LARGEST_DENOMINATOR = 12
/** How far a ratio may lie from a simple fraction that stands for it. */
const TOLERANCE = decimal('1e-9')
/**
 * From this power of ten on, a ratio of 60 digits has too few behind the mark to tell fractions
 * apart by that much.
 */
const UNTOLD = 48

interface Fraction {
  readonly numerator: bigint
  readonly denominator: number
}
const times = ({ coefficient, exponent }: Decimal, by: number): Decimal => ({
  coefficient: coefficient * BigInt(by),
  exponent,
})
const DENOMINATORS = Array.from({ length: LARGEST_DENOMINATOR }, (_, at) => at + 1)

/** The simplest fraction within the tolerance, or null. */
function simpleFraction(ratio: Decimal): Fraction | null {
  for (const denominator of DENOMINATORS) {
    const part = divide(decimal(1), decimal(denominator))
    const numerator = quotientRounded(times(ratio, denominator), decimal(1), 'halfEven')
    const stands = { coefficient: part.coefficient * numerator, exponent: part.exponent }
    if (compare(magnitudeOf(subtract(ratio, stands)), TOLERANCE) <= 0)
      return { numerator, denominator }
  }
  return null
}

const isMore = (a: Fraction, b: Fraction): boolean =>
  a.numerator * BigInt(b.denominator) > b.numerator * BigInt(a.denominator)

/**
 * The simple fraction that rounding stepped over, the one closest to the ratio; null where it
 * stepped over none. A ratio on the other side of it would read in the wrong order.
 */
function steppedOver(ratio: Decimal, rounded: Decimal): Fraction | null {
  const direction = compare(rounded, ratio)
  if (direction === 0) return null
  const upwards = direction > 0
  const closest = DENOMINATORS.map((denominator) => ({
    numerator: quotientRounded(times(ratio, denominator), decimal(1), upwards ? 'ceil' : 'floor'),
    denominator,
  })).reduce((best, one) => ((upwards ? isMore(best, one) : isMore(one, best)) ? one : best))
  const beyond = compare(times(rounded, closest.denominator), {
    coefficient: closest.numerator,
    exponent: 0,
  })
  return (upwards ? beyond > 0 : beyond < 0) ? closest : null
}

/**
 * Decides a label that counts a constant: a simple fraction of it where one fits, a decimal
 * factor otherwise. A factor that rounds to a simple fraction is written as that fraction, so
 * that the label reads back to itself; one that would round past a simple fraction stops there,
 * so that labels keep the order of their numbers. With an increment, its multiples alone are
 * written. Exact to 60 digits, those of the constants.
 *
 * @param value in the constant's own unit
 * @example decideMultiple(rule, decimal('-2.0943951023931953'), sign) // of π: 2 over 3, negative
 */
export function decideMultiple(
  rule: Rule,
  value: Decimal,
  sign: (negative: boolean, zero: boolean) => SignState,
): Omit<Written, 'rule' | 'bound'> {
  const ratio = divide(value, decimal(rule.multiple!.value))
  const rounded = keep(rule.precision, ratio)
  const size = magnitudeOf(ratio)
  const decimals = { coefficient: rounded.digits, exponent: rounded.place }
  const isTold = leadingPower(size) < UNTOLD
  const near = () =>
    rule.precision.increment === null ? (simpleFraction(size) ?? steppedOver(size, decimals)) : null
  const simple = isTold ? (near() ?? simpleFraction(decimals)) : null
  const kept = simple ? { digits: simple.numerator, place: 0, decimals: 0 } : rounded
  const zero = kept.digits === 0n
  return {
    kind: 'number',
    sign: sign(value.coefficient < 0n && !zero, zero),
    ...kept,
    rung: 0,
    exponent: null,
    denominator: simple?.denominator ?? 1,
  }
}
