import { fitsDouble } from '../../core/decimal/arithmetic'
import { fromNumber, parseDecimal, toText } from '../../core/decimal/decimal'
import { type DecimalMark, isMissing, plainNumber, readCell, speaksFor } from './cells'
import { type Cells, columnOf, type ImportedColumn, type Looked } from './column'

/** A column while its cells come in. */
export interface Intake {
  push(text: string): void
  /** Its cells' votes for a decimal mark: above zero for a point, below for a comma. */
  readonly votes: number
  /** @returns null where the column turned out to hold text, and some cells' texts were not kept */
  finish(name: string): ImportedColumn | null
}
/** How cells are taken in. */
export interface Taking {
  readonly mark: DecimalMark
  /** What parts the cells. */
  readonly delimiter: string
  /** Whether the texts of plain numbers are kept too. */
  readonly keepsTexts: boolean
}

const FIRST_ROOM = 1024
/** Different texts that are looked at once and kept once. */
const MOST_KNOWN = 10_000
const SIDE: Readonly<Record<DecimalMark, number>> = { '.': 1, ',': -1 }
/** As many digits behind a mark could be a group. */
const GROUP = 4

/** Looks at texts, at those that stand often once. */
function looker({ mark, delimiter }: Pick<Taking, 'mark' | 'delimiter'>) {
  const known = new Map<string, Looked>()
  return (text: string): Looked => {
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
}

/** Most numbers say by their length alone that their mark parts no groups. */
function voteOf(text: string, { mark, delimiter }: Pick<Taking, 'mark' | 'delimiter'>): number {
  const at = text.indexOf(mark)
  if (at < 0) return 0
  return text.length - at < GROUP || at > GROUP ? SIDE[mark] : speaksFor(text, delimiter)
}

/** The numbers of some cells: doubles where these keep every digit, and decimal text. */
function numbersOf(doubles: Float64Array, { texts, others }: Cells) {
  let fits = true
  for (const [at, { read }] of others()) {
    doubles[at] = read === null ? NaN : Number(read)
    fits &&= read === null || fitsDouble(parseDecimal(read)!)
  }
  const textAt = (number: number, at: number) =>
    texts[at] ? texts[at].read : toText(fromNumber(number))
  return { doubles: fits ? doubles : null, cells: () => Array.from(doubles, textAt) }
}

/**
 * Takes in a column cell by cell. Plain numbers are kept as doubles alone, so that a long column
 * takes eight bytes a cell; texts that stand often are kept once.
 *
 * @example intake({ mark: ',', delimiter: ';', keepsTexts: false })
 */
export function intake(taking: Taking): Intake {
  const { mark, keepsTexts } = taking
  const look = looker(taking)
  let doubles = new Float64Array(FIRST_ROOM)
  const texts: (Looked | undefined)[] = []
  let length = 0
  let votes = 0

  /** The cells that are no plain numbers, with their places. */
  function* others(): Generator<[number, Looked]> {
    for (let at = 0; at < texts.length; at++) if (texts[at]) yield [at, texts[at]!]
  }
  function widen() {
    const wider = new Float64Array(2 * length)
    wider.set(doubles)
    doubles = wider
  }
  return {
    push(text) {
      if (length === doubles.length) widen()
      const number = keepsTexts ? NaN : plainNumber(text, mark)
      doubles[length] = number
      if (number !== number) {
        const looked = look(text)
        while (texts.length < length) texts.push(undefined)
        texts.push(looked)
        votes += looked.vote
      } else votes += voteOf(text, taking)
      length++
    },
    get votes() {
      return votes
    },
    finish(name) {
      const cells: Cells = { length, texts, others }
      return columnOf(name, cells, () => numbersOf(doubles.slice(0, length), cells))
    },
  }
}
