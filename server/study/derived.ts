import { derivations, derive, type Takes } from '../../core/data/derive'
import { fitsDouble, shift } from '../../core/decimal/arithmetic'
import { type Decimal, decimal, toNumber, toText } from '../../core/decimal/decimal'
import type { Style } from '../../core/style/fields'
import { keptColumn } from '../../shared/import/kept'
import type { ImportedColumn } from '../../shared/import/types'
import { decimalOf } from '../../shared/quantities'
import { type DatasetMeta, isUnused, MADE } from '../../shared/study/dataset'
import type { StudyDocument } from '../../shared/study/document'
import type { Quantity } from '../../shared/study/quantity'
import type { NewColumn } from '../../shared/study/requests'
import type { Study } from '../../shared/study/study'
import { columnCells, deleteColumn, insertColumn } from '../db/columns'
import { changing, type Db } from '../db/database'
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
type Makes = (typeof derivations)[NewColumn['by']]['makes']
/** What a derived column is, by what it measures: what it is made of has its unit and measure. */
const quantities: Record<Makes, (like: Quantity | undefined) => Partial<Quantity>> = {
  'the same': (like) => ({ style: like?.style, kind: like?.kind, measure: like?.measure }),
  'a change': (like) => ({ style: like?.style, kind: 'change', measure: like?.measure }),
  'a ratio': () => ({ kind: 'ratio' }),
  'a share': () => ({ style: PERCENT }),
  another: () => ({}),
}
const AVERAGED: readonly Makes[] = ['a ratio', 'a share']
/** The quantity of a derived column, whose cells are true values. */
function quantityOf(
  { name, by, and }: NewColumn,
  { id, datasetId }: Pick<Quantity, 'id' | 'datasetId'>,
  like: Quantity | undefined,
): Quantity {
  const { makes } = derivations[by]
  const { style = {}, ...told } = quantities[makes](like)
  return {
    id,
    datasetId,
    column: name,
    title: name,
    recorded: 0,
    ticks: {},
    style,
    ...told,
    ...(makes === 'a ratio' && and !== undefined ? { divisor: and } : {}),
    chart: {
      category: like?.chart.category ?? null,
      aggregate: AVERAGED.includes(makes) ? 'mean' : 'sum',
    },
  }
}

/** The part of a request that a way of making a column needs. */
const NEEDED: Record<Takes, 'and' | 'number' | null> = {
  nothing: null,
  column: 'and',
  groups: 'and',
  number: 'number',
}
/** What a way of making a column takes, in words. */
const TAKEN: Record<Takes, string> = {
  nothing: 'one column',
  column: 'two columns of numbers',
  groups: 'a column of numbers and one of names',
  number: 'a column and a number, such as 1000',
}
/** The numbers of a derived column. @throws ColumnError saying what stands against it */
function valuesOf(
  db: Db,
  dataset: DatasetMeta,
  like: (column: string) => Quantity | undefined,
  column: NewColumn,
) {
  const { by, of, and, number } = column
  const { takes, title } = derivations[by]
  const needs = NEEDED[takes]
  if (needs && column[needs] === undefined)
    throw new ColumnError(`${title} … takes ${TAKEN[takes]}.`)
  const kindOf = (wanted: string) => dataset.columns.find((one) => one.name === wanted)?.kind
  // What columns are recorded in may differ: they meet as true values.
  const cellsOf = (wanted: string) => {
    if (kindOf(wanted) !== 'number')
      throw new ColumnError(`“${wanted}” is no column of numbers in ${dataset.name}.`)
    const recorded = like(wanted)?.recorded ?? 0
    return columnCells(db, dataset.id, wanted).map((cell) => {
      const value = decimalOf(cell)
      return value && shift(value, recorded)
    })
  }
  const groupsOf = (wanted: string) => {
    if (kindOf(wanted) !== 'text')
      throw new ColumnError(`“${wanted}” is no column of names in ${dataset.name}.`)
    return columnCells(db, dataset.id, wanted).map((cell) => (cell === null ? null : String(cell)))
  }
  return derive(by, cellsOf(of), {
    ...(takes === 'column' && { column: cellsOf(and!) }),
    ...(takes === 'groups' && { groups: groupsOf(and!) }),
    ...(takes === 'number' && { number: decimal(number!) }),
  })
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
 * @throws ColumnError saying what stands against it
 * @returns the study with it, or undefined when there is none of that id
 */
export function deriveColumn(
  db: Db,
  studyId: string,
  datasetId: string,
  column: NewColumn,
): Study | undefined {
  return changing(db, () => {
    const study = loadStudy(db, studyId)
    const dataset = study?.datasets.find((one) => one.id === datasetId)
    if (!study || !dataset) return undefined
    const { document } = study
    const { name, by, of, and, number } = column
    const like = (wanted: string) =>
      document.quantities.find((one) => one.datasetId === datasetId && one.column === wanted)
    const position = placeFor(db, dataset, document, name)
    const values = valuesOf(db, dataset, like, column)
    const joined = [of, and ?? number].filter(Boolean).join(` ${derivations[by].joins} `)
    const what = `${MADE}${derivations[by].title} ${joined}`
    insertColumn(db, datasetId, position, keptColumn(columnOf(name, what, values)))
    const id = `${datasetId}.${position}`
    const quantity = quantityOf(column, { id, datasetId }, like(of))
    const next = { ...document, quantities: [...document.quantities, quantity], shown: id }
    saveStudy(db, studyId, { base: study.revision, document: next, what })
    return loadStudy(db, studyId)
  })
}
