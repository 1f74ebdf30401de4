import { absolute, tenTo } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'
import { decimalsBy } from '../decimal/round'

/** An exact fraction of whole numbers, reduced; its denominator is above zero. */
export interface Rational {
  readonly numerator: bigint
  readonly denominator: bigint
}

/** Greatest common divisor, by Euclid. */
const common = (a: bigint, b: bigint): bigint => (b === 0n ? a : common(b, a % b))

/**
 * A fraction, reduced.
 *
 * @param denominator not zero
 * @example rational(10n, -4n) // -5 over 2
 */
export function rational(numerator: bigint, denominator: bigint): Rational {
  const by = common(absolute(numerator), absolute(denominator)) * (denominator < 0n ? -1n : 1n)
  return { numerator: numerator / by, denominator: denominator / by }
}

export const ONE_WHOLE: Rational = { numerator: 1n, denominator: 1n }
export const NOTHING: Rational = { numerator: 0n, denominator: 1n }

/** Exact product. @example times(rational(2n, 3n), rational(3n, 4n)) // 1 over 2 */
export const times = (a: Rational, b: Rational): Rational =>
  rational(a.numerator * b.numerator, a.denominator * b.denominator)

/** Exact quotient. @param b not zero @example over(ONE_WHOLE, rational(2n, 3n)) // 3 over 2 */
export const over = (a: Rational, b: Rational): Rational =>
  rational(a.numerator * b.denominator, a.denominator * b.numerator)

/** Exact difference. @example minus(ONE_WHOLE, rational(1n, 3n)) // 2 over 3 */
export const minus = (a: Rational, b: Rational): Rational =>
  rational(a.numerator * b.denominator - b.numerator * a.denominator, a.denominator * b.denominator)

/** aⁿ, for whole n of either sign. @param a not zero @example raised(rational(2n, 1n), -2) // 1 over 4 */
export function raised(a: Rational, n: number): Rational {
  const power = BigInt(Math.abs(n))
  const size = { numerator: a.numerator ** power, denominator: a.denominator ** power }
  return n < 0 ? over(ONE_WHOLE, size) : size
}

/**
 * A fraction as a decimal; null where its digits do not end.
 *
 * @example toDecimal(rational(1n, 8n)) // 0.125; of a third null
 */
export function toDecimal({ numerator, denominator }: Rational): Decimal | null {
  const decimals = decimalsBy(denominator)
  if (decimals === null) return null
  return { coefficient: (numerator * tenTo(decimals)) / denominator, exponent: -decimals }
}

/** A fraction whose two numbers are decimal text, as a Plan holds it. */
export type RationalText = readonly [numerator: string, denominator: string]
/** @example fromTexts(['5', '9']) // 5 over 9 */
export const fromTexts = ([numerator, denominator]: RationalText): Rational =>
  rational(BigInt(numerator), BigInt(denominator))
/** @example asTexts(rational(10n, 18n)) // ['5', '9'] */
export const asTexts = ({ numerator, denominator }: Rational): RationalText => [
  String(numerator),
  String(denominator),
]
