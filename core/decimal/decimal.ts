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

const NUMERAL = /^([+-]?)(\d+)(?:\.(\d+))?(?:[eE]([+-]?\d+))?$/

/**
 * What numbers are taken: no work grows with an exponent that somebody wrote. Digits of a number,
 * and the power of ten of its first digit, which is 0 for all digits zero.
 */
export const NUMBER_LIMITS = { digits: 10_000, power: 10_000 } as const
/** In words, for messages. */
export const NUMBERS_TAKEN = 'numbers have at most 10,000 digits, and exponents go to ±10,000'
/** A text and a power up to here are within the limits, whatever they say. */
const SURELY_WITHIN = 300

/** Reads a numeral, with the power of ten of its first digit. */
function readNumeral(text: string) {
  const match = NUMERAL.exec(text)
  if (!match) return null
  const [, sign = '', whole = '', fraction = '', power = '0'] = match
  const digits = whole + fraction
  const exponent = Number(power) - fraction.length
  const isShort = text.length <= SURELY_WITHIN && Math.abs(exponent) <= SURELY_WITHIN
  if (isShort) return { sign, digits, exponent, isWithin: true }
  const bare = digits.replace(/^0+/, '')
  const first = exponent + bare.length - 1
  const isWithin =
    digits.length <= 2 * NUMBER_LIMITS.digits &&
    bare.length <= NUMBER_LIMITS.digits &&
    Math.abs(bare === '' ? exponent : first) <= NUMBER_LIMITS.power
  return { sign, digits: bare || '0', exponent, isWithin }
}

/**
 * Reads decimal text, `[+-]digits[.digits][e±n]`, without loss.
 *
 * @param text no grouping, no blanks
 * @returns the decimal, or null when the text is no numeral, or one beyond the limits
 * @example parseDecimal('-1.50e3') // { coefficient: -150n, exponent: 1 }
 */
export function parseDecimal(text: string): Decimal | null {
  const read = readNumeral(text)
  if (!read?.isWithin) return null
  const coefficient = BigInt(read.digits)
  return {
    coefficient: read.sign === '-' ? -coefficient : coefficient,
    exponent: read.exponent,
  }
}

/**
 * Whether a text is a numeral with more digits, or a larger exponent, than numbers may have.
 *
 * @example isBeyond('1e9999999') // true
 */
export const isBeyond = (text: string): boolean => readNumeral(text)?.isWithin === false

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
  const fraction = padded.slice(exponent).replace(/0+$/, '')
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
