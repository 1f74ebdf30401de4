import type { Regions } from '../../core/label/region'
import { type KeptColumn, keptColumn } from '../import/kept'
import type { ImportedTable } from '../import/table'
import type { ImportedColumn } from '../import/types'
import type { Cell } from '../quantities'
import type { DatasetMeta } from '../study/dataset'
import type { StudyDocument } from '../study/document'
import type { Quantity } from '../study/quantity'
import { datasetOf, startsOf } from './start'

/** A table that was read, with all that a study gets of it. */
export interface NewTable extends Pick<DatasetMeta, 'id' | 'name' | 'rowCount' | 'notices'> {
  readonly columns: readonly KeptColumn[]
  /** What is written of it, each with the styles that it begins with. */
  readonly quantities: readonly Quantity[]
}

/** Where a table goes. */
export interface Destination extends Pick<DatasetMeta, 'id' | 'name'> {
  /** The study that it joins. */
  readonly document: StudyDocument
  /** Tables of the regions and units that its quantities are written in. */
  readonly regions: Regions
}

function cellsIn({ doubles, cells }: ImportedColumn): readonly Cell[] {
  if (!doubles) return cells()
  const all: Cell[] = new Array(doubles.length)
  for (let at = 0; at < doubles.length; at++)
    all[at] = Number.isNaN(doubles[at]) ? null : doubles[at]!
  return all
}

/**
 * A table as a study takes it.
 *
 * @param table from `readTable`
 * @example newTable(readTable('kg\n0.5'), { id, name, document, regions }).quantities[0].column // 'kg'
 */
export function newTable(
  table: ImportedTable,
  { id, name, document, regions }: Destination,
): NewTable {
  const dataset = { ...datasetOf(name, table), id }
  const columns = new Map(table.columns.map((column) => [column.name, column]))
  const cellsOf = (wanted: string) => cellsIn(columns.get(wanted)!)
  return {
    ...{ id, name, rowCount: table.rowCount, notices: [...table.notices] },
    quantities: startsOf(document, dataset, { cellsOf, regions }),
    columns: table.columns.map(keptColumn),
  }
}
