import { shift } from '../../core/decimal/arithmetic'
import { parseDecimal, toText } from '../../core/decimal/decimal'
import { type DecimalMark, readCell } from './cells'
import { besideOf, MILLION_OR_METRE, rungNamed } from '../../core/style/besideNumbers'
import { unitNamed } from '../../core/units/names'
import { isMoney } from '../../core/units'

/** A cell that is a number with something around it. */
export interface Written {
  /** Plain decimal text of the digits alone, with their sign. */
  readonly number: string
  /** The digits as they stand, which tell the decimal mark. */
  readonly digits: string
  readonly power: number
  /** The text of the unit; empty where there is none. */
  readonly unit: string
  readonly isInParentheses: boolean
}

/** No number with its unit is longer; the patterns below take longer than that for a long text. */
const LONGEST = 80
const BLANKS = /[\u00a0\u202f\u2009]/g
const FOOTNOTE = /(?:[*†‡§]+|(?<=\d)[¹²³]|\s?\[[\da-z]{1,2}\]|\s?\([a-z]\))$/
const LABEL = /^([^\d.,+-]*)([+-]?)([^\d.,+-]*)(\d[\d.,'’ ]*|[.,]\d+)(?<! )( ?)(.*)$/s
/** Texts of units hold letters, signs of currencies and those of parts; digits as powers alone. */
const UNIT = /^(?:'000|[\p{L}\p{Sc}%‰°µ.²³/· ]{0,24}[23]?)$/u

/** The digits of a text with what stands around them; null where it is none. */
function partsOf(cell: string) {
  if (cell.length > LONGEST) return null
  const text = cell
    .trim()
    .replace(BLANKS, ' ')
    .replace(/\u2212/g, '-')
    .replace(FOOTNOTE, '')
  const inner =
    /^\((.*)\)$/s.exec(text)?.[1] ?? /^(\p{Sc})\((.*)\)$/su.exec(text)?.slice(1).join('')
  const isInParentheses = inner !== undefined
  const found = LABEL.exec((inner ?? text).replace(/^(.*\d)-$/s, '-$1'))
  if (!found) return null
  const [, before = '', sign, between = '', digits = '', , after = ''] = found
  const around = `${before}${between}`.trim()
  if (!UNIT.test(after.trim()) || (around !== '' && after.trim() !== '' && !isBesideMoney(after)))
    return null
  return { around, sign, digits: digits.trim(), after: after.trim(), isInParentheses }
}
/** Behind an amount of money a rung may stand. */
const isBesideMoney = (after: string): boolean => {
  const text = after.trim()
  return rungNamed(text) !== undefined || text === MILLION_OR_METRE
}

/**
 * Reads a cell as a number that was written as a label: with a rung, a unit, a currency, in
 * parentheses, or several of these.
 *
 * @param mark the decimal mark
 * @returns null for a cell that is none; before a number only money is known
 * @example readWritten('€ 1.2M', '.') // { number: '1.2', power: 6, unit: '€', … }
 */
export function readWritten(cell: string, mark: DecimalMark): Written | null {
  const parts = partsOf(cell)
  if (!parts) return null
  const { around, sign, digits, after, isInParentheses } = parts
  if (around !== '' && !isMoney(unitNamed(around))) return null
  const read = readCell(digits, mark)
  if (read === null) return null
  const isNegative = isInParentheses !== (sign === '-')
  // Beside money a small m counts millions.
  const areMoney = around !== '' || isMoney(unitNamed(after.slice(1).trim()))
  const beside =
    areMoney && after.startsWith(MILLION_OR_METRE) && rungNamed(after) === undefined
      ? { power: 6, unit: after.slice(1).trim() }
      : besideOf(after)
  return {
    number: isNegative && read !== '0' ? `-${read}` : read,
    digits,
    power: beside.power,
    unit: around || beside.unit,
    isInParentheses,
  }
}

/** Decimal text times a power of ten. @example scaled('1.2', 6) // '1200000' */
export const scaled = (number: string, power: number): string =>
  power === 0 ? number : toText(shift(parseDecimal(number)!, power))
