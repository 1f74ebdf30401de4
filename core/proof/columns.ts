import { shift } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'
import { readIn, type Reader, relevant, type Said, type Way, waysOf } from './read'
import { type Token, tokenOf } from './token'
import type { Span } from './types'

/** A cell of a finished table. */
export interface TextCell {
  readonly text: string
  readonly at: Span
  /** The number that it carries beside its text, where it does. */
  readonly value: Decimal | null
}
/** A column of a finished table, without its head. */
export interface TextColumn {
  /** Its place in the table. */
  readonly at: number
  readonly name: string
  readonly cells: readonly TextCell[]
  /** The power of ten that its head says. */
  readonly power: number
  /** The places of cells that are totals of the others. */
  readonly totals: readonly number[]
}

/** A numeric column, read by the rule that explains most of its cells. */
export interface ReadColumn {
  readonly at: number
  readonly name: string
  readonly way: Way
  /** Its cells that are numbers, with the places that they have in it. */
  readonly places: readonly number[]
  readonly cells: readonly TextCell[]
  readonly said: readonly Said[]
  /** What the cells stand for, in what its head counts: the number that they carry, or that they say. */
  readonly values: readonly Decimal[]
  readonly totals: readonly number[]
  readonly power: number
}

/** A column of numbers has this part of them among its cells that say something. */
const NUMERIC = 0.6
const MISSING = /^(?:|[-–—.…]{1,3}|n\/?a\.?|nan|null|none|not available|k\.?\s?a\.?)$/i

/** How many cells a way reads by its own marks, and how many at all. */
function scoreOf(said: readonly (Said | null)[]): number {
  const read = said.filter((one) => one !== null)
  return read.length * 1000 + read.filter(({ isNative }) => isNative).length
}

/**
 * A column as numbers, by the rule that explains most of its cells.
 *
 * @param readers who may have written it, the likeliest first
 * @returns null for a column of texts
 */
export function readColumn(column: TextColumn, readers: readonly Reader[]): ReadColumn | null {
  const { cells, power } = column
  const filled = cells.flatMap(({ text }, at) => (MISSING.test(text.trim()) ? [] : [at]))
  const tokens = filled.map((at) => tokenOf(cells[at]!.text))
  const places = filled.filter((_, i) => tokens[i] !== null)
  if (places.length < 2 || places.length < NUMERIC * filled.length) return null
  const numeric = tokens.filter((one): one is Token => one !== null)
  let best: { way: Way; said: (Said | null)[]; score: number } | null = null
  for (const way of waysOf(numeric, relevant(numeric, readers))) {
    const said = readIn(numeric, way)
    const score = scoreOf(said)
    if (!best || score > best.score) best = { way, said, score }
  }
  if (!best) return null
  const kept = places.flatMap((at, i) => (best.said[i] ? [{ at, said: best.said[i] }] : []))
  if (kept.length < 2) return null
  const hasOwnValues = kept.every(({ at }) => cells[at]!.value !== null)
  const said = kept.map((one) => one.said)
  // Parts of a whole are not counted in the thousands that a caption speaks of.
  const own = said.some(({ part }) => part !== 0) ? 0 : power
  return {
    at: column.at,
    name: column.name,
    way: best.way,
    places: kept.map(({ at }) => at),
    cells: kept.map(({ at }) => cells[at]!),
    said,
    values: hasOwnValues
      ? kept.map(({ at }) => shift(cells[at]!.value!, -own))
      : said.map(({ value }) => value),
    totals: kept.flatMap(({ at }, i) => (column.totals.includes(at) ? [i] : [])),
    power: own,
  }
}

/** Whether a column can be read by no other marks. */
function isDecided(column: ReadColumn, text: TextColumn, readers: readonly Reader[]): boolean {
  const { decimal } = column.way.reader.region.system.marks
  const others = readers.filter(({ region }) => region.system.marks.decimal !== decimal)
  const other = others.length > 0 ? readColumn(text, others) : null
  const native = (one: ReadColumn) => one.said.filter(({ isNative }) => isNative).length
  return !other || native(other) < native(column)
}

/**
 * The numeric columns of a table: those that can be read in one way alone decide how the others are
 * read.
 *
 * @param readers who may have written it, the likeliest first
 */
export function readColumns(
  columns: readonly TextColumn[],
  readers: readonly Reader[],
): ReadColumn[] {
  const first = columns.map((column) => readColumn(column, readers))
  const decided = first.find(
    (one, at) => one && one.way.reader !== readers[0] && isDecided(one, columns[at]!, readers),
  )
  if (!decided) return first.filter((one) => one !== null)
  const { reader } = decided.way
  const ordered = [reader, ...readers.filter((one) => one !== reader)]
  return columns.flatMap((column) => readColumn(column, ordered) ?? [])
}

/** The rule by which a column was read, in words. */
export function ruleWords({ said, way, power }: ReadColumn): string {
  const rungs = [...new Set(said.map(({ rung }) => rung).filter(Boolean))]
  const units = [...new Set(said.map(({ unit }) => unit).filter(Boolean))]
  const { decimal, group } = way.reader.region.system.marks
  const words = [
    `marks of ${way.reader.tag} (${decimal} for decimals, ${group.trim() || 'a blank'} for groups)`,
    rungs.length > 0 ? `with ${rungs.join(' ')}` : '',
    said.some(({ token }) => token.sign === '(') ? 'minus as parentheses' : '',
    units.length > 0 ? `in ${units.join(', ')}` : '',
    power === 0 ? '' : `times 10^${power} by its head`,
  ]
  return words.filter(Boolean).join(', ')
}
