import { type Decimal, fromNumber, toNumber, toText, ZERO } from './decimal'

const powers: bigint[] = [1n]

/**
 * 10ⁿ as a bigint, kept once made.
 *
 * @param n 0 or more
 * @example tenTo(3) // 1000n
 */
export function tenTo(n: number): bigint {
  if (n > 2000) return 10n ** BigInt(n)
  for (let i = powers.length; i <= n; i++) powers.push(powers[i - 1]! * 10n)
  return powers[n]!
}

export const absolute = (a: bigint): bigint => (a < 0n ? -a : a)

/** Both coefficients over the smaller exponent. */
function align(a: Decimal, b: Decimal): [bigint, bigint, number] {
  const exponent = Math.min(a.exponent, b.exponent)
  return [
    a.coefficient * tenTo(a.exponent - exponent),
    b.coefficient * tenTo(b.exponent - exponent),
    exponent,
  ]
}

/** Exact sum. @example add(decimal('0.1'), decimal('0.2')) // 0.3 */
export function add(a: Decimal, b: Decimal): Decimal {
  if (a.exponent === b.exponent)
    return { coefficient: a.coefficient + b.coefficient, exponent: a.exponent }
  if (a.coefficient === 0n) return b
  if (b.coefficient === 0n) return a
  const [left, right, exponent] = align(a, b)
  return { coefficient: left + right, exponent }
}

/**
 * The same size with the other sign.
 *
 * @example negate(decimal('0.5')) // -0.5
 */
export function negate(a: Decimal): Decimal {
  return { coefficient: -a.coefficient, exponent: a.exponent }
}

/**
 * Exact difference, a − b.
 *
 * @example subtract(decimal('1'), decimal('0.9')) // 0.1
 */
export function subtract(a: Decimal, b: Decimal): Decimal {
  return add(a, negate(b))
}

/** Exact product. @example multiply(decimal('0.5'), decimal('0.5')) // 0.25 */
export function multiply(a: Decimal, b: Decimal): Decimal {
  return { coefficient: a.coefficient * b.coefficient, exponent: a.exponent + b.exponent }
}

/**
 * a × 10ⁿ.
 *
 * @example shift(decimal('1.5'), 3) // 1500
 */
export function shift(a: Decimal, n: number): Decimal {
  return { coefficient: a.coefficient, exponent: a.exponent + n }
}

/**
 * |a|
 *
 * @example magnitudeOf(decimal('-2')) // 2
 */
export function magnitudeOf(a: Decimal): Decimal {
  return a.coefficient < 0n ? negate(a) : a
}

/**
 * Floor of log10 |a|: the power of ten of the leading digit.
 *
 * @returns -Infinity for zero
 * @example leadingPower(decimal('1500')) // 3
 */
export function leadingPower(a: Decimal): number {
  if (a.coefficient === 0n) return -Infinity
  return absolute(a.coefficient).toString().length - 1 + a.exponent
}

/**
 * The logarithm to base 10 of a number above zero, however far from one it is, as a double.
 *
 * @example log10(decimal('1e400')) // 400
 */
export function log10(a: Decimal): number {
  const power = leadingPower(a)
  return power + Math.log10(toNumber({ coefficient: a.coefficient, exponent: a.exponent - power }))
}

/** Exponents that are this near are brought to one at less cost than digits are counted. */
const NEAR_EXPONENTS = 40

/** Order of two integers: -1, 0 or 1. */
function order(a: bigint, b: bigint): -1 | 0 | 1 {
  if (a === b) return 0
  return a < b ? -1 : 1
}

/**
 * Order of two decimals: negative, zero or positive as a is below, equal to or above b.
 *
 * @example compare(decimal('1e-320'), decimal('2e300')) // -1
 */
export function compare(a: Decimal, b: Decimal): number {
  const signA = order(a.coefficient, 0n)
  const signB = order(b.coefficient, 0n)
  if (signA !== signB) return signA < signB ? -1 : 1
  if (signA === 0) return 0
  if (a.exponent === b.exponent) return order(a.coefficient, b.coefficient)
  // Far apart, coefficients of one exponent would have thousands of digits.
  if (Math.abs(a.exponent - b.exponent) <= NEAR_EXPONENTS) {
    const [left, right] = align(a, b)
    return order(left, right)
  }
  const powerA = leadingPower(a)
  const powerB = leadingPower(b)
  if (powerA !== powerB) return powerA < powerB ? -signA : signA
  const [left, right] = align(a, b)
  return order(left, right)
}

/**
 * Exact sum of many.
 *
 * @example sum([decimal('0.1'), decimal('0.2')]) // 0.3
 */
export function sum(values: Iterable<Decimal>): Decimal {
  let total = ZERO
  for (const value of values) total = add(total, value)
  return total
}

/**
 * Whether a number is the shortest text of its double, so that a double keeps every digit of it.
 *
 * @example fitsDouble(decimal('0.1')) // true; of '12345678901234567890' false
 */
export function fitsDouble(value: Decimal): boolean {
  const double = toNumber(value)
  return Number.isFinite(double) && compare(fromNumber(double), value) === 0
}

/**
 * Decimals that a step needs so that every one of its multiples is told exactly.
 *
 * @example decimalsOf(decimal('0.125')) // 3
 */
export function decimalsOf(step: Decimal): number {
  const fraction = toText(step).split('.')[1]
  return fraction?.length ?? 0
}
