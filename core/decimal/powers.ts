import { compare, leadingPower, magnitudeOf, shift } from './arithmetic'
import { type Decimal, ONE } from './decimal'

export type Base = 10 | 2

/**
 * a × base^power, exactly: a power of two below 1 is a power of five over a power of ten.
 *
 * @example scaleBy(decimal('3'), 2, -2) // 0.75
 */
export function scaleBy(a: Decimal, base: Base, power: number): Decimal {
  if (base === 10 || power === 0) return shift(a, power)
  if (power > 0) return { coefficient: a.coefficient << BigInt(power), exponent: a.exponent }
  return { coefficient: a.coefficient * 5n ** BigInt(-power), exponent: a.exponent + power }
}

/**
 * Whether |a| is base^power or more; a power of ten is told by the leading digit alone.
 *
 * @example reaches(decimal(1023), 2, 10) // false
 */
export const reaches = (a: Decimal, base: Base, power: number): boolean =>
  base === 10 ? leadingPower(a) >= power : compare(magnitudeOf(a), scaleBy(ONE, base, power)) >= 0
