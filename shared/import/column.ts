import { orderOf } from '../../core/data/dates'
import { reasonForDates } from './dates'
import { isCode } from './cells'

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
  /**
   * The numbers of a numeric column where doubles keep every digit, NaN where missing or unread;
   * otherwise null.
   */
  readonly doubles: Float64Array | null
  /**
   * Decimal text in a numeric column, null where missing or unread; the cell itself in a text
   * column.
   */
  readonly cells: () => (string | null)[]
  /** Cells of a numeric column that are no number. */
  readonly unread: readonly UnreadCell[]
  readonly missing: number
}

/** The share of cells that must be numbers for a column to be numeric. */
const NUMERIC_SHARE = 0.8
const MOST_ROWS_NAMED = 5

/** "row 7", "rows 7, 12 and 3 more" */
export function rowsText(rows: readonly number[]): string {
  const named = rows.slice(0, MOST_ROWS_NAMED).join(', ')
  const more = rows.length - MOST_ROWS_NAMED
  return `row${rows.length === 1 ? '' : 's'} ${named}${more > 0 ? ` and ${more} more` : ''}`
}

/** What a cell is that is no plain number. */
export interface Looked {
  readonly text: string
  readonly isMissing: boolean
  /** Plain decimal text, or null. */
  readonly read: string | null
  readonly vote: number
}
/** The cells of a column, those apart that are no plain numbers. */
export interface Cells {
  readonly length: number
  /** Nothing where a plain number stands. */
  readonly texts: readonly (Looked | undefined)[]
  others(): Generator<[number, Looked]>
}

/** How the cells of a column are counted. */
interface Counts {
  readonly filled: number
  readonly missing: number
  readonly numbers: number
  readonly codes: number
}
function countsOf({ length, others }: Cells): Counts {
  let [missing, unread, codes] = [0, 0, 0]
  for (const [, { text, isMissing, read }] of others()) {
    if (isMissing) missing++
    else if (read === null) unread++
    if (isCode(text)) codes++
  }
  return { missing, codes, filled: length - missing, numbers: length - missing - unread }
}

/** Why a column is text; null where it is numbers. */
function reasonForText({ filled, numbers, codes }: Counts): string | null {
  if (filled === 0) return 'Text: every cell is empty'
  if (codes > 0) return 'Text: numbers that begin with zero are codes'
  if (numbers === 0) return 'Text: no cell is a number'
  if (numbers >= NUMERIC_SHARE * filled) return null
  return `Text: only ${numbers} of ${filled} cells are numbers`
}
function reasonForNumbers({ filled, numbers }: Counts, unread: readonly UnreadCell[]): string {
  if (unread.length === 0) return `Number: all ${filled} cells are numbers`
  const rows = rowsText(unread.map(({ row }) => row))
  return `Number: ${numbers} of ${filled} cells are numbers; ${unread.length} cannot be read (${rows})`
}

function* textsOf({ others }: Cells): Generator<string> {
  for (const [, { text }] of others()) yield text
}
function* unreadIn({ others }: Cells): Generator<UnreadCell> {
  for (const [at, { text, isMissing, read }] of others())
    if (!isMissing && read === null) yield { row: at + 1, text }
}

/**
 * What the cells of a column make.
 *
 * @param numbersOf asked for only where it is numbers
 * @returns null where it is text and some cells' texts were not kept
 */
export function columnOf(
  name: string,
  cells: Cells,
  numbersOf: () => Pick<ImportedColumn, 'doubles' | 'cells'>,
): ImportedColumn | null {
  const counts = countsOf(cells)
  const { missing, filled } = counts
  const text = reasonForText(counts)
  if (text === null) {
    const unread = [...unreadIn(cells)]
    const reason = reasonForNumbers(counts, unread)
    return { name, kind: 'number', reason, ...numbersOf(), unread, missing }
  }
  const { texts, length } = cells
  if (texts.filter(Boolean).length < length) return null
  const dates = filled === 0 ? null : orderOf(textsOf(cells))
  return {
    name,
    kind: 'text',
    reason: dates ? reasonForDates(dates) : text,
    doubles: null,
    cells: () => texts.map((looked) => looked!.text),
    unread: [],
    missing,
  }
}
