import { whereResolved } from '../../core/error'
import { joinRegions } from '../../core/label/needs'
import type { Regions } from '../../core/label/region'
import type { Style } from '../../core/style/fields'
import type { ImportedTable } from '../import/table'
import { readingOf } from '../import/types'
import { LIMITS } from '../limits'
import { type Cell, quantitiesOf, styleOf } from '../quantities'
import type { ColumnMeta, DatasetMeta } from '../study/dataset'
import { newDocument, type StudyDocument } from '../study/document'
import type { Quantity } from '../study/quantity'
import { USUAL_SIZE } from './layout'
import { type SnapshotSources } from './snapshot'
import { someRows } from './someRows'
import { withSoundStart } from './sound'

/** A table of more quantities begins them all as they are recorded: each takes a search. */
const MOST_SOUGHT = 40
/** What a study and its data begin with. */
type Sources = Pick<SnapshotSources, 'cellsOf' | 'regions'>

/** A quantity whose title another has: the data set's name stands behind it. */
const toldApart = (quantity: Quantity, { name }: DatasetMeta): Quantity => ({
  ...quantity,
  title: `${quantity.title} (${name})`.slice(0, LIMITS.title),
})

/**
 * The quantities of a new data set, each with a sound start; those whose region or unit is not at
 * hand begin as they are recorded.
 *
 * @param document of the study that they join
 * @param only the one column whose quantity is wanted
 * @example startsOf(newDocument('Harvest'), dataset, { cellsOf, regions })[0].surfaces // styles that the search found
 */
export function startsOf(
  document: StudyDocument,
  dataset: DatasetMeta,
  { cellsOf, regions }: Sources,
  only?: string,
): Quantity[] {
  const taken = new Set(document.quantities.map(({ title }) => title))
  const quantities = quantitiesOf(dataset)
    .filter(({ column }) => only === undefined || column === only)
    .map((one) => (taken.has(one.title) ? toldApart(one, dataset) : one))
  const whole = { ...document, quantities: [...document.quantities, ...quantities] }
  if (quantities.length > MOST_SOUGHT) return quantities
  const some = someRows(dataset, cellsOf)
  const page = { document: whole, dataset, regions, size: USUAL_SIZE, machine: false, ...some }
  return quantities.map(
    (quantity) => whereResolved(() => withSoundStart({ ...page, quantity })) ?? quantity,
  )
}

/** What is known of the columns of a table before it is kept. */
export const datasetOf = (
  name: string,
  { columns, rowCount, notices }: ImportedTable,
): DatasetMeta => ({
  ...{ id: 'table', name, rowCount, notices: [...notices] },
  columns: columns.map((column, position) => ({
    ...{ position, name: column.name, kind: column.kind, reason: column.reason },
    ...{ missing: column.missing, unread: [...column.unread] },
    encoding: column.doubles ? ('float64' as const) : ('json' as const),
    reading: readingOf(column) as ColumnMeta['reading'],
  })),
})

/** The styles that quantities of a table begin with in a study, whose tables must be at hand. */
export const stylesToStart = (document: StudyDocument, table: ImportedTable): Style[] =>
  quantitiesOf(datasetOf('table', table)).map((quantity) => styleOf(document, quantity))

/**
 * A table that was read, as the study that it would begin.
 *
 * @param regionsFor gives the tables that a style needs
 * @example startOfTable('harvest.csv', readTable(text), tablesFor).document.quantities[0].column // 'kg'
 */
export function startOfTable(
  name: string,
  table: ImportedTable,
  regionsFor: (style: Style) => Regions,
) {
  const dataset = datasetOf(name, table)
  const known = new Map(table.columns.map((column) => [column.name, column.cells()]))
  const cellsOf = (column: string): readonly Cell[] => known.get(column) ?? []
  const document = newDocument(name)
  const regions = joinRegions(stylesToStart(document, table).map(regionsFor))
  const quantities = startsOf(document, dataset, { cellsOf, regions })
  return { document: { ...document, quantities }, dataset, cellsOf, regions }
}
