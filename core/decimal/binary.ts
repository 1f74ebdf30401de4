import { compare, magnitudeOf } from './arithmetic'
import { type Decimal, ONE } from './decimal'

/**
 * a × 2^power, exactly: a power of two below 1 is a power of five over a power of ten.
 *
 * @example scaleByTwos(decimal('3'), -2) // 0.75
 */
export function scaleByTwos(a: Decimal, power: number): Decimal {
  if (power > 0) return { coefficient: a.coefficient << BigInt(power), exponent: a.exponent }
  return { coefficient: a.coefficient * 5n ** BigInt(-power), exponent: a.exponent + power }
}

/** Whether |a| is 2^power or more. @example reachesTwos(decimal(1023), 10) // false */
export const reachesTwos = (a: Decimal, power: number): boolean =>
  compare(magnitudeOf(a), scaleByTwos(ONE, power)) >= 0
