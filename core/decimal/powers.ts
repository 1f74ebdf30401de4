import { leadingPower, multiply, shift } from './arithmetic'
import { reachesTwos, scaleByTwos } from './binary'
import { type Decimal, ONE } from './decimal'
import { divide, roundToPlace } from './round'

export type Base = 10 | 2

/**
 * a × base^power, exactly.
 *
 * @example scaleBy(decimal('3'), 2, -2) // 0.75
 */
export function scaleBy(a: Decimal, base: Base, power: number): Decimal {
  return base === 10 || power === 0 ? shift(a, power) : scaleByTwos(a, power)
}

/**
 * Whether |a| is base^power or more; a power of ten is told by the leading digit alone.
 *
 * @example reaches(decimal(1023), 2, 10) // false
 */
export const reaches = (a: Decimal, base: Base, power: number): boolean =>
  base === 10 ? leadingPower(a) >= power : reachesTwos(a, power)

/** Digits that are kept of a power, as of a quotient; and on the way to it. */
const [POWER_DIGITS, WORKING_DIGITS] = [60, 80]
function trimmed(value: Decimal, digits: number): Decimal {
  const last = leadingPower(value) - digits
  return value.exponent >= last
    ? value
    : { coefficient: roundToPlace(value, last, 'halfEven'), exponent: last }
}
/**
 * A whole power of any number but zero, to 60 digits: by squaring.
 *
 * @param n whole, above or below zero
 * @example powerOf(decimal('2.5'), -2) // 0.16
 */
export function powerOf(base: Decimal, n: number): Decimal {
  let [result, square] = [ONE, base]
  for (let left = Math.abs(n); left > 0; left = Math.floor(left / 2)) {
    if (left % 2 === 1) result = trimmed(multiply(result, square), WORKING_DIGITS)
    square = trimmed(multiply(square, square), WORKING_DIGITS)
  }
  return n < 0 ? divide(ONE, result) : trimmed(result, POWER_DIGITS)
}
