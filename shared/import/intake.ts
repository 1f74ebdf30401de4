import { type DecimalMark, isMissing, plainNumber, readCell, speaksFor } from './cells'
import { columnOf, type SaidOfColumn } from './column'
import { durationIn } from './durations'
import type { ImportedColumn, Looked } from './types'
import { readWritten } from './written'

/** A column while its cells come in. */
export interface Intake {
  push(text: string): void
  /** Its cells' votes for a decimal mark: above zero for a point, below for a comma. */
  readonly votes: number
  /** @returns null where the column turned out to hold text, and some cells' texts were not kept */
  finish(name: string, said?: SaidOfColumn): ImportedColumn | null
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
/** One mark with three digits behind it may part decimals or groups. */
const UNCLEAR = /^[-+]?\d{1,3}[.,]\d{3}$/
const MOST_UNCLEAR = 5

/** Looks at texts, at those that stand often once. */
function looker({ mark, delimiter }: Pick<Taking, 'mark' | 'delimiter'>) {
  const known = new Map<string, Looked>()
  return (text: string): Looked => {
    const found = known.get(text)
    if (found) return found
    const missing = isMissing(text)
    const read = missing ? null : readCell(text, mark)
    // By the other mark what is around a number is the same.
    const written =
      missing || read !== null
        ? null
        : (readWritten(text, mark) ?? readWritten(text, mark === '.' ? ',' : '.'))
    const isByMark = written !== null && readCell(written.digits, mark) !== null
    const looked = {
      text,
      isMissing: missing,
      read,
      written: isByMark ? written : null,
      duration: missing || read !== null ? null : durationIn(text),
      vote: missing ? 0 : speaksFor(written?.digits ?? text, delimiter),
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

  function eachOther(take: (looked: Looked, at: number) => void): void {
    for (let at = 0; at < texts.length; at++) {
      const looked = texts[at]
      if (looked) take(looked, at)
    }
  }
  const unclear: string[] = []
  const note = (text: string) => {
    if (unclear.length < MOST_UNCLEAR && !unclear.includes(text)) unclear.push(text)
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
        if (looked.vote === 0 && UNCLEAR.test(looked.written?.digits ?? text)) note(text)
      } else {
        const vote = voteOf(text, taking)
        votes += vote
        if (vote === 0 && text.includes(mark)) note(text)
      }
      length++
    },
    get votes() {
      return votes
    },
    finish: (name, said) =>
      columnOf(
        name,
        {
          length,
          texts,
          eachOther,
          doubles: doubles.slice(0, length),
          unclear: votes === 0 ? unclear : [],
        },
        said,
      ),
  }
}
