import { multiply } from '../../core/decimal/arithmetic'
import { decimal, toText } from '../../core/decimal/decimal'
import { type Cell, decimalOf } from '../quantities'
import type { PageInputs } from './values'

type CellsOf = (name: string) => readonly Cell[]

/** A table of more rows than these is looked at in part, of so many rows. */
const [MOST_ROWS, SOME_ROWS] = [20_000, 3_000]

/** Some rows of a table: their cells, and how many rows each of them stands for. */
export interface SomeRows {
  readonly cellsOf: CellsOf
  readonly each: number
}

/** The rows of the least and the largest of doubles. */
function endsOf(cells: readonly Cell[]): number[] {
  let [least, largest] = [-1, -1]
  cells.forEach((cell, at) => {
    if (typeof cell !== 'number') return
    if (least < 0 || cell < (cells[least] as number)) least = at
    if (largest < 0 || cell > (cells[largest] as number)) largest = at
  })
  return least < 0 ? [] : [least, largest]
}

/**
 * The rows of a table that tell how it is written: all of them; of a long one every so many, and
 * those where a number is the least or the largest of a column.
 *
 * @param names of the columns that are written
 * @example someRows(200, ['kg'], cellsOf).each // 1, of a table of 200 rows
 */
export function someRows(rowCount: number, names: readonly string[], cellsOf: CellsOf): SomeRows {
  if (rowCount <= MOST_ROWS) return { cellsOf, each: 1 }
  const each = Math.ceil(rowCount / SOME_ROWS)
  const ends = names.flatMap((name) => endsOf(cellsOf(name)))
  const regular = Array.from({ length: Math.ceil(rowCount / each) }, (_, at) => at * each)
  const places = [...new Set([...regular, ...ends])].sort((a, b) => a - b)
  const known = new Map<string, readonly Cell[]>()
  function cellsOfSome(name: string): readonly Cell[] {
    if (!known.has(name)) {
      const all = cellsOf(name)
      known.set(
        name,
        places.map((place) => all[place] ?? null),
      )
    }
    return known.get(name)!
  }
  return { cellsOf: cellsOfSome, each }
}

/**
 * The same rows, with a column as many times as large as its sums are over all rows: whole times,
 * so
 * that it has the same decimals.
 *
 * @example timesRows({ cellsOf: () => [0.5], each: 3 }, 'kg')('kg') // ['1.5']
 */
export function timesRows({ cellsOf, each }: SomeRows, column: string): CellsOf {
  const by = decimal(each)
  const times = cellsOf(column).map((cell) => {
    const value = decimalOf(cell)
    return value && toText(multiply(value, by))
  })
  return (name) => (name === column ? times : cellsOf(name))
}

/**
 * The cells of a quantity's page, of a long table those of some rows, with sums as large as those of
 * all.
 *
 * @example cellsInPart(revenue, 200, cellsOf) // cellsOf, of a table of 200 rows
 */
export function cellsInPart(
  { column, chart }: { readonly column: string; readonly chart: { readonly aggregate: string } },
  rowCount: number,
  cellsOf: CellsOf,
): CellsOf {
  const some = someRows(rowCount, [column], cellsOf)
  return some.each > 1 && chart.aggregate === 'sum' ? timesRows(some, column) : some.cellsOf
}

/** The page of some of the rows of a long table, with sums as large as those of all. */
export function pageInPart(given: PageInputs): PageInputs {
  const { loaded, dataset, quantity, caseCells } = given
  if (!loaded) return given
  const cases = new Map(caseCells)
  const cellsOf = cellsInPart(
    quantity,
    dataset.rowCount,
    (name) => cases.get(name) ?? loaded.cellsOf(name),
  )
  return {
    ...given,
    loaded: { ...loaded, cellsOf },
    caseCells: caseCells.map(([name]) => [name, cellsOf(name)] as const),
  }
}
