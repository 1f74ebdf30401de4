import { isCurrency } from '../../core/locale/currencies'
import { currencyNamed } from '../../core/units/names'
import type { Cell } from '../quantities'
import type { ColumnMeta, DatasetMeta } from '../study/dataset'
import type { Quantity } from '../study/quantity'
import { unitByRow } from './commonUnit'

/** Words in the names of columns that hold money. */
const MONEY =
  /\b(?:amounts?|prices?|revenues?|sales|costs?|fees?|turnover|budgets?|incomes?|salary|salaries|payments?|spend(?:ing)?|expenses?|profits?|net|gross|totals?|values?|balance|betrag|preis|umsatz|kosten|montant|prix|co[uû]ts?|importe|precio|ventas|importo|prezzo|belopp|bel[øo]b)\b/i
/** Words in the names of columns that count things beside money. */
const COUNTED =
  /\b(?:qty|quantit(?:y|ies)|counts?|units?|pieces|orders?|number|visits?|customers?|id|year|weight|volume)\b/i
/** Cells of a column that are looked at: one that is no code says enough. */
const LOOKED_AT = 10_000

/** Signs of money, where words that name a currency too may be anything. */
const SIGN = /\p{Sc}/u
/** Whether every cell of a column that says something is a currency's code or its sign. */
function holdsCurrencies(cells: readonly Cell[]): boolean {
  let found = 0
  for (const cell of cells.slice(0, LOOKED_AT)) {
    const text = String(cell ?? '').trim()
    if (text === '') continue
    if (!isCurrency(text) && !(SIGN.test(text) && currencyNamed(text))) return false
    found++
  }
  return found > 0
}

/** Whether a column of numbers is an amount in the currencies of a column. */
function isAmount({ columns }: DatasetMeta, column: ColumnMeta, currency: ColumnMeta): boolean {
  const { name, reading, position } = column
  if (column.kind !== 'number' || reading?.unit || reading?.role === 'ratio') return false
  if (MONEY.test(name)) return true
  const others = columns.filter((one) => one.kind === 'number' && MONEY.test(one.name))
  const isBeside = Math.abs(position - currency.position) === 1
  return others.length === 0 && isBeside && !COUNTED.test(name)
}

/**
 * Links amounts to the column that names their currencies: each row's amount is then in the currency
 * of its row. A table with no such column, or several, is left as it is.
 *
 * @param quantities of the data set
 * @param cellsOf the cells of a column
 * @example withCurrencies(quantities, dataset, cellsOf)[0].style.unit // { kind: 'currency', code: { column: 'currency' } }
 */
export function withCurrencies(
  quantities: readonly Quantity[],
  dataset: DatasetMeta,
  cellsOf: (name: string) => readonly Cell[],
): Quantity[] {
  const naming = dataset.columns.filter(
    ({ kind, name }) => kind === 'text' && holdsCurrencies(cellsOf(name)),
  )
  const [currency] = naming
  if (!currency || naming.length > 1) return [...quantities]
  const units = { kind: 'currency', column: currency.name } as const
  const unit = unitByRow(units)
  return quantities.map((quantity) => {
    const column = dataset.columns.find(({ name }) => name === quantity.column)
    return column && !quantity.style.unit && isAmount(dataset, column, currency)
      ? { ...quantity, units, style: { ...quantity.style, unit } }
      : quantity
  })
}
