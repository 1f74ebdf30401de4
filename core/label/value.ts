import { type Decimal, fromNumber, isBeyond, NUMBERS_TAKEN, parseDecimal } from '../decimal/decimal'
import type { Value } from './types'

/** A value that was no number, with its place among the values. */
export class ValueError extends Error {
  override name = 'ValueError'
}

const MOST_SHOWN = 40
const brief = (text: string): string =>
  JSON.stringify(text.length > MOST_SHOWN ? `${text.slice(0, MOST_SHOWN)}…` : text)
/**
 * Why a text is no number that is taken: it is none at all, or beyond the limits.
 *
 * @example whyNoNumber('1e9999999') // '"1e9999999" is beyond what is taken: …'
 */
export const whyNoNumber = (text: string): string =>
  isBeyond(text)
    ? `${brief(text)} is beyond what is taken: ${NUMBERS_TAKEN}`
    : `${brief(text)} is not a number`

/** A finite number, one of the infinities (1, -1) or nothing at all (null). */
export type Amount = Decimal | 1 | -1 | null

const INFINITY = /^([+-]?)Infinity$/

/**
 * Takes in a value: a number, a bigint, decimal text, `Infinity`, or a missing one.
 *
 * @param value what stands in a cell; null, undefined, empty text and NaN are missing
 * @param at its index, for the message
 * @throws ValueError for anything else
 * @example amountOf('1.50') // { coefficient: 150n, exponent: -2 }
 */
export function amountOf(value: Value, at?: number): Amount {
  if (value === null || value === undefined || value === '') return null
  if (typeof value === 'bigint') return { coefficient: value, exponent: 0 }
  if (typeof value === 'number') {
    if (Number.isFinite(value)) return fromNumber(value)
    if (Number.isNaN(value)) return null
    return value > 0 ? 1 : -1
  }
  if (typeof value === 'string') {
    const read = parseDecimal(value)
    if (read) return read
    if (value === 'NaN') return null
    const infinite = INFINITY.exec(value)
    if (infinite) return infinite[1] === '-' ? -1 : 1
  }
  const where = at === undefined ? '' : `values[${at}]: `
  const why =
    typeof value === 'string' ? whyNoNumber(value) : `${JSON.stringify(value)} is not a number`
  throw new ValueError(`${where}${why}; give a number, decimal text such as "-1.5e3", or null`)
}

/** Whether an amount is a finite number. */
export const isFiniteAmount = (amount: Amount): amount is Decimal =>
  amount !== null && typeof amount === 'object'
/**
 * Whether there is no number at all.
 *
 * @throws ValueError for what is no number
 */
export const isMissing = (value: Value): boolean => amountOf(value) === null
