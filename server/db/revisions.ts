import { deflateRawSync, inflateRawSync } from 'node:zlib'
import { type StudyDocument, studyDocumentSchema } from '../../shared/study/document'
import type { RevisionSummary } from '../../shared/study/study'
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
interface Stored {
  readonly number: number
  readonly document: string | null
  readonly body: Buffer | null
  readonly base: number | null
}

/** So many revisions lean on one that stands alone. */
const LEANING = 64
const columns = 'SELECT number, document, body, base FROM revision'

const storedAt = (db: Db, studyId: string, number: number): Stored | undefined =>
  db
    .prepare<[string, number], Stored>(`${columns} WHERE study_id = ? AND number = ?`)
    .get(studyId, number)

/** The text of a document. @throws Error where what it leans on is gone */
function textOf(db: Db, studyId: string, { document, body, base }: Stored): string {
  if (document !== null) return document
  if (base === null) return inflateRawSync(body!).toString()
  const standing = storedAt(db, studyId, base)
  if (!standing) throw new Error(`study ${studyId} has no revision ${base}, on which others lean`)
  const dictionary = Buffer.from(textOf(db, studyId, standing))
  return inflateRawSync(body!, { dictionary }).toString()
}

/** The last revision that stands alone, where the next may lean on it. */
const standingBefore = (db: Db, studyId: string, number: number): Stored | undefined =>
  db
    .prepare<[string, number], Stored>(
      `${columns} WHERE study_id = ? AND number >= ? AND base IS NULL ORDER BY number DESC LIMIT 1`,
    )
    .get(studyId, number - LEANING)

export function insertRevision(db: Db, { document, ...revision }: Revision): void {
  const { studyId, number } = revision
  const text = JSON.stringify(document)
  const standing = standingBefore(db, studyId, number)
  const dictionary = standing && Buffer.from(textOf(db, studyId, standing))
  db.prepare(
    'INSERT INTO revision (study_id, number, body, base, what, made_at, key) VALUES (:studyId, :number, :body, :base, :what, :madeAt, :key)',
  ).run({
    key: null,
    ...revision,
    base: standing?.number ?? null,
    body: deflateRawSync(text, { dictionary }),
  })
}

/** What the senders of revisions after one called them, in their order. */
export const keysAfter = (db: Db, studyId: string, number: number): (string | null)[] =>
  db
    .prepare<[string, number], string | null>(
      'SELECT key FROM revision WHERE study_id = ? AND number > ? ORDER BY number',
    )
    .pluck()
    .all(studyId, number) as (string | null)[]

/** So many revisions are listed at once. */
const LISTED = 100
/**
 * What was done to a study, the last first.
 *
 * @param before the number that all of them are below; the newest where none is given
 */
export const listRevisions = (
  db: Db,
  studyId: string,
  before = Number.MAX_SAFE_INTEGER,
): RevisionSummary[] =>
  db
    .prepare<[string, number, number], RevisionSummary>(
      `SELECT number, what, made_at AS madeAt, name, taken_at AS takenAt FROM revision
       WHERE study_id = ? AND number < ? ORDER BY number DESC LIMIT ?`,
    )
    .all(studyId, before, LISTED)

/** Calls a revision something, or nothing. @returns whether there is such a revision */
export const nameRevision = (
  db: Db,
  studyId: string,
  number: number,
  name: string | null,
): boolean =>
  db
    .prepare('UPDATE revision SET name = ? WHERE study_id = ? AND number = ?')
    .run(name, studyId, number).changes > 0

/** Notes that something was taken away of a revision. @returns whether there is such a revision */
export const noteTaken = (db: Db, studyId: string, number: number, takenAt: string): boolean =>
  db
    .prepare('UPDATE revision SET taken_at = ? WHERE study_id = ? AND number = ?')
    .run(takenAt, studyId, number).changes > 0

/** Whether a revision is kept. */
export const hasRevision = (db: Db, studyId: string, number: number): boolean =>
  storedAt(db, studyId, number) !== undefined

/**
 * The document as it was at a revision, brought to the newest version.
 *
 * @throws Error where there is no such revision; ZodError where it is no document
 */
export function documentAt(db: Db, studyId: string, number: number): StudyDocument {
  const stored = storedAt(db, studyId, number)
  if (!stored) throw new Error(`study ${studyId} has no revision ${number}`)
  return studyDocumentSchema.parse(JSON.parse(textOf(db, studyId, stored)))
}
