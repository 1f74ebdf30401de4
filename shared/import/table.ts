import Papa from 'papaparse'
import { type DecimalMark, decimalMarkOf, isCode, isMissing, readCell } from './cells'

/** Text that is no table: says where and what to do. */
export class ImportError extends Error {
  override name = 'ImportError'
}

export interface UnreadCell {
  /** The line of data, from 1, below the header. */
  readonly row: number
  readonly text: string
}

export interface ImportedColumn {
  readonly name: string
  readonly kind: 'number' | 'text'
  /** Why it is taken for that. */
  readonly reason: string
  /** Decimal text in a numeric column, null where missing or unread; the cell itself in a text column. */
  readonly cells: readonly (string | null)[]
  /** Cells of a numeric column that are no number. */
  readonly unread: readonly UnreadCell[]
  readonly missing: number
}

export interface ImportedTable {
  readonly delimiter: string
  readonly decimalMark: DecimalMark
  readonly rowCount: number
  readonly columns: readonly ImportedColumn[]
  /** What was done that the file did not ask for. */
  readonly notices: readonly string[]
}

/** The share of cells that must be numbers for a column to be numeric. */
const NUMERIC_SHARE = 0.8
const DELIMITERS = [',', '\t', ';', '|']
const MOST_ROWS_NAMED = 5

/** "row 7", "rows 7, 12 and 3 more" */
export function rowsText(rows: readonly number[]): string {
  const named = rows.slice(0, MOST_ROWS_NAMED).join(', ')
  const more = rows.length - MOST_ROWS_NAMED
  return `row${rows.length === 1 ? '' : 's'} ${named}${more > 0 ? ` and ${more} more` : ''}`
}

const isBlank = (row: readonly string[]): boolean => row.length === 1 && row[0]!.trim() === ''

/** Blank lines around a table are no rows; inside one of a single column they are missing cells. */
function withoutBlanks(rows: readonly string[][], notices: string[]): string[][] {
  const table = rows.slice(rows.findIndex((row) => !isBlank(row)), rows.findLastIndex((row) => !isBlank(row)) + 1)
  if (table.every((row) => row.length === 1)) return table
  const filled = table.filter((row) => !isBlank(row))
  const blank = table.length - filled.length
  if (blank > 0) notices.push(`${blank} blank ${blank === 1 ? 'line was' : 'lines were'} left out.`)
  return filled
}

function parseRows(text: string, notices: string[]): { rows: string[][]; delimiter: string } {
  const bare = text.replace(/^\uFEFF/, '')
  if (bare.trim() === '') throw new ImportError('There is nothing to read. Paste rows of values parted by commas, semicolons or tabs, with the names of the columns in the first line.')
  const parsed = Papa.parse<string[]>(bare, { delimitersToGuess: DELIMITERS })
  const broken = parsed.errors.find((error) => error.type === 'Quotes')
  if (broken) throw new ImportError(`Line ${(broken.row ?? 0) + 1}: a quotation mark is opened and not closed, or stands inside a cell. Close it, or write two for one inside a quoted cell.`)
  return { rows: withoutBlanks(parsed.data, notices), delimiter: parsed.meta.delimiter }
}

function headerOf(rows: string[][], notices: string[]): { names: string[]; body: string[][] } {
  const [first = [], ...rest] = rows
  const width = rows.reduce((widest, row) => Math.max(widest, row.length), 0)
  const hasNames = first.some((cell) => readCell(cell, '.') === null && readCell(cell, ',') === null && !isMissing(cell))
  if (!hasNames) notices.push('The first line holds only numbers, so it was taken as data; the columns are named by their place.')
  const body = hasNames ? rest : rows
  if (body.length === 0) throw new ImportError('There is a header but no row below it. Paste at least one row of values.')
  const names: string[] = []
  for (let at = 0; at < width; at++) {
    const given = hasNames ? (first[at] ?? '').trim() : ''
    const base = given || `column ${at + 1}`
    let name = base
    for (let n = 2; names.includes(name); n++) name = `${base} (${n})`
    if (hasNames && !given) notices.push(`Column ${at + 1} has no name; it is called “${name}”.`)
    else if (name !== base) notices.push(`The name “${base}” stands twice; the later column is called “${name}”.`)
    names.push(name)
  }
  const expected = hasNames ? first.length : width
  const ragged = body.flatMap((row, at) => (row.length === expected ? [] : [at + 1]))
  if (ragged.length > 0) notices.push(`${ragged.length} of ${body.length} rows have another number of cells than the first line (${rowsText(ragged)}); absent cells count as missing, and no cell was dropped.`)
  return { names, body }
}

function columnOf(name: string, texts: readonly string[], mark: DecimalMark): ImportedColumn {
  const cells = texts.map((text) => (isMissing(text) ? null : readCell(text, mark)))
  const missing = texts.filter(isMissing).length
  const filled = texts.length - missing
  const numbers = cells.filter((cell) => cell !== null).length
  const asText = (reason: string): ImportedColumn => ({ name, kind: 'text', reason, cells: texts, unread: [], missing })
  if (filled === 0) return asText('Text: every cell is empty')
  if (texts.some(isCode)) return asText('Text: numbers that begin with zero are codes')
  if (numbers === 0) return asText('Text: no cell is a number')
  if (numbers < NUMERIC_SHARE * filled) return asText(`Text: only ${numbers} of ${filled} cells are numbers`)
  const unread = texts.flatMap((text, at) => (cells[at] === null && !isMissing(text) ? [{ row: at + 1, text }] : []))
  const reason = unread.length === 0 ? `Number: all ${filled} cells are numbers`
    : `Number: ${numbers} of ${filled} cells are numbers; ${unread.length} cannot be read (${rowsText(unread.map((cell) => cell.row))})`
  return { name, kind: 'number', reason, cells, unread, missing }
}

/**
 * Reads comma-, semicolon- or tab-separated text: finds the delimiter, the decimal mark and
 * what each column holds. Nothing is dropped: what is no number is listed by row.
 *
 * @param text a whole file; a byte order mark, quotes and line breaks in quoted cells are fine
 * @throws ImportError for text that is no table
 * @example readTable('site;kg\nHolm;1,5').columns[1].cells // ['1.5']
 */
export function readTable(text: string): ImportedTable {
  const notices: string[] = []
  const { rows, delimiter } = parseRows(text, notices)
  const { names, body } = headerOf(rows, notices)
  const decimalMark = decimalMarkOf(body.flat(), delimiter)
  if (decimalMark === ',') notices.push('Numbers were read with a decimal comma.')
  const columns = names.map((name, at) => columnOf(name, body.map((row) => row[at] ?? ''), decimalMark))
  return { delimiter, decimalMark, rowCount: body.length, columns, notices }
}
