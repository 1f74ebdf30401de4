import { orderOf } from '../../core/data/dates'
import { fitsDouble } from '../../core/decimal/arithmetic'
import { fromNumber, parseDecimal, toText } from '../../core/decimal/decimal'
import { reasonForDates } from './dates'
import { type DecimalMark, isCode, isMissing, plainNumber, readCell, speaksFor } from './cells'

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
  /** The numbers of a numeric column where doubles keep every digit, NaN where missing or unread; otherwise null. */
  readonly doubles: Float64Array | null
  /** Decimal text in a numeric column, null where missing or unread; the cell itself in a text column. */
  readonly cells: () => (string | null)[]
  /** Cells of a numeric column that are no number. */
  readonly unread: readonly UnreadCell[]
  readonly missing: number
}

/** A column while its cells come in. */
export interface Intake {
  push(text: string): void
  /** Its cells' votes for a decimal mark: above zero for a point, below for a comma. */
  readonly votes: number
  /** @returns null where the column turned out to hold text, and some cells' texts were not kept */
  finish(name: string): ImportedColumn | null
}

/** The share of cells that must be numbers for a column to be numeric. */
const NUMERIC_SHARE = 0.8
const MOST_ROWS_NAMED = 5
const FIRST_ROOM = 1024
/** Different texts that are looked at once and kept once. */
const MOST_KNOWN = 10_000
const SIDE: Record<DecimalMark, number> = { '.': 1, ',': -1 }

/** "row 7", "rows 7, 12 and 3 more" */
export function rowsText(rows: readonly number[]): string {
  const named = rows.slice(0, MOST_ROWS_NAMED).join(', ')
  const more = rows.length - MOST_ROWS_NAMED
  return `row${rows.length === 1 ? '' : 's'} ${named}${more > 0 ? ` and ${more} more` : ''}`
}

/** What a cell is that is no plain number. */
interface Looked {
  readonly text: string
  readonly isMissing: boolean
  /** Plain decimal text, or null. */
  readonly read: string | null
  readonly vote: number
}

/** How cells are taken in. */
export interface Taking {
  readonly mark: DecimalMark
  /** What parts the cells. */
  readonly delimiter: string
  /** Whether the texts of plain numbers are kept too. */
  readonly keepsTexts: boolean
}

/**
 * Takes in a column cell by cell. Plain numbers are kept as doubles alone, so that a long column
 * takes eight bytes a cell; texts that stand often are kept once.
 *
 * @example intake({ mark: ',', delimiter: ';', keepsTexts: false })
 */
export function intake({ mark, delimiter, keepsTexts }: Taking): Intake {
  let doubles = new Float64Array(FIRST_ROOM)
  const texts: (Looked | undefined)[] = []
  const known = new Map<string, Looked>()
  let length = 0
  let votes = 0

  function look(text: string): Looked {
    const found = known.get(text)
    if (found) return found
    const missing = isMissing(text)
    const looked = {
      text,
      isMissing: missing,
      read: missing ? null : readCell(text, mark),
      vote: missing ? 0 : speaksFor(text, delimiter),
    }
    if (known.size < MOST_KNOWN) known.set(text, looked)
    return looked
  }
  /** Most numbers say by their length alone that their mark parts no groups. */
  function voteOf(text: string): number {
    const at = text.indexOf(mark)
    return at < 0 ? 0 : text.length - at < 4 || at > 4 ? SIDE[mark] : speaksFor(text, delimiter)
  }
  /** The cells that are no plain numbers, with their places. */
  function* others(): Generator<[number, Looked]> {
    for (let at = 0; at < texts.length; at++) if (texts[at]) yield [at, texts[at]!]
  }
  function* written(): Generator<string> {
    for (const [, { text }] of others()) yield text
  }
  const count = (holds: (looked: Looked) => boolean): number => {
    let found = 0
    for (const [, looked] of others()) if (holds(looked)) found++
    return found
  }

  function asNumbers(): Pick<ImportedColumn, 'doubles' | 'cells'> {
    const numbers = doubles.slice(0, length)
    let fits = true
    for (const [at, { read }] of others()) {
      numbers[at] = read === null ? NaN : Number(read)
      fits &&= read === null || fitsDouble(parseDecimal(read)!)
    }
    return {
      doubles: fits ? numbers : null,
      cells: () =>
        Array.from(numbers, (number, at) =>
          texts[at] ? texts[at].read : toText(fromNumber(number)),
        ),
    }
  }

  return {
    push(text) {
      if (length === doubles.length) {
        const wider = new Float64Array(2 * length)
        wider.set(doubles)
        doubles = wider
      }
      const number = keepsTexts ? NaN : plainNumber(text, mark)
      doubles[length] = number
      if (number !== number) {
        const looked = look(text)
        while (texts.length < length) texts.push(undefined)
        texts.push(looked)
        votes += looked.vote
      } else votes += voteOf(text)
      length++
    },
    get votes() {
      return votes
    },
    finish(name) {
      const missing = count(({ isMissing }) => isMissing)
      const filled = length - missing
      const unreadCount = count((looked) => !looked.isMissing && looked.read === null)
      const numbers = filled - unreadCount
      const reasonForText =
        filled === 0
          ? 'Text: every cell is empty'
          : count(({ text }) => isCode(text)) > 0
            ? 'Text: numbers that begin with zero are codes'
            : numbers === 0
              ? 'Text: no cell is a number'
              : numbers < NUMERIC_SHARE * filled
                ? `Text: only ${numbers} of ${filled} cells are numbers`
                : null
      if (reasonForText !== null) {
        if (count(() => true) < length) return null
        const dates = filled === 0 ? null : orderOf(written())
        return {
          name,
          kind: 'text',
          reason: dates ? reasonForDates(dates) : reasonForText,
          doubles: null,
          cells: () => texts.map((looked) => looked!.text),
          unread: [],
          missing,
        }
      }
      const unread: UnreadCell[] = []
      for (const [at, looked] of others())
        if (!looked.isMissing && looked.read === null)
          unread.push({ row: at + 1, text: looked.text })
      const reason =
        unread.length === 0
          ? `Number: all ${filled} cells are numbers`
          : `Number: ${numbers} of ${filled} cells are numbers; ${unread.length} cannot be read (${rowsText(unread.map((cell) => cell.row))})`
      return { name, kind: 'number', reason, ...asNumbers(), unread, missing }
    },
  }
}
