import { type StudyDocument, studyDocumentSchema } from '../../shared/study/document'
import type { Db } from './database'

export interface Revision {
  readonly studyId: string
  readonly number: number
  readonly document: StudyDocument
  /** What was done, in words. */
  readonly what: string
  readonly madeAt: string
  /** What its sender called it. */
  readonly key?: string
}

export function insertRevision(db: Db, revision: Revision): void {
  db.prepare(
    'INSERT INTO revision (study_id, number, document, what, made_at, key) VALUES (:studyId, :number, :document, :what, :madeAt, :key)',
  ).run({ key: null, ...revision, document: JSON.stringify(revision.document) })
}

/** What the senders of revisions after one called them, in their order. */
export const keysAfter = (db: Db, studyId: string, number: number): (string | null)[] =>
  db
    .prepare<[string, number], string | null>(
      'SELECT key FROM revision WHERE study_id = ? AND number > ? ORDER BY number',
    )
    .pluck()
    .all(studyId, number) as (string | null)[]

/**
 * The document as it was at a revision, brought to the newest version.
 *
 * @throws Error where there is no such revision; ZodError where it is no document
 */
export function documentAt(db: Db, studyId: string, number: number): StudyDocument {
  const row = db
    .prepare<[string, number], { document: string }>(
      'SELECT document FROM revision WHERE study_id = ? AND number = ?',
    )
    .get(studyId, number)
  if (!row) throw new Error(`study ${studyId} has no revision ${number}`)
  return studyDocumentSchema.parse(JSON.parse(row.document))
}
