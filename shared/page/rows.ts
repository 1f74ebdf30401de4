import type { Decimal } from '../../core/decimal/decimal'
import { type Cell, decimalOf } from '../quantities'
import type { Quantity } from '../study/quantity'
import { cellsInCommon, type CommonUnit } from './commonUnit'
import type { WantedColumns } from './wanted'

export interface TextColumn {
  readonly name: string
  readonly cells: readonly string[]
}
/** Rows of a quantity's data set, with the columns that its page speaks of. */
export interface Rows {
  /** Where each row stands in the data set. */
  readonly places: readonly number[]
  readonly cells: readonly Cell[]
  readonly values: readonly (Decimal | null)[]
  readonly texts: readonly TextColumn[]
  readonly categories: readonly string[]
  /** The panel of each row, where there are panels. */
  readonly panels: readonly string[] | null
  /** The colour of each row's piece, where a column parts the marks. */
  readonly colours: readonly string[] | null
  /** The column that changes are told from, where marks tell one. */
  readonly against: readonly (Decimal | null)[] | null
  /** What a mean is weighted by. */
  readonly weights: readonly (Decimal | null)[] | null
  /** Other columns that the page speaks of, by name. */
  readonly others: ReadonlyMap<string, readonly Cell[]>
}
/** All rows, with what a filter tells them apart by; null where there is none. */
export interface AllRows extends Rows {
  readonly filtering: readonly string[] | null
}
/** What a category without a name is called. */
export const UNNAMED = '(none)'

/**
 * All rows of a page, in the common unit of its quantity.
 *
 * @param common null where no rows name units that can be brought to one
 * @param recorded the power of ten that the cells are recorded in
 */
export function rowsOf(
  wanted: WantedColumns,
  cellsOf: (name: string) => readonly Cell[],
  common: CommonUnit | null = null,
  recorded = 0,
): AllRows {
  const textOf = (name: string | null) =>
    name === null ? null : cellsOf(name).map((cell) => String(cell ?? ''))
  const named = (name: string | null) => textOf(name)?.map((cell) => cell || UNNAMED) ?? null
  const numbersIn = (name: string | null) => (name === null ? null : cellsOf(name).map(decimalOf))
  const cells = common
    ? cellsInCommon(common, cellsOf(wanted.column), cellsOf(common.column), recorded)
    : cellsOf(wanted.column)
  return {
    filtering: textOf(wanted.filter),
    cells,
    values: cells.map(decimalOf),
    places: cells.map((_, at) => at),
    texts: wanted.texts.map((name) => ({ name, cells: textOf(name)! })),
    categories: named(wanted.category) ?? cells.map((_, at) => `row ${at + 1}`),
    panels: named(wanted.panels),
    colours: named(wanted.colour),
    against: numbersIn(wanted.against),
    weights: numbersIn(wanted.weight),
    others: new Map(wanted.others.map((name) => [name, cellsOf(name)])),
  }
}

/** The places of the rows that a filter shows; null where it shows all. */
export function placesShown(
  filter: Quantity['filter'],
  cellsOf: (name: string) => readonly Cell[],
): number[] | null {
  if (!filter) return null
  const shown = new Set(filter.is)
  return cellsOf(filter.column).flatMap((cell, at) => (shown.has(String(cell ?? '')) ? [at] : []))
}

/** The rows that a filter leaves; the same rows where there is none. */
export function filteredRows(all: AllRows, filter: Quantity['filter']): Rows {
  const { filtering } = all
  const kept = filtering && placesShown(filter, () => filtering)
  if (!kept) return all
  const pick = <One>(list: readonly One[]): One[] => kept.map((at) => list[at]!)
  return {
    places: kept,
    cells: pick(all.cells),
    values: pick(all.values),
    categories: pick(all.categories),
    panels: all.panels && pick(all.panels),
    colours: all.colours && pick(all.colours),
    against: all.against && pick(all.against),
    weights: all.weights && pick(all.weights),
    texts: all.texts.map(({ name, cells }) => ({ name, cells: pick(cells) })),
    others: new Map([...all.others].map(([name, cells]) => [name, pick(cells)])),
  }
}
