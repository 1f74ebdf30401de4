import { load } from '../../../core/label/testing/platform'
import { regionsBy } from '../../../core/label/needs'
import type { Regions } from '../../../core/label/region'
import type { Style } from '../../../core/style/fields'
import { readTable } from '../../import/table'
import type { StudyDocument } from '../../study/document'
import type { Quantity } from '../../study/quantity'
import { USUAL_SIZE } from '../layout'
import { pageSnapshot } from '../snapshot'
import { startOfTable } from '../start'

/** Four towns, the last without a number. */
export const TOWNS = `town,visits
Ask,120000
Brodd,1400000
Una,98000
Esk,`

/**
 * Starts a study from a table, as an import does.
 *
 * @param regions loads what a style needs, everything by default
 */
export const studyOf = (
  text: string,
  regions: (style: Style) => Regions = (style) => regionsBy(style, load),
) => startOfTable('table', readTable(text), regions)
export type NewStudy = ReturnType<typeof studyOf>

/**
 * Evaluates the page of a quantity in the usual window.
 *
 * @param quantity stands in the place of the study's own
 * @param more what else is changed of the document
 */
export function pageIn(
  { document, dataset, cellsOf, regions }: NewStudy,
  quantity: Quantity,
  more: Partial<StudyDocument> = {},
) {
  const quantities = document.quantities.map((one) => (one.id === quantity.id ? quantity : one))
  return pageSnapshot({
    document: { ...document, quantities, ...more },
    ...{ quantity, dataset, cellsOf, regions, size: USUAL_SIZE, machine: false },
  })
}

/** Returns the quantity of a column in a new study. */
export const quantityIn = ({ document }: NewStudy, column: string): Quantity =>
  document.quantities.find((one) => one.column === column)!

/** A change to a quantity; what it does not set in the chart is kept. */
type Change = Partial<Omit<Quantity, 'chart'>> & { readonly chart?: Partial<Quantity['chart']> }
/**
 * Evaluates the page of a column of a table.
 *
 * @param change what is changed of its quantity
 */
export function pageOf(text: string, column: string, change: Change = {}) {
  const study = studyOf(text)
  const own = quantityIn(study, column)
  return pageIn(study, { ...own, ...change, chart: { ...own.chart, ...change.chart } })
}
