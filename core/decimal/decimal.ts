import { withoutEndZeros } from './zeros'

/**
 * An exact decimal number: coefficient × 10^exponent. Nothing in the core decides a digit
 * from a binary fraction; every value becomes one of these first.
 */
export interface Decimal {
  readonly coefficient: bigint
  readonly exponent: number
}

export const ZERO: Decimal = { coefficient: 0n, exponent: 0 }
export const ONE: Decimal = { coefficient: 1n, exponent: 0 }

/** Decimal text: sign, digits, decimals and power of ten. */
export const NUMERAL = /^([+-]?)(\d+)(?:\.(\d+))?(?:[eE]([+-]?\d+))?$/

/** No work grows with an exponent that somebody wrote: so many digits and powers are taken. */
export const MOST_PLACES = 10_000

/**
 * Reads decimal text, `[+-]digits[.digits][e±n]`, without loss.
 *
 * @param text no grouping, no blanks
 * @returns the decimal, or null when the text is no numeral, or one of more than 10,000 digits or
 *   powers of ten
 * @example parseDecimal('-1.50e3') // { coefficient: -150n, exponent: 1 }
 */
export function parseDecimal(text: string): Decimal | null {
  const match = NUMERAL.exec(text)
  if (!match) return null
  const [, sign, whole = '', fraction = '', power = '0'] = match
  const digits = whole + fraction
  const exponent = Number(power) - fraction.length
  if (Math.max(digits.length, Math.abs(exponent + digits.length)) > MOST_PLACES) return null
  const coefficient = BigInt(digits)
  return { coefficient: sign === '-' ? -coefficient : coefficient, exponent }
}

/**
 * The decimal that a finite JavaScript number means: its shortest round-trip digits
 * (ECMA-262, Number::toString), so 1.005 is 1.005 and not the binary fraction beside it.
 *
 * @throws RangeError for NaN and the infinities
 * @example fromNumber(0.125) // { coefficient: 125n, exponent: -3 }
 */
export function fromNumber(value: number): Decimal {
  const decimal = parseDecimal(String(value))
  if (!decimal) throw new RangeError(`${value} is not a finite number`)
  return decimal
}

/**
 * A decimal from whatever stands for a number in code: a number, a bigint, decimal text.
 *
 * @throws RangeError when it stands for none
 * @example decimal('0.1') // { coefficient: 1n, exponent: -1 }
 */
export function decimal(value: number | bigint | string): Decimal {
  if (typeof value === 'bigint') return { coefficient: value, exponent: 0 }
  if (typeof value === 'number') return fromNumber(value)
  const read = parseDecimal(value)
  if (!read) throw new RangeError(`"${value}" is not decimal text`)
  return read
}

/**
 * Plain decimal text: no exponent, no trailing zeros, `-` as the only sign.
 *
 * @example toText({ coefficient: 1500n, exponent: -3 }) // '1.5'
 */
export function toText({ coefficient, exponent }: Decimal): string {
  if (coefficient === 0n) return '0'
  const sign = coefficient < 0n ? '-' : ''
  const digits = (coefficient < 0n ? -coefficient : coefficient).toString()
  if (exponent >= 0) return sign + digits + '0'.repeat(exponent)
  const padded = digits.padStart(1 - exponent, '0')
  const fraction = withoutEndZeros(padded.slice(exponent))
  return sign + padded.slice(0, exponent) + (fraction && '.' + fraction)
}

/**
 * Every digit as decimal text with an exponent: short whatever the size, and read back as the same
 * decimal.
 *
 * @example toExactText({ coefficient: 15n, exponent: -320 }) // '15e-320'
 */
export const toExactText = ({ coefficient, exponent }: Decimal): string =>
  `${coefficient}e${exponent}`

/**
 * Whole numbers up to here, and powers of ten up to here, are exact doubles; IEEE 754 rounds one
 * operation on them rightly.
 */
const MOST_EXACT = 2 ** 53
// Marked pure, so that modules that make no doubles leave it out.
const TENS = /* @__PURE__ */ Float64Array.from({ length: 23 }, (_, power) => Number(`1e${power}`))

/**
 * The nearest double: by one exact operation where there is one, else through text, whose reading
 * ECMA-262 defines as exact.
 *
 * @example toNumber({ coefficient: 1n, exponent: -1 }) // 0.1
 */
export function toNumber(value: Decimal): number {
  const { coefficient, exponent } = value
  const digits = Number(coefficient)
  if (Math.abs(digits) < MOST_EXACT && Math.abs(exponent) < TENS.length)
    return exponent < 0 ? digits / TENS[-exponent]! : digits * TENS[exponent]!
  return Number(toExactText(value))
}
