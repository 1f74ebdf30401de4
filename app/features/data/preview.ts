import type { ImportedColumn } from '~~/shared/import/types'
import type { ImportedTable } from '~~/shared/import/table'

export type ColumnPreview = Omit<ImportedColumn, 'cells' | 'doubles'>
/** What a table would be, without its cells. */
export interface TablePreview extends Omit<ImportedTable, 'columns'> {
  readonly columns: readonly ColumnPreview[]
}

/** What is shown of a table before it is brought in. */
export const previewOf = ({ columns, ...table }: ImportedTable): TablePreview => ({
  ...table,
  columns: columns.map(({ cells: _cells, doubles: _doubles, ...column }) => column),
})

/** A text or file as long as this takes a moment to read; a shorter one is read at once. */
export const LONG = 300_000
