import { type Decimal, fromNumber, parseDecimal } from '../decimal/decimal'
import type { Value } from './types'

/** A value that was no number, with its place among the values. */
export class ValueError extends Error {
  override name = 'ValueError'
}

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
  throw new ValueError(
    `${where}${JSON.stringify(value)} is not a number; give a number, decimal text such as "-1.5e3" (10,000 digits), or null`,
  )
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
