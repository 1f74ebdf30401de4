import Papa from 'papaparse'
import type { Intake } from './intake'
import { ImportError } from './error'

const DELIMITERS = ['\t', ';', '|', ',']
const COMMA = ','
/** Characters read at a time, so that the rows of a long table never stand in memory at once. */
const CHUNK = 2 ** 17

/** A table whose cells were taken in. */
export interface Rows {
  readonly delimiter: string
  /** The first line, where it is the header; otherwise null. */
  readonly header: readonly string[] | null
  readonly columns: readonly Intake[]
  readonly rowCount: number
  /** The rows, from 1 below the header, of another width than the first line. */
  readonly ragged: readonly number[]
  /** Blank lines left out. */
  readonly blank: number
}

/** What takes the rows. */
export interface Takes {
  /** Whether a first line is the header. */
  isHeader(row: readonly string[]): boolean
  /** What takes in the column at a place. */
  column(at: number, delimiter: string): Intake
}

const isBlank = (row: readonly string[]): boolean => row.length === 1 && row[0]!.trim() === ''

const quotesIn = (text: string): number => {
  let count = 0
  for (let at = text.indexOf('"'); at >= 0; at = text.indexOf('"', at + 1)) count++
  return count
}

/**
 * Text in pieces of whole rows: a line's end with an even number of quotation marks before it is a
 * row's end.
 */
function* piecesOf(text: string): Generator<string> {
  const end = text.includes('\n') ? '\n' : '\r'
  for (let from = 0; from < text.length;) {
    let to = from
    let quotes = 0
    do {
      const after = text.indexOf(end, to === from ? from + CHUNK : to) + 1 || text.length
      quotes += quotesIn(text.slice(to, after))
      to = after
    } while (quotes % 2 === 1 && to < text.length)
    yield text.slice(from, to)
    from = to
  }
}

/** Rows that tell what parts the cells. */
const TELLING = 50
/**
 * What parts the cells: where most of the first rows have as many cells as the first, and more than
 * one; commas last, which stand in numbers and sentences too.
 */
function delimiterOf(piece: string): string {
  const scores = DELIMITERS.map((delimiter) => {
    const { data } = Papa.parse<string[]>(piece, { delimiter, preview: TELLING })
    const rows = data.filter((row) => !isBlank(row))
    const width = rows[0]?.length ?? 1
    const alike = rows.filter((row) => row.length === width).length
    return { delimiter, alike: width > 1 ? alike / rows.length : 0, width }
  })
  const best = scores.reduce((a, b) =>
    b.alike > a.alike || (b.alike === a.alike && b.alike > 0 && b.width > a.width) ? b : a,
  )
  return best.alike > 0 ? best.delimiter : COMMA
}

/**
 * Parts text into rows, some thousands at a time.
 * @throws ImportError for a quotation mark astray
 */
function parse(text: string, take: (row: readonly string[], delimiter: string) => void): void {
  let read = 0
  let delimiter: string | undefined
  for (const piece of piecesOf(text)) {
    delimiter ??= delimiterOf(piece)
    const { data, errors } = Papa.parse<string[]>(piece, { delimiter })
    const broken = errors.find((error) => error.type === 'Quotes')
    if (broken)
      throw new ImportError(
        `Line ${read + (broken.row ?? 0) + 1}: a quotation mark is opened and not closed, or stands inside a cell. Close it, or write two for one inside a quoted cell.`,
      )
    // The end of a piece's last row would make an empty one more.
    if (data.length > 1 && isBlank(data.at(-1)!) && /[\n\r]$/.test(piece)) data.pop()
    for (const row of data) take(row, delimiter)
    read += data.length
  }
}

/**
 * Parts text into cells and hands them out, column by column. Blank lines around a table are no
 * rows; inside one of a single column they are missing cells.
 *
 * @param text a whole file; a byte order mark, quotes and line breaks in quoted cells are fine
 * @throws ImportError where there is nothing to read or a quotation mark is astray
 */
export function readRows(text: string, takes: Takes): Rows {
  const bare = text.startsWith('\uFEFF') ? text.slice(1) : text
  if (!/\S/.test(bare))
    throw new ImportError(
      'There is nothing to read. Paste rows of values parted by commas, semicolons or tabs, with the names of the columns in the first line.',
    )
  const columns: Intake[] = []
  const ragged: number[] = []
  let [header, parted, width, rowCount]: [readonly string[] | null, string, number, number] = [
    null,
    COMMA,
    0,
    0,
  ]
  /** Blank lines since the last row; they count only where another row follows. */
  let [waiting, blank] = [0, 0]

  function push(row: readonly string[]): void {
    while (columns.length < row.length) {
      const column = takes.column(columns.length, parted)
      for (let at = 0; at < rowCount; at++) column.push('')
      columns.push(column)
    }
    for (let at = 0; at < columns.length; at++) columns[at]!.push(row[at] ?? '')
    rowCount++
    if (row.length !== width) ragged.push(rowCount)
  }

  parse(bare, (row, delimiter) => {
    if (isBlank(row)) {
      if (width > 0) waiting++
      return
    }
    if (width === 0) {
      ;[parted, width] = [delimiter, row.length]
      if (takes.isHeader(row)) {
        header = row
        row.forEach((_, at) => columns.push(takes.column(at, delimiter)))
        return
      }
    }
    if (columns.length <= 1 && row.length === 1) for (; waiting > 0; waiting--) push([''])
    blank += waiting
    waiting = 0
    push(row)
  })
  return { delimiter: parted, header, columns, rowCount, ragged, blank }
}
