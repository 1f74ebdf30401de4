import type { Regions } from '../../core/label/region'
import { type KeptColumn, keptColumn } from '../import/kept'
import type { ImportedTable } from '../import/table'
import type { DatasetMeta } from '../study/dataset'
import type { StudyDocument } from '../study/document'
import type { Quantity } from '../study/quantity'
import { cellsOfTable, datasetOf, startsOf } from './start'

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
  return {
    ...{ id, name, rowCount: table.rowCount, notices: [...table.notices] },
    quantities: startsOf(document, dataset, { cellsOf: cellsOfTable(table), regions }),
    columns: table.columns.map(keptColumn),
  }
}
