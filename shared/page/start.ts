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
import { withCurrencies } from './currencyLink'
import { USUAL_SIZE } from './layout'
import { type SnapshotSources } from './snapshot'
import { someRows } from './someRows'
import { withSoundStart } from './sound'
import { withShares } from './wholeShares'

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
  const read = withShares(quantitiesOf(dataset), cellsOf)
  const quantities = withCurrencies(read, dataset, cellsOf)
    .filter(({ column }) => only === undefined || column === only)
    .map((one) => (taken.has(one.title) ? toldApart(one, dataset) : one))
  const whole = { ...document, quantities: [...document.quantities, ...quantities] }
  if (quantities.length > MOST_SOUGHT) return quantities
  const names = quantities.map(({ column }) => column)
  const some = someRows(dataset.rowCount, names, cellsOf)
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

/** Doubles as cells. */
function cellsIn(doubles: Float64Array): readonly Cell[] {
  const all: Cell[] = new Array(doubles.length)
  for (let at = 0; at < doubles.length; at++)
    all[at] = Number.isNaN(doubles[at]) ? null : doubles[at]!
  return all
}

/** The cells of a table's columns, by their names; texts are made once, doubles cost nothing. */
export function cellsOfTable({ columns }: ImportedTable): (name: string) => readonly Cell[] {
  const known = new Map(columns.map((column) => [column.name, column]))
  const texts = new Map<string, readonly Cell[]>()
  return (name) => {
    const column = known.get(name)
    if (!column) return []
    if (column.doubles) return cellsIn(column.doubles)
    if (!texts.has(name)) texts.set(name, column.cells())
    return texts.get(name)!
  }
}

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
  const cellsOf = cellsOfTable(table)
  const document = newDocument(name)
  const regions = joinRegions(stylesToStart(document, table).map(regionsFor))
  const quantities = startsOf(document, dataset, { cellsOf, regions })
  return { document: { ...document, quantities }, dataset, cellsOf, regions }
}
