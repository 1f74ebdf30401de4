import { type DecimalMark, isMissing, readCell } from './cells'
import { rowsText } from '../study/columnReasonText'
import type { ImportedColumn } from './types'
import { type Intake, intake } from './intake'
import { type AskedOrder, isUnclear } from './dates'
import type { Style } from '../../core/style/fields'
import { LIMITS } from '../limits'
import type { TwoPlaces } from './durations'
import { ImportError } from './error'
import { asDelimited } from './json'
import type { Role } from '../../core/data/roles'
import { readRows, type Rows } from './rows'
import { totalRow } from './totals'
import { readWritten } from './written'

export interface ImportedTable {
  readonly delimiter: string
  readonly decimalMark: DecimalMark
  readonly rowCount: number
  readonly columns: readonly ImportedColumn[]
  /** What was done that the file did not ask for. */
  readonly notices: readonly string[]
}

/** What the owner of a table says of its columns, by their names. */
export interface Said {
  /** How dates are meant that can be read in two ways. */
  readonly dates?: Readonly<Record<string, AskedOrder>>
  readonly roles?: Readonly<Record<string, Role>>
  /** The decimal marks of columns that do not tell it. */
  readonly marks?: Readonly<Record<string, DecimalMark>>
  /** What lengths of time of two places are. */
  readonly durations?: Readonly<Record<string, TwoPlaces>>
  /** How the file writes the numbers of its columns, by their places. */
  readonly styles?: readonly (Style | null)[]
}

/** The decimal mark that cells vote for; null where they do not tell. */
function markBy(votes: number): DecimalMark | null {
  if (votes === 0) return null
  return votes < 0 ? ',' : '.'
}

/** A column without the question of its mark, where its owner or other columns answered that. */
function withoutAnswered(
  column: ImportedColumn | null,
  isAnswered: boolean,
): ImportedColumn | null {
  if (!column?.asks || !isAnswered) return column
  const { asks, ...rest } = column
  const open = asks.filter(({ about }) => about !== 'mark')
  return open.length > 0 ? { ...rest, asks: open } : rest
}

const MOST_QUOTED = 3
function quotedFew(texts: readonly string[]): string {
  const few = texts.slice(0, MOST_QUOTED).map((text) => `“${text}”`)
  return [...few, ...(texts.length > MOST_QUOTED ? ['…'] : [])].join(', ')
}
/** What stood around the table and is none of its rows. */
function aroundIt({ titles, notes }: Pick<Rows, 'titles' | 'notes'>): string[] {
  const told = (texts: readonly string[], where: string, what: string) =>
    texts.length === 0
      ? []
      : [
          `${texts.length === 1 ? `The line ${where}` : `${texts.length} lines ${where}`} the table ${texts.length === 1 ? `is taken for a ${what}` : `are taken for ${what}s`}: ${quotedFew(texts)}.`,
        ]
  return [...told(titles, 'above', 'title'), ...told(notes, 'below', 'note')]
}

/**
 * Whether a first line names the columns: some cell of it is neither number nor missing.
 *
 * @example isHeader(['site', '2021']) // true
 */
export const isHeader = (row: readonly string[]): boolean =>
  row.some(
    (cell) =>
      readCell(cell, '.') === null &&
      readCell(cell, ',') === null &&
      !isMissing(cell) &&
      !readWritten(cell, '.'),
  )

/** A name that stands again is numbered from here. */
const FIRST_AGAIN = 2
/** More notices than these nobody reads. */
const MOST_NOTICES = 100
/** Behind a name there is room for its number. */
const LONGEST_BASE = LIMITS.title - ' (5000)'.length
/** A name for each column, none twice. */
function namesOf(given: readonly string[], isNamed: boolean, notices: string[]): string[] {
  if (!isNamed)
    notices.push(
      'The first line holds only numbers, so it was taken as data; the columns are named by their place.',
    )
  const names = new Set<string>()
  /** The next number of each name that stands several times. */
  const next = new Map<string, number>()
  given.forEach((own, at) => {
    const base = own.slice(0, LONGEST_BASE) || `column ${at + 1}`
    if (base.length < own.length)
      notices.push(
        `The name of column ${at + 1} has ${own.length} characters; it was cut to ${LONGEST_BASE}.`,
      )
    let name = base
    let n = next.get(base) ?? FIRST_AGAIN
    for (; names.has(name); n++) name = `${base} (${n})`
    next.set(base, n)
    if (isNamed && !own) notices.push(`Column ${at + 1} has no name; it is called “${name}”.`)
    else if (name !== base && notices.length < MOST_NOTICES)
      notices.push(`The name “${base}” stands twice; the later column is called “${name}”.`)
    names.add(name)
  })
  return [...names]
}

/** A column whose dates are read as somebody said that they are meant. */
const withDates = (
  column: ImportedColumn,
  dates: Readonly<Record<string, AskedOrder>>,
): ImportedColumn =>
  isUnclear(column.reason) && dates[column.name]
    ? { ...column, reason: { code: 'dates', order: dates[column.name]! } }
    : column

