import { parseDecimal, toText } from '../../core/decimal/decimal'

export type DecimalMark = '.' | ','

const MISSING = new Set([
  '',
  'na',
  'n/a',
  'n.a.',
  'nan',
  'null',
  '-',
  '–',
  '—',
  '..',
  '...',
  '#n/a',
])
const BLANK_GROUPS = /(?<=\d)[ \u00a0\u202f'’](?=\d{3}(?!\d))/g

/** Whether a cell stands for a missing value. */
export const isMissing = (cell: string): boolean => MISSING.has(cell.trim().toLowerCase())

/** Digits with this decimal mark, the other one as group mark, whole or none. */
const numerals: Record<DecimalMark, RegExp> = {
  '.': /^[+-]?(?:\d+|\d{1,3}(?:,\d{3})+)(?:\.\d+)?(?:[eE][+-]?\d{1,4})?$/,
  ',': /^[+-]?(?:\d+|\d{1,3}(?:\.\d{3})+)(?:,\d+)?(?:[eE][+-]?\d{1,4})?$/,
}

/**
 * Reads a cell as a number, with grouped digits and a true minus allowed.
 *
 * @param mark the table's decimal mark
 * @returns plain decimal text, or null when the cell is no number
 * @example readCell('1.234,5', ',') // '1234.5'
 */
export function readCell(cell: string, mark: DecimalMark): string | null {
  const text = cell.trim().replace('\u2212', '-').replace(BLANK_GROUPS, '')
  if (!numerals[mark].test(text)) return null
  const bare = mark === '.' ? text.replaceAll(',', '') : text.replaceAll('.', '').replace(',', '.')
  const read = parseDecimal(bare)
  return read && toText(read)
}

/** Whether a cell is a code such as 007, whose zeros a number would lose. */
export const isCode = (cell: string): boolean => /^0\d+$/.test(cell.trim())

/**
 * Digits that a double keeps, whatever they are: IEEE 754 binary64 holds every decimal of so many.
 */
const KEPT_DIGITS = 15
/** Powers of ten up to here are doubles, and one rounding by them is the right one. */
const TENS = Float64Array.from({ length: 23 }, (_, power) => Number(`1e${power}`))
const code = (mark: string): number => mark.charCodeAt(0)
const [ZERO, MINUS, SMALL_E, LARGE_E] = [code('0'), code('-'), code('e'), code('E')]
const isDigit = (unit: number): boolean => unit >= ZERO && unit <= ZERO + 9

/**
 * Reads a cell in one go where it is a plain number, as most are: at most 15 digits without group
 * marks, no idle zero before them, perhaps an exponent. Its double then has the same shortest
 * digits.
 *
 * @returns NaN for every other cell, which `readCell` must read
 * @example plainNumber('12.50', '.') // 12.5; of '012', '1,200' and 'Holm' NaN
 */
export function plainNumber(cell: string, mark: DecimalMark): number {
  const { length } = cell
  const first = cell.charCodeAt(0) === MINUS ? 1 : 0
  const point = code(mark)
  let at = first
  let digits = 0
  let decimals = 0
  let mantissa = 0
  for (; at < length; at++) {
    const unit = cell.charCodeAt(at)
    if (isDigit(unit)) mantissa = mantissa * 10 + (unit - ZERO)
    else if (unit === point && decimals === 0 && at > first && isDigit(cell.charCodeAt(at + 1))) {
      decimals = at + 1
      continue
    } else break
    if (++digits > KEPT_DIGITS) return NaN
  }
  // A code such as 007, or zero with a minus.
  if (
    digits === 0 ||
    (cell.charCodeAt(first) === ZERO &&
      ((first === 1 && mantissa === 0) || (digits > 1 && decimals !== first + 2)))
  )
    return NaN
  let power = decimals === 0 ? 0 : decimals - at
  if (at < length) {
    const mayEnd = cell.charCodeAt(at)
    if (mayEnd !== SMALL_E && mayEnd !== LARGE_E) return NaN
    const exponent = cell.slice(at + 1)
    if (!/^[+-]?\d{1,2}$/.test(exponent)) return NaN
    power += Number(exponent)
  }
  if (power >= TENS.length || -power >= TENS.length) return NaN
  const size = power < 0 ? mantissa / TENS[-power]! : mantissa * TENS[power]!
  return first === 1 ? -size : size
}

/**
 * Which decimal mark a cell speaks for: 1 for a point, -1 for a comma, 0 where both or neither
 * explain it.
 *
 * @param delimiter what parts the cells; a semicolon speaks for decimal commas
 * @example speaksFor('1,5', ';') // -1
 */
export function speaksFor(cell: string, delimiter: string): number {
  const text = cell.trim()
  const asPoint = numerals['.'].test(text)
  const asComma = numerals[','].test(text)
  if (asPoint !== asComma) return asPoint ? 1 : -1
  return asPoint && delimiter === ';' && text.includes(',') ? -1 : 0
}
