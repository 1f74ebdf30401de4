import { type ColumnInCommon, columnInCommon, withUnits } from '~~/shared/page/commonUnit'
import type { Cell } from '~~/shared/quantities'
import type { DatasetMeta } from '~~/shared/study/dataset'
import type { StudyDocument } from '~~/shared/study/document'
import type { Quantity } from '~~/shared/study/quantity'

/**
 * The cells of a quantity in the common unit of its rows, fetched.
 *
 * @param cells fetches those of a column
 * @throws ProblemError when the server does not give them
 */
export async function commonColumn(
  document: StudyDocument,
  quantity: Quantity,
  dataset: DatasetMeta,
  cells: (dataset: DatasetMeta, name: string) => Promise<Cell[]>,
): Promise<ColumnInCommon> {
  const wanted = withUnits(document, quantity)
  const names = [quantity.column, ...(wanted.byRow ? [wanted.byRow.column] : [])]
  const found = await Promise.all(names.map((name) => cells(dataset, name)))
  const byName = new Map(names.map((name, at) => [name, found[at]!]))
  return columnInCommon(wanted, document.rates, (name) => byName.get(name))!
}
