import type { ColumnMeta } from '../../shared/study/dataset'
import type { Cell } from '../../shared/quantities'
import { cellsKept, type KeptCells, type KeptColumn } from '../../shared/import/kept'
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
    reason: JSON.stringify(reason),
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
      Omit<ColumnMeta, 'reason' | 'unread' | 'reading'> & {
        reason: string
        unread: string
        reading: string | null
      }
    >(
      'SELECT position, name, kind, reason, encoding, missing, unread, reading FROM dataset_column WHERE dataset_id = ? ORDER BY position',
    )
    .all(datasetId)
    .map(({ reading, ...row }) => ({
      ...row,
      reason: JSON.parse(row.reason) as ColumnMeta['reason'],
      unread: JSON.parse(row.unread) as ColumnMeta['unread'],
      ...(reading ? { reading: JSON.parse(reading) as ColumnMeta['reading'] } : {}),
    }))
}

/** The cells of a column as they are kept. */
export const columnBody = (db: Db, datasetId: string, position: number): KeptCells | undefined =>
  db
    .prepare<[string, number], KeptCells>(
      'SELECT encoding, body FROM dataset_column WHERE dataset_id = ? AND position = ?',
    )
    .get(datasetId, position)

/** The same by the name of the column. @throws Error when there is none of that name */
export function columnNamed(db: Db, datasetId: string, name: string): KeptCells {
  const found = db
    .prepare<[string, string], KeptCells>(
      'SELECT encoding, body FROM dataset_column WHERE dataset_id = ? AND name = ?',
    )
    .get(datasetId, name)
  if (!found) throw new Error(`there is no column “${name}”`)
  return found
}
/** The cells of a column. @throws Error when there is none of that name */
export const columnCells = (db: Db, datasetId: string, name: string): Cell[] =>
  cellsKept(columnNamed(db, datasetId, name))