/** A column of numbers with the style that its file has for them. */
const withStyle = (column: ImportedColumn, style: Style | null | undefined): ImportedColumn =>
  style && column.kind === 'number' ? { ...column, style } : column

/**
 * Reads comma-, semicolon- or tab-separated text: finds the delimiter, the decimal mark and
 * what each column holds. Nothing is dropped: what is no number is listed by row.
 *
 * @param given a whole file, of delimited cells or JSON; a byte order mark, quotes and line breaks
 *   in quoted cells are fine
 * @param said what its owner said of its columns
 * @param tell hears how far it is, from 0 to 1
 * @throws ImportError for text that is no table
 * @example readTable('site;kg\nHolm;1,5').columns[1].cells() // ['1.5']
 */
export function readTable(
  given: string,
  said: Said = {},
  tell: (done: number) => void = () => {},
): ImportedTable {
  const text = asDelimited(given)
  const table = readDelimited(text, said, { tell })
  const total = totalRow(table.columns, table.rowCount)
  if (total === null) return table
  const parts = readDelimited(text, said, { most: table.rowCount - 1, tell })
  const notice = `The last row, “${total}”, is the sum of those above it and was left out: else it would be counted twice.`
  return { ...parts, notices: [...parts.notices, notice] }
}

/** How much of it is read, and who hears that. */
interface Asked {
  readonly most?: number
  readonly tell: (done: number) => void
}
/** Few texts are read a second time, and fewer a third: the first takes half of the way. */
function readings() {
  let [before, last] = [0, 0]
  return (part: number): number => {
    if (part < last) before += (1 - before) / 2
    last = part
    return before + (part * (1 - before)) / 2
  }
}

function readDelimited(text: string, said: Said, { most, tell }: Asked): ImportedTable {
  const { dates = {}, roles = {}, marks = {}, durations = {} } = said
  const progress = readings()
  const take = (markAt: (at: number) => DecimalMark, texts: ReadonlySet<number>) =>
    readRows(text, {
      isHeader,
      most,
      tell: (part) => tell(progress(part)),
      column: (at, delimiter) => intake({ mark: markAt(at), delimiter, keepsTexts: texts.has(at) }),
    })
  let rows = take(() => '.', new Set())
  if (rows.rowCount === 0)
    throw new ImportError(
      'There is a header but no row below it. Paste at least one row of values.',
    )
  const votes = rows.columns.map((column) => column.votes)
  const sum = votes.reduce((all, own) => all + own, 0)
  const decimalMark: DecimalMark = sum < 0 ? ',' : '.'
  const nameAt = (at: number) => rows.header?.[at]?.trim() ?? ''
  const asked = (at: number) => (Object.hasOwn(marks, nameAt(at)) ? marks[nameAt(at)] : undefined)
  const markAt = (at: number): DecimalMark => asked(at) ?? markBy(votes[at]!) ?? decimalMark
  // Rare enough to read the text once more: points that part groups, texts among plain numbers.
  if (rows.columns.some((_, at) => markAt(at) === ',')) rows = take(markAt, new Set())
  const { delimiter, header, rowCount, ragged, blank, columns: intakes } = rows
  const notices = aroundIt(rows)
  if (blank > 0) notices.push(`${blank} blank ${blank === 1 ? 'line was' : 'lines were'} left out.`)
  const names = namesOf(
    intakes.map((_, at) => nameAt(at)),
    header !== null,
    notices,
  )
  if (ragged.length > 0)
    notices.push(
      `${ragged.length} of ${rowCount} rows have another number of cells than the first line (${rowsText(ragged)}); absent cells count as missing, and no cell was dropped.`,
    )
  const commas = intakes.flatMap((_, at) => (markAt(at) === ',' && votes[at] ? [names[at]!] : []))
  if (decimalMark === ',') notices.push('Numbers were read with a decimal comma.')
  else if (commas.length > 0)
    notices.push(`Numbers were read with a decimal comma in ${commas.join(', ')}.`)
  const saidOf = <One>(all: Readonly<Record<string, One>>, at: number) =>
    Object.hasOwn(all, names[at]!) ? all[names[at]!] : undefined
  const saidAt = (at: number) => ({ role: saidOf(roles, at), twoPlaces: saidOf(durations, at) })
  const finish = (column: Intake, at: number) =>
    withoutAnswered(column.finish(names[at]!, saidAt(at)), sum !== 0 || asked(at) !== undefined)
  const read = intakes.map(finish)
  const lacking = new Set(read.flatMap((column, at) => (column ? [] : [at])))
  const again = lacking.size > 0 ? take(markAt, lacking).columns : []
  const columns = read
    .map((column, at) => withDates(column ?? finish(again[at]!, at)!, dates))
    .map((column, at) => withStyle(column, said.styles?.[at]))
  return { delimiter, decimalMark, rowCount, columns, notices }
}
