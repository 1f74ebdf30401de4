import { type Decimal, fromNumber, parseDecimal } from '../core/decimal/decimal'
import type { Row } from '../core/label/types'
import { inherit } from '../core/style/inherit'
import type { FullStyle } from '../core/style/fields'
import type { DatasetMeta, Quantity, StudyDocument } from './study'

/** A cell of a numeric column as it is kept: a double, decimal text where a double would lose digits, or missing. */
export type Cell = number | string | null

/** A cell as an exact decimal; null where it is missing. */
export function decimalOf(cell: Cell): Decimal | null {
  if (typeof cell === 'number') return Number.isFinite(cell) ? fromNumber(cell) : null
  return cell === null ? null : parseDecimal(cell)
}

/**
 * The rows of some columns, which cases and currencies look at; none where there are no columns.
 *
 * @param sides columns by name, all of one length
 */
export function rowsBeside(sides: readonly (readonly [string, readonly Cell[]])[]): Row[] | undefined {
  return sides[0]?.[1].map((_, at) => Object.fromEntries(sides.map(([name, cells]) => [name, cells[at]])))
}

/** The quantities of a new data set: one a numeric column, parted by its first text column. */
export function quantitiesOf(dataset: DatasetMeta): Quantity[] {
  const category = dataset.columns.find((column) => column.kind === 'text')?.name ?? null
  return dataset.columns.filter((column) => column.kind === 'number').map((column) => ({
    id: `${dataset.id}.${column.position}`,
    datasetId: dataset.id,
    column: column.name,
    title: column.name,
    recorded: 0,
    style: {},
    chart: { category, aggregate: 'sum' },
    ticks: {},
  }))
}

/** The style that a quantity is written in: the house style with the quantity's own over it. */
export const styleOf = (document: StudyDocument, quantity: Quantity): FullStyle => inherit(document.house, quantity.style)
