import type { ColumnMeta } from '../../shared/study/dataset'
import type { Cell } from '../../shared/quantities'
import type { KeptColumn } from '../../shared/import/kept'
import type { Db } from './database'

export function insertColumn(
  db: Db,
  datasetId: string,
  position: number,
  { name, kind, reason, missing, unread, reading, encoding, body }: KeptColumn,
): void {
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
    unread: JSON.stringify(unread),
    reading: JSON.stringify(reading) ?? null,
    encoding,
    body,
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
