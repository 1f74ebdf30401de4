import { add, leadingPower, multiply, tenTo } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'
import { divide, divideRounded, type RoundingMode } from '../decimal/round'
import type { Rational } from './rational'

/** What leads from one measure to another: value × scale + shift, exactly. */
export interface Conversion {
  readonly scale: Rational
  readonly shift: Rational
}
const whole = (n: bigint): Decimal => ({ coefficient: n, exponent: 0 })
/** An exact quotient: of a decimal and a whole number above zero. */
export interface Quotient {
  readonly dividend: Decimal
  readonly divisor: bigint
}

/**
 * A value in another measure, exactly.
 *
 * @param value in the measure converted from
 * @example converted(decimal('1'), conversionOf('foot', 'meter')) // 381 over 1250
 */
export function converted(value: Decimal, { scale, shift }: Conversion): Quotient {
  return {
    dividend: add(
      multiply(value, whole(scale.numerator * shift.denominator)),
      whole(shift.numerator * scale.denominator),
    ),
    divisor: scale.denominator * shift.denominator,
  }
}

/**
 * A value in another measure as a decimal: exact where it ends within 60 digits.
 *
 * @example convertedDecimal(decimal('1'), conversionOf('foot', 'meter')) // 0.3048
 */
export function convertedDecimal(value: Decimal, conversion: Conversion): Decimal {
  const { dividend, divisor } = converted(value, conversion)
  return divide(dividend, whole(divisor))
}

/** Digits that a quotient which does not end is told with, at least. */
const DIGITS = 60

/**
 * The quotient for rounding: exact where it ends, else cut off at a place with a 1 behind it, which
 * rounds like all the digits that follow there.
 *
 * @param place of the last digit that may be kept; finer ones are told too where the number is
 *   small
 * @example forRounding({ dividend: decimal('1'), divisor: 3n }, 0) // 0.333…31, 62 digits
 */
export function forRounding({ dividend, divisor }: Quotient, place: number): Decimal {
  if (divisor === 1n || dividend.coefficient === 0n) return dividend
  const lead = leadingPower(dividend) - String(divisor).length
  const last = Math.min(lead - DIGITS, place, dividend.exponent)
  const numerator = dividend.coefficient * tenTo(dividend.exponent - last)
  const quotient = divideRounded(numerator, divisor, 'trunc')
  if (quotient * divisor === numerator) return { coefficient: quotient, exponent: last }
  const sticky = numerator < 0n ? -1n : 1n
  return { coefficient: quotient * 10n + sticky, exponent: last - 1 }
}

/**
 * A number as it was before it was converted: exact where it ends within 60 digits.
 *
 * @param isSpan whether it is a distance between two numbers, which no shift moves
 * @param mode which way one that does not end is rounded
 * @example unconverted(decimal('212'), conversionOf('celsius', 'fahrenheit'), false) // 100
 */
export function unconverted(
  number: Decimal,
  { scale, shift }: Conversion,
  isSpan: boolean,
  mode?: RoundingMode,
): Decimal {
  const moved = isSpan
    ? multiply(number, whole(shift.denominator))
    : add(multiply(number, whole(shift.denominator)), whole(-shift.numerator))
  return divide(
    multiply(moved, whole(scale.denominator)),
    whole(shift.denominator * scale.numerator),
    mode,
  )
}
