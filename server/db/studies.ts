import type { ListedStudy, StudySummary } from '../../shared/study/study'
import type { Db } from './database'

const summary = 'SELECT id, name, revision, changed_at AS changedAt FROM study'

type Row = Omit<ListedStudy, 'datasets'> & { readonly datasets: string }
/** Studies, the one changed last first, with what their data are called. */
const listed = (db: Db, which: string): ListedStudy[] =>
  db
    .prepare<[], Row>(
      `SELECT id, name, revision, changed_at AS changedAt, removed_at AS removedAt,
         (SELECT json_group_array(dataset.name) FROM dataset WHERE study_id = study.id) AS datasets,
         (SELECT coalesce(sum(row_count), 0) FROM dataset WHERE study_id = study.id) AS rows
       FROM study WHERE ${which} ORDER BY changed_at DESC, rowid DESC`,
    )
    .all()
    .map(({ datasets, ...study }) => ({ ...study, datasets: JSON.parse(datasets) as string[] }))

/** Studies that are not removed, the one changed last first. */
export const listStudies = (db: Db): ListedStudy[] => listed(db, 'removed_at IS NULL')
/** Studies that were removed and can be brought back. */
export const listRemoved = (db: Db): ListedStudy[] => listed(db, 'removed_at IS NOT NULL')

/** Whether there ever was a study, removed ones among them. */
export const hasStudies = (db: Db): boolean =>
  db.prepare('SELECT 1 FROM study LIMIT 1').get() !== undefined

export const findStudy = (db: Db, id: string): StudySummary | undefined =>
  db.prepare<[string], StudySummary>(`${summary} WHERE id = ? AND removed_at IS NULL`).get(id)

/** A study, also one that was removed. */
export const findStudyAnywhere = (db: Db, id: string): StudySummary | undefined =>
  db.prepare<[string], StudySummary>(`${summary} WHERE id = ?`).get(id)

export function insertStudy(db: Db, study: StudySummary): void {
  db.prepare(
    'INSERT INTO study (id, name, revision, changed_at) VALUES (:id, :name, :revision, :changedAt)',
  ).run(study)
}

export function updateStudy(db: Db, study: StudySummary): void {
  db.prepare(
    'UPDATE study SET name = :name, revision = :revision, changed_at = :changedAt WHERE id = :id',
  ).run(study)
}

/** Marks a study as removed, or as there again. @returns whether there is one of that id */
export const markRemoved = (db: Db, id: string, removedAt: string | null): boolean =>
  db.prepare('UPDATE study SET removed_at = ? WHERE id = ?').run(removedAt, id).changes > 0
