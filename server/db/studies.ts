import type { StudySummary } from '../../shared/study'
import type { Db } from './database'

const summary = 'SELECT id, name, revision, changed_at AS changedAt FROM study'

/** Studies, the one changed last first. */
export const listStudies = (db: Db): StudySummary[] =>
  db.prepare<[], StudySummary>(`${summary} ORDER BY changed_at DESC, rowid DESC`).all()

export const findStudy = (db: Db, id: string): StudySummary | undefined =>
  db.prepare<[string], StudySummary>(`${summary} WHERE id = ?`).get(id)

export function insertStudy(db: Db, study: StudySummary): void {
  db.prepare('INSERT INTO study (id, name, revision, changed_at) VALUES (:id, :name, :revision, :changedAt)').run(study)
}

export function updateStudy(db: Db, study: StudySummary): void {
  db.prepare('UPDATE study SET name = :name, revision = :revision, changed_at = :changedAt WHERE id = :id').run(study)
}
