import { randomUUID } from 'node:crypto'
import { type ImportedTable, readTable } from '../../shared/import/table'
import type { DatasetMeta } from '../../shared/study/dataset'
import type { SaveRequest } from '../../shared/study/requests'
import type { Study } from '../../shared/study/study'
import { newDocument, type StudyDocument } from '../../shared/study/document'
import type { Regions } from '../../core/label/region'
import { startsOf } from '../../shared/page/start'
import { columnCells, insertColumn } from '../db/columns'
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
 * @returns the study as saved, or undefined when there is none of that id
 */
export function saveStudy(
  db: Db,
  id: string,
  { base, document, what, key, lost = [] }: SaveRequest,
): Study | undefined {
  return changing(db, () => {
    const current = findStudy(db, id)
    if (!current) return undefined
    const since = current.revision === base ? [] : keysAfter(db, id, base)
    const isOwn = (one: string | null) => one !== null && (one === key || lost.includes(one))
    if (current.revision < base || !since.every(isOwn)) throw new ConflictError(loadStudy(db, id)!)
    if (since.length > 0 && since.at(-1) === key) return loadStudy(db, id)
    const number = current.revision + 1
    insertRevision(db, { studyId: id, number, document, what, madeAt: now(), key })
    updateStudy(db, { id, name: document.name, revision: number, changedAt: now() })
    return { id, revision: number, document, datasets: listDatasets(db, id) }
  })
}

/** A name that no other has: `trams`, then `trams 2`. */
function apart(name: string, taken: readonly string[]): string {
  const numbered = (at: number) => (at === 1 ? name : `${name} ${at}`)
  let at = 1
  while (taken.includes(numbered(at))) at++
  return numbered(at)
}

/**
 * Takes a table into a study; each numeric column becomes a quantity, and the first is shown.
 *
 * @param regions tables of the regions and units that its quantities are written in
 * @returns the study with it, or undefined when there is none of that id
 */
export function importTable(
  db: Db,
  studyId: string,
  wanted: string,
  table: ImportedTable,
  regions: Regions = {},
): Study | undefined {
  return changing(db, () => {
    const study = loadStudy(db, studyId)
    if (!study) return undefined
    const id = randomUUID()
    const name = apart(
      wanted,
      study.datasets.map((one) => one.name),
    )
    insertDataset(db, studyId, { id, name, rowCount: table.rowCount, notices: [...table.notices] })
    table.columns.forEach((column, position) => insertColumn(db, id, position, column))
    const dataset: DatasetMeta = listDatasets(db, studyId).find((one) => one.id === id)!
    const cellsOf = (column: string) => columnCells(db, id, column)
    const quantities = startsOf(study.document, dataset, { cellsOf, regions })
    const document: StudyDocument = {
      ...study.document,
      quantities: [...study.document.quantities, ...quantities],
      shown: quantities[0]?.id ?? study.document.shown,
    }
    return saveStudy(db, studyId, { base: study.revision, document, what: `Bring in ${name}` })
  })
}

/**
 * Reads a table into a study.
 *
 * @throws ImportError when the text is no table
 * @returns the study with it, or undefined when there is none of that id
 */
export const importDataset = (
  db: Db,
  studyId: string,
  name: string,
  text: string,
): Study | undefined => importTable(db, studyId, name, readTable(text))

/** Begins a study with a table, in one go. */
export const studyOfTable = (
  db: Db,
  name: string,
  table: ImportedTable,
  regions?: Regions,
): Study =>
  changing(db, () => {
    const study = createStudy(db, newDocument(name), 'Begin the study')
    return importTable(db, study.id, name, table, regions)!
  })
