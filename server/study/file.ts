import { randomUUID } from 'node:crypto'
import type { Study, StudyFile } from '../../shared/study/study'
import type { StudyDocument } from '../../shared/study/document'
import { keptColumn } from '../../shared/import/kept'
import { columnCells, insertColumn } from '../db/columns'
import { changing, type Db } from '../db/database'
import { copyDataset, insertDataset, hasDataset } from '../db/datasets'
import { createStudy, loadStudy } from './studies'

/** A document whose quantities speak of other data sets. */
const withDatasets = (
  document: StudyDocument,
  idOf: (datasetId: string) => string,
): StudyDocument => ({
  ...document,
  quantities: document.quantities.map((one) => ({ ...one, datasetId: idOf(one.datasetId) })),
  roles: document.roles?.map((one) => ({ ...one, datasetId: idOf(one.datasetId) })),
})

/** A study with its data, as one file; undefined when there is none of that id. */
export function studyFile(db: Db, id: string): StudyFile | undefined {
  const study = loadStudy(db, id)
  if (!study) return undefined
  const datasets = study.datasets.map((dataset) => ({
    ...dataset,
    columns: dataset.columns.map((column) => ({
      ...column,
      cells: columnCells(db, dataset.id, column.name),
    })),
  }))
  return { format: 'ivory-abacus study', version: 1, document: study.document, datasets }
}

/**
 * Makes a study of a file. Its data sets keep their ids, so that the file that is saved next
 * differs
 * in what was changed alone; where they stand here already, they are new ones.
 */
export function studyOfFile(db: Db, { document, datasets }: StudyFile): Study {
  return changing(db, () => {
    const ids = new Map(datasets.map(({ id }) => [id, hasDataset(db, id) ? randomUUID() : id]))
    const study = createStudy(
      db,
      withDatasets(document, (id) => ids.get(id) ?? id),
      'Bring a study in from its file',
    )
    for (const { id, name, rowCount, notices, columns } of datasets) {
      insertDataset(db, study.id, { id: ids.get(id)!, name, rowCount, notices })
      for (const { cells, encoding, reading, ...column } of columns) {
        const doubles =
          encoding === 'float64'
            ? Float64Array.from(cells, (cell) => (cell === null ? NaN : Number(cell)))
            : null
        const read = {
          ...column,
          ...reading,
          doubles,
          cells: () => cells.map((cell) => (cell === null ? null : String(cell))),
        }
        insertColumn(db, ids.get(id)!, column.position, keptColumn(read))
      }
    }
    return loadStudy(db, study.id)!
  })
}

/** A study of its own with the same decisions and data; undefined when there is none of that id. */
export function copyStudy(db: Db, id: string): Study | undefined {
  return changing(db, () => {
    const study = loadStudy(db, id)
    if (!study) return undefined
    const ids = new Map(study.datasets.map((dataset) => [dataset.id, randomUUID()]))
    const copy = createStudy(
      db,
      {
        ...withDatasets(study.document, (from) => ids.get(from) ?? from),
        name: `${study.document.name}, a copy`.slice(0, 200),
      },
      `Copy ${study.document.name}`,
    )
    for (const [from, to] of ids) copyDataset(db, from, { id: to, studyId: copy.id })
    return loadStudy(db, copy.id)!
  })
}
