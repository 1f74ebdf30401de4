import { load } from '../../../../core/label/testing/platform'
import { regionsBy } from '../../../../core/label/needs'
import { readTable } from '../../../import/table'
import type { Quantity } from '../../../study/quantity'
import { USUAL_SIZE } from '../../layout'
import { pageSnapshot } from '../../snapshot'
import { startOfTable } from '../../start'

/** Four towns, the last without a number. */
export const TOWNS = `town,visits
Ask,120000
Brodd,1400000
Una,98000
Esk,`

/** What is changed of a quantity; of its chart, what is said. */
type Change = Partial<Omit<Quantity, 'chart'>> & { readonly chart?: Partial<Quantity['chart']> }
/**
 * The page of a column of a table as it stands by itself.
 *
 * @param change what is changed of its quantity
 */
export function pageOf(text: string, column: string, change: Change = {}) {
  const { document, dataset, cellsOf, regions } = startOfTable('towns', readTable(text), (style) =>
    regionsBy(style, load),
  )
  const own = document.quantities.find((one) => one.column === column)!
  const quantity = { ...own, ...change, chart: { ...own.chart, ...change.chart } }
  const quantities = document.quantities.map((one) => (one === own ? quantity : one))
  return pageSnapshot({
    ...{ document: { ...document, quantities }, quantity, dataset, cellsOf, regions },
    ...{ size: USUAL_SIZE, machine: false },
  })
}
