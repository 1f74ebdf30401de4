import { parseDecimal, toText } from '../../core/decimal/decimal'

export type DecimalMark = '.' | ','

const MISSING = new Set(['', 'na', 'n/a', 'nan', 'null', '-', '–'])
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
 * The decimal mark of a table, from the cells that only one mark can explain.
 *
 * @param cells all cells of the table
 * @param delimiter what parts the cells; a semicolon speaks for decimal commas
 * @example decimalMarkOf(['1,5', '2,25'], ';') // ','
 */
export function decimalMarkOf(cells: Iterable<string>, delimiter: string): DecimalMark {
  let commas = 0
  let points = 0
  for (const cell of cells) {
    const text = cell.trim()
    const asPoint = numerals['.'].test(text)
    const asComma = numerals[','].test(text)
    if (asComma && !asPoint) commas++
    else if (asPoint && !asComma) points++
    else if (asPoint && text.includes(',') && delimiter === ';') commas++
  }
  return commas > points ? ',' : '.'
}
