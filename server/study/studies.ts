import { randomUUID } from 'node:crypto'
import { readTable } from '../../shared/import/table'
import { type NewTable, newTable } from '../../shared/page/newTable'
import type { DatasetMeta } from '../../shared/study/dataset'
import type { SaveRequest } from '../../shared/study/requests'
import type { Study } from '../../shared/study/study'
import { newDocument, type StudyDocument } from '../../shared/study/document'
import { insertColumn } from '../db/columns'
import { changing, type Db } from '../db/database'
import { insertDataset, listDatasets } from '../db/datasets'
import { documentAt, insertRevision, keysAfter } from '../db/revisions'
import { findStudy, insertStudy, updateStudy } from '../db/studies'

/** Somebody else saved first: what stands now comes with it. */
export class ConflictError extends Error {
  override name = 'ConflictError'
  constructor(readonly current: Study) {
    super(`The study was changed elsewhere meanwhile; it is at revision ${current.revision} now.`)
  }
}

const now = (): string => new Date().toISOString()

/** A new study without data. */
export function createStudy(db: Db, document: StudyDocument, what: string): Study {
  const id = randomUUID()
  changing(db, () => {
    insertStudy(db, { id, name: document.name, revision: 1, changedAt: now() })
    insertRevision(db, { studyId: id, number: 1, document, what, madeAt: now() })
  })
  return loadStudy(db, id)!
}

/** A study as it is now, or undefined when there is none of that id. */
export function loadStudy(db: Db, id: string): Study | undefined {
  const study = findStudy(db, id)
  if (!study) return undefined
  return {
    id,
    revision: study.revision,
    document: documentAt(db, id, study.revision),
    datasets: listDatasets(db, id),
  }
}

/**
 * Saves a change as a new revision. One that is there already, since only its answer got lost, is
 * not saved again, and stands in nobody's way.
 *
 * @throws ConflictError when the change was made on a revision that is no longer the newest
 * @returns the revision that it is at, or undefined when there is none of that id
 */
export function saveStudy(
  db: Db,
  id: string,
  { base, document, what, key, lost = [] }: SaveRequest,
): { readonly revision: number } | undefined {
  return changing(db, () => {
    const current = findStudy(db, id)
    if (!current) return undefined
    const since = current.revision === base ? [] : keysAfter(db, id, base)
    const isOwn = (one: string | null) => one !== null && (one === key || lost.includes(one))
    if (current.revision < base || !since.every(isOwn)) throw new ConflictError(loadStudy(db, id)!)
    if (since.length > 0 && since.at(-1) === key) return { revision: current.revision }
    const number = current.revision + 1
    insertRevision(db, { studyId: id, number, document, what, madeAt: now(), key })
    updateStudy(db, { id, name: document.name, revision: number, changedAt: now() })
    return { revision: number }
  })
}

/** A name that no other has: `trams`, then `trams 2`. */
function apart(name: string, taken: readonly string[]): string {
  const numbered = (at: number) => (at === 1 ? name : `${name} ${at}`)
  let at = 1
  while (taken.includes(numbered(at))) at++
  return numbered(at)
}

/** A name and an id for a table that joins a study. */
export const placeFor = (wanted: string, datasets: readonly DatasetMeta[] = []) => ({
  id: randomUUID(),
  name: apart(
    wanted,
    datasets.map(({ name }) => name),
  ),
})

/**
 * Takes a table into a study; each numeric column becomes a quantity, and the first is shown.
 *
 * @returns the study with it, or undefined when there is none of that id
 */
export function takeTable(
  db: Db,
  studyId: string,
  { columns, quantities, ...dataset }: NewTable,
): Study | undefined {
  return changing(db, () => {
    const study = loadStudy(db, studyId)
    if (!study) return undefined
    insertDataset(db, studyId, dataset)
    columns.forEach((column, position) => insertColumn(db, dataset.id, position, column))
    const document: StudyDocument = {
      ...study.document,
      quantities: [...study.document.quantities, ...quantities],
      shown: quantities[0]?.id ?? study.document.shown,
    }
    const what = `Bring in ${dataset.name}`
    saveStudy(db, studyId, { base: study.revision, document, what })
    return loadStudy(db, studyId)
  })
}

/** Begins a study with a table, in one go. */
export const studyOfTable = (db: Db, name: string, table: NewTable): Study =>
  changing(db, () => {
    const study = createStudy(db, newDocument(name), 'Begin the study')
    return takeTable(db, study.id, table)!
  })

/**
 * Reads a table into a study, here and now.
 *
 * @throws ImportError when the text is no table
 * @returns the study with it, or undefined when there is none of that id
 */
export function importDataset(
  db: Db,
  studyId: string,
  name: string,
  text: string,
): Study | undefined {
  const study = loadStudy(db, studyId)
  if (!study) return undefined
  const to = { ...placeFor(name, study.datasets), document: study.document, regions: {} }
  return takeTable(db, studyId, newTable(readTable(text), to))
}
