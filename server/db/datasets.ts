import type { DatasetMeta } from '../../shared/study/dataset'
import { listColumns } from './columns'
import type { Db } from './database'

type DatasetRow = Omit<DatasetMeta, 'columns'>

export function insertDataset(db: Db, studyId: string, dataset: DatasetRow): void {
  db.prepare(
    `INSERT INTO dataset (id, study_id, position, name, row_count, notices)
    VALUES (:id, :studyId, (SELECT count(*) FROM dataset WHERE study_id = :studyId), :name, :rowCount, :notices)`,
  ).run({ ...dataset, studyId, notices: JSON.stringify(dataset.notices) })
}

/** Whether a data set of that id stands in any study. */
export const hasDataset = (db: Db, id: string): boolean =>
  db.prepare('SELECT 1 FROM dataset WHERE id = ?').get(id) !== undefined

/** The data sets of a study with what is known of their columns; the cells stay where they are. */
export function listDatasets(db: Db, studyId: string): DatasetMeta[] {
  return db
    .prepare<[string], Omit<DatasetRow, 'notices'> & { notices: string }>(
      'SELECT id, name, row_count AS rowCount, notices FROM dataset WHERE study_id = ? ORDER BY position',
    )
    .all(studyId)
    .map((row) => ({
      ...row,
      notices: JSON.parse(row.notices) as string[],
      columns: listColumns(db, row.id),
    }))
}

/** Copies a data set with its columns to another study. */
export function copyDataset(
  db: Db,
  from: string,
  to: { readonly id: string; readonly studyId: string },
): void {
  db.prepare(
    'INSERT INTO dataset (id, study_id, position, name, row_count, notices) SELECT :id, :studyId, position, name, row_count, notices FROM dataset WHERE id = :from',
  ).run({ ...to, from })
  db.prepare(
    `INSERT INTO dataset_column (dataset_id, position, name, kind, reason, encoding, missing, unread, reading, body)
    SELECT :id, position, name, kind, reason, encoding, missing, unread, reading, body FROM dataset_column WHERE dataset_id = :from`,
  ).run({ id: to.id, from })
}
