import { derivations } from '../../core/data/derive'
import type { KeptColumn } from '../../shared/import/kept'
import { quantityOf as quantityIn } from '../../shared/quantities'
import { type DatasetMeta, isUnused } from '../../shared/study/dataset'
import { columnReasonText } from '../../shared/study/columnReasonText'
import type { StudyDocument } from '../../shared/study/document'
import type { Quantity } from '../../shared/study/quantity'
import type { NewColumn } from '../../shared/study/requests'
import type { Study } from '../../shared/study/study'
import { deleteColumn, insertColumn } from '../db/columns'
import { changing, type Db } from '../db/database'
import { ColumnError } from './derivedColumn'
import type { Recording } from './derivedQuantity'
import { loadStudy, saveStudy } from './studies'

type Makes = (typeof derivations)[NewColumn['by']]['makes']
const AVERAGED: readonly Makes[] = ['a ratio', 'a share']
/** The quantity of a derived column, whose cells are true values. */
function quantityOf(
  { name, by, and }: NewColumn,
  { id, datasetId }: Pick<Quantity, 'id' | 'datasetId'>,
  like: Quantity | undefined,
  told: Recording,
): Quantity {
  const { makes } = derivations[by]
  return {
    id,
    datasetId,
    column: name,
    title: name,
    recorded: 0,
    ticks: {},
    ...told,
    ...(makes === 'a ratio' && and !== undefined ? { divisor: and } : {}),
    chart: {
      category: like?.chart.category ?? null,
      aggregate: AVERAGED.includes(makes) ? 'mean' : 'sum',
    },
  }
}

/** A derived column as it is kept, and how the quantity of it is recorded. */
export interface DerivedColumn {
  readonly kept: KeptColumn
  readonly told: Recording
}

/**
 * The place of a new column. One of that name that was made and then taken back gives way.
 *
 * @throws ColumnError where the name is taken
 */
function placeFor(db: Db, dataset: DatasetMeta, document: StudyDocument, name: string): number {
  const standing = dataset.columns.find((column) => column.name === name)
  if (standing && !isUnused(standing, dataset, document))
    throw new ColumnError(`There is a column “${name}” already; give this one another name.`)
  if (standing) deleteColumn(db, dataset.id, standing.position)
  return Math.max(-1, ...dataset.columns.map(({ position }) => position)) + 1
}

/**
 * Adds a column made of others to a data set, as a quantity of its own, which is shown.
 *
 * @param made the column as `derivedColumn` made it, and how it is recorded
 * @throws ColumnError where the name is taken
 * @returns the study with it, or undefined when there is none of that id
 */
export function takeColumn(
  db: Db,
  { studyId, datasetId }: { readonly studyId: string; readonly datasetId: string },
  column: NewColumn,
  made: DerivedColumn,
): Study | undefined {
  const { kept, told } = made
  return changing(db, () => {
    const study = loadStudy(db, studyId)
    const dataset = study?.datasets.find((one) => one.id === datasetId)
    if (!study || !dataset) return undefined
    const { document } = study
    const position = placeFor(db, dataset, document, column.name)
    insertColumn(db, datasetId, position, kept)
    const id = `${datasetId}.${position}`
    const like = quantityIn(document, datasetId, column.of)
    const quantity = quantityOf(column, { id, datasetId }, like, told)
    const next = { ...document, quantities: [...document.quantities, quantity], shown: id }
    saveStudy(db, studyId, {
      base: study.revision,
      document: next,
      what: columnReasonText(kept.reason),
    })
    return loadStudy(db, studyId)
  })
}
