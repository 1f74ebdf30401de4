import { compare, magnitudeOf, shift } from './arithmetic'
import type { Decimal } from './decimal'

export type Base = 10 | 2

/** a × base^power, exactly: a power of two below 1 is a power of five over a power of ten. */
export function scaleBy(a: Decimal, base: Base, power: number): Decimal {
  if (base === 10 || power === 0) return shift(a, power)
  if (power > 0) return { coefficient: a.coefficient << BigInt(power), exponent: a.exponent }
  return { coefficient: a.coefficient * 5n ** BigInt(-power), exponent: a.exponent + power }
}

const ONE: Decimal = { coefficient: 1n, exponent: 0 }

/**
 * Whether |a| is base^power or more.
 *
 * @example reaches(decimal(1023), 2, 10) // false
 */
export const reaches = (a: Decimal, base: Base, power: number): boolean => compare(magnitudeOf(a), scaleBy(ONE, base, power)) >= 0

