import Papa from 'papaparse'
import { LIMITS } from '../limits'
import { type CellCount, cellCount } from './cellCount'
import { countText } from './counts'
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
  /** Lines above and below the table that are none of its rows. */
  readonly titles: readonly string[]
  readonly notes: readonly string[]
}

/** What takes the rows. */
export interface Takes {
  /** Whether a first line is the header. */
  isHeader(row: readonly string[]): boolean
  /** So many rows are taken at most. */
  readonly most?: number
  /** Hears how much of the text is read, from 0 to 1. */
  tell?(part: number): void
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

/** Rows that tell what parts the cells, and how many there are. */
const TELLING = 50
/** What parts the cells of a table, and how many cells most of its rows have. */
interface Shape {
  readonly delimiter: string
  readonly width: number
}
/** The width that most rows have; the larger of two that are as many. */
function usualWidth(rows: readonly (readonly string[])[]): { width: number; alike: number } {
  const counts = new Map<number, number>()
  for (const { length } of rows) counts.set(length, (counts.get(length) ?? 0) + 1)
  const [width, count] = [...counts].reduce(
    (best, one) => (one[1] > best[1] || (one[1] === best[1] && one[0] > best[0]) ? one : best),
    [1, 0],
  )
  return { width, alike: count / rows.length }
}
/**
 * What parts the cells: where most of the first rows have as many cells as each other, and more
 * than
 * one; commas last, which stand in numbers and sentences too.
 */
function shapeOf(piece: string): Shape {
  const shapes = DELIMITERS.map((delimiter) => {
    const { data } = Papa.parse<string[]>(piece, { delimiter, preview: TELLING })
    const { width, alike } = usualWidth(data.filter((row) => !isBlank(row)))
    return { delimiter, width, alike: width > 1 ? alike : 0 }
  })
  const best = shapes.reduce((a, b) =>
    b.alike > a.alike || (b.alike === a.alike && b.alike > 0 && b.width > a.width) ? b : a,
  )
  return best.alike > 0 ? best : { delimiter: COMMA, width: 1 }
}

/** Words that notes under a table begin with. */
const NOTE = /^(?:source|note|notes|quelle|anmerkung|fuente|nota|fonte|bron)s?\b|^[*†‡§¹²³]|^\d\)/iu
/** Whether two of the first cells say different things. */
function isManifold([first = '', second = '']: readonly string[]): boolean {
  const [a, b] = [first.trim(), second.trim()]
  return a !== b && a !== '' && b !== ''
}

/**
 * The text of a row that is no row of its table, but a title or a note: it stands alone in a line,
 * or over all columns. null where it may be a row whose other cells are missing.
 */
function textAlone(row: readonly string[], width: number, isApart: boolean): string | null {
  if (width < 2 || isManifold(row)) return null
  const filled = row.map((cell) => cell.trim()).filter((cell) => cell !== '')
  const [text] = filled
  if (text === undefined || filled.some((cell) => cell !== text) || !/\p{L}/u.test(text))
    return null
  const isOverAll = filled.length === width
  const isFirst = filled.length === 1 && row[0]!.trim() === text
  return isOverAll || row.length === 1 || (isFirst && (isApart || NOTE.test(text))) ? text : null
}

/**
 * Parts text into rows, some thousands at a time.
 * @throws ImportError for a quotation mark astray
 */
function parse(
  text: string,
  tell: (part: number) => void,
  take: (row: readonly string[], shape: Shape) => void,
): void {
  let [read, characters] = [0, 0]
  let shape: Shape | undefined
  for (const piece of piecesOf(text)) {
    shape ??= shapeOf(piece)
    const { data, errors } = Papa.parse<string[]>(piece, { delimiter: shape.delimiter })
    const broken = errors.find((error) => error.type === 'Quotes')
    if (broken)
      throw new ImportError(
        `Line ${read + (broken.row ?? 0) + 1}: a quotation mark is opened and not closed, or stands inside a cell. Close it, or write two for one inside a quoted cell.`,
      )
    // The end of a piece's last row would make an empty one more.
    if (data.length > 1 && isBlank(data.at(-1)!) && /[\n\r]$/.test(piece)) data.pop()
    for (const row of data) take(row, shape)
    read += data.length
    characters += piece.length
    tell(characters / text.length)
  }
}

/** @throws ImportError for a row beyond what is taken, with its place */
function checkRow(row: readonly string[], number: number): void {
  if (number > LIMITS.rows)
    throw new ImportError(
      `The table has more than ${countText(LIMITS.rows)} rows, which is as many as are taken. Bring a part of it in.`,
    )
  if (row.length > LIMITS.columns)
    throw new ImportError(
      `${placeOf(number)} has ${countText(row.length)} cells; a table has at most ${countText(LIMITS.columns)} columns.`,
    )
  const long = row.findIndex((cell) => cell.length > LIMITS.cell)
  if (long >= 0)
    throw new ImportError(
      `${placeOf(number)}, column ${long + 1}: the cell has ${countText(row[long]!.length)} characters; at most ${countText(LIMITS.cell)} are taken.`,
    )
}
/**
 * Counts the cells that a row adds: its own, those that it lacks, and those that the rows above it
 * lack in its new columns.
 */
function countRow(count: CellCount, width: number, columns: number, rowsAbove: number): void {
  count.written(width)
  count.implied(Math.max(0, columns - width) + Math.max(0, width - columns) * rowsAbove)
}
const placeOf = (number: number): string => (number === 0 ? 'The header' : `Row ${number}`)

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
  const count = cellCount()
  const columns: Intake[] = []
  const ragged: number[] = []
  let [header, parted]: [readonly string[] | null, string] = [null, COMMA]
  let [width, rowCount] = [0, 0]
  /** Blank lines since the last row; they count only where another row follows. */
  let [waiting, blank] = [0, 0]
  const titles: string[] = []
  /** Rows that are notes, unless another row follows. */
  let held: (readonly string[])[] = []

  function push(row: readonly string[]): void {
    if (rowCount === takes.most) return
    checkRow(row, rowCount + 1)
    countRow(count, row.length, columns.length, rowCount)
    while (columns.length < row.length) {
      const column = takes.column(columns.length, parted)
      for (let at = 0; at < rowCount; at++) column.push('')
      columns.push(column)
    }
    for (let at = 0; at < columns.length; at++) columns[at]!.push(row[at] ?? '')
    rowCount++
    if (row.length !== width) ragged.push(rowCount)
  }
  /** Takes a row that begins the table; whether it is its header. */
  function begin(row: readonly string[], delimiter: string): boolean {
    ;[parted, width] = [delimiter, row.length]
    if (!takes.isHeader(row)) return false
    checkRow(row, 0)
    header = row
    row.forEach((_, at) => columns.push(takes.column(at, delimiter)))
    return true
  }

  const tell = (part: number) => takes.tell?.(part)
  parse(bare, tell, (row, shape) => {
    if (isBlank(row)) {
      if (width > 0) waiting++
      return
    }
    const alone = textAlone(row, shape.width, width === 0 || waiting > 0 || held.length > 0)
    if (width === 0) {
      if (alone !== null) return void titles.push(alone)
      if (begin(row, shape.delimiter)) return
    }
    if (alone !== null) return void held.push(row)
    held.forEach(push)
    held = []
    if (columns.length <= 1 && row.length === 1) for (; waiting > 0; waiting--) push([''])
    blank += waiting
    waiting = 0
    push(row)
  })
  const notes = held.map((row) => row.find((cell) => cell.trim() !== '')!.trim())
  return { delimiter: parted, header, columns, rowCount, ragged, blank, titles, notes }
}
