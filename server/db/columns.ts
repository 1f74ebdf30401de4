import type { ColumnMeta } from '../../shared/study/dataset'
import type { Cell } from '../../shared/quantities'
import { type ImportedColumn, readingOf } from '../../shared/import/types'
import type { Db } from './database'

/** The cells as one buffer: doubles where they hold every digit, JSON otherwise. */
function encode(column: ImportedColumn): { encoding: ColumnMeta['encoding']; body: Buffer } {
  if (column.doubles) return { encoding: 'float64', body: Buffer.from(column.doubles.buffer) }
  return { encoding: 'json', body: Buffer.from(JSON.stringify(column.cells())) }
}

export function insertColumn(
  db: Db,
  datasetId: string,
  position: number,
  column: ImportedColumn,
): void {
  const { name, kind, reason, missing } = column
  db.prepare(
    `INSERT INTO dataset_column (dataset_id, position, name, kind, reason, encoding, missing, unread, reading, body)
    VALUES (:datasetId, :position, :name, :kind, :reason, :encoding, :missing, :unread, :reading, :body)`,
  ).run({
    datasetId,
    position,
    name,
    kind,
    reason,
    missing,
    unread: JSON.stringify(column.unread),
    reading: JSON.stringify(readingOf(column)) ?? null,
    ...encode(column),
  })
}

/** Takes a column out of a data set. */
export function deleteColumn(db: Db, datasetId: string, position: number): void {
  db.prepare('DELETE FROM dataset_column WHERE dataset_id = ? AND position = ?').run(
    datasetId,
    position,
  )
}

export function listColumns(db: Db, datasetId: string): ColumnMeta[] {
  return db
    .prepare<
      [string],
      Omit<ColumnMeta, 'unread' | 'reading'> & { unread: string; reading: string | null }
    >(
      'SELECT position, name, kind, reason, encoding, missing, unread, reading FROM dataset_column WHERE dataset_id = ? ORDER BY position',
    )
    .all(datasetId)
    .map(({ reading, ...row }) => ({
      ...row,
      unread: JSON.parse(row.unread) as ColumnMeta['unread'],
      ...(reading ? { reading: JSON.parse(reading) as ColumnMeta['reading'] } : {}),
    }))
}

/** The cells of a column as they are kept, with how. */
export const columnBody = (
  db: Db,
  datasetId: string,
  position: number,
): { encoding: ColumnMeta['encoding']; body: Buffer } | undefined =>
  db
    .prepare<[string, number], { encoding: ColumnMeta['encoding']; body: Buffer }>(
      'SELECT encoding, body FROM dataset_column WHERE dataset_id = ? AND position = ?',
    )
    .get(datasetId, position)

/** The cells of a column. @throws Error when there is none of that name */
export function columnCells(db: Db, datasetId: string, name: string): Cell[] {
  const row = db
    .prepare<[string, string], { position: number }>(
      'SELECT position FROM dataset_column WHERE dataset_id = ? AND name = ?',
    )
    .get(datasetId, name)
  const stored = row && columnBody(db, datasetId, row.position)
  if (!stored) throw new Error(`there is no column “${name}”`)
  if (stored.encoding === 'json') return JSON.parse(stored.body.toString()) as Cell[]
  const bytes = Uint8Array.from(stored.body)
  return Array.from(new Float64Array(bytes.buffer), (double) =>
    Number.isNaN(double) ? null : double,
  )
}
