import { derivations, derive } from '../../core/data/derive'
import { fitsDouble } from '../../core/decimal/arithmetic'
import { type Decimal, toNumber, toText } from '../../core/decimal/decimal'
import type { Style } from '../../core/style/fields'
import type { ImportedColumn } from '../../shared/import/types'
import { decimalOf } from '../../shared/quantities'
import type { DatasetMeta } from '../../shared/study/dataset'
import type { Quantity } from '../../shared/study/quantity'
import type { NewColumn } from '../../shared/study/requests'
import type { Study } from '../../shared/study/study'
import { columnCells, insertColumn } from '../db/columns'
import type { Db } from '../db/database'
import { loadStudy, saveStudy } from './studies'

/** A column that cannot be made: its name is taken, or what it is made of is not there. */
export class ColumnError extends Error {
  override name = 'ColumnError'
}

/** A derived column as it is kept. */
function columnOf(
  name: string,
  reason: string,
  values: readonly (Decimal | null)[],
): ImportedColumn {
  const isDouble = values.every((value) => !value || fitsDouble(value))
  return {
    name,
    kind: 'number',
    reason,
    missing: values.filter((value) => !value).length,
    unread: [],
    doubles: isDouble
      ? Float64Array.from(values, (value) => (value ? toNumber(value) : NaN))
      : null,
    cells: () => values.map((value) => value && toText(value)),
  }
}

const PERCENT: Style = { unit: { kind: 'percent' }, fraction: [0, 1] }
/** How a derived column is written at first: as what it is made of, where it measures the same. */
function styleOf(by: NewColumn['by'], like: Quantity | undefined): Style {
  if (by === 'ratio') return like?.style ?? {}
  if (derivations[by].ratio) return PERCENT
  return by === 'product' ? {} : (like?.style ?? {})
}
/** The quantity of a derived column. */
function quantityOf(
  { name, by }: NewColumn,
  { id, datasetId }: Pick<Quantity, 'id' | 'datasetId'>,
  like: Quantity | undefined,
): Quantity {
  const { ratio } = derivations[by]
  return {
    id,
    datasetId,
    column: name,
    title: name,
    recorded: ratio ? 0 : (like?.recorded ?? 0),
    ticks: {},
    style: styleOf(by, like),
    chart: { category: like?.chart.category ?? null, aggregate: ratio ? 'mean' : 'sum' },
  }
}

/** The numbers of a derived column. @throws ColumnError saying what stands against it */
function valuesOf(db: Db, dataset: DatasetMeta, { name, by, of, and }: NewColumn) {
  if (dataset.columns.some((column) => column.name === name))
    throw new ColumnError(`There is a column “${name}” already; give this one another name.`)
  if (by !== 'share' && and === undefined)
    throw new ColumnError(`${derivations[by].title} takes two columns.`)
  const cellsOf = (wanted: string) => {
    const column = dataset.columns.find((one) => one.name === wanted)
    if (column?.kind !== 'number')
      throw new ColumnError(`“${wanted}” is no column of numbers in ${dataset.name}.`)
    return columnCells(db, dataset.id, wanted).map(decimalOf)
  }
  return derive(by, cellsOf(of), and === undefined ? [] : cellsOf(and))
}

/**
 * Adds a column made of others to a data set, as a quantity of its own, which is shown.
 *
 * @throws ColumnError saying what stands against it
 * @returns the study with it, or undefined when there is none of that id
 */
export function deriveColumn(
  db: Db,
  studyId: string,
  datasetId: string,
  column: NewColumn,
): Study | undefined {
  return db.transaction(() => {
    const study = loadStudy(db, studyId)
    const dataset = study?.datasets.find((one) => one.id === datasetId)
    if (!study || !dataset) return undefined
    const { name, by, of, and } = column
    const values = valuesOf(db, dataset, column)
    const joined = [of, and].filter(Boolean).join(` ${derivations[by].joins} `)
    const what = `Made: ${derivations[by].title} ${joined}`
    const position = Math.max(-1, ...dataset.columns.map((one) => one.position)) + 1
    insertColumn(db, datasetId, position, columnOf(name, what, values))
    const { quantities } = study.document
    const like = quantities.find((one) => one.datasetId === datasetId && one.column === of)
    const id = `${datasetId}.${position}`
    const quantity = quantityOf(column, { id, datasetId }, like)
    const document = { ...study.document, quantities: [...quantities, quantity], shown: id }
    saveStudy(db, studyId, { base: study.revision, document, what })
    return loadStudy(db, studyId)
  })()
}
