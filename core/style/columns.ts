import { currencyColumn } from '../label/currencies'
import { inherit } from './inherit'
import type { Style } from './schemas'

/**
 * Whether what a style writes for one value depends on the others or on their rows: something is
 * shared, or currencies are named by a column.
 */
export function looksAtValues(style: Style): boolean {
  const full = inherit(style)
  return [full, ...full.cases.map(({ use }) => ({ ...full, ...use }))].some((one) =>
    one.rung === 'shared' || one.exponent === 'shared' || currencyColumn(one) !== null)
}

/**
 * The columns whose cells a style looks at: those of its cases, and those that name a currency.
 *
 * @example columnsOf({ unit: { kind: 'currency', code: { column: 'money' } } }) // ['money']
 */
export function columnsOf(style: Style): string[] {
  const full = inherit(style)
  const named = [full, ...full.cases.map(({ use }) => ({ unit: use.unit ?? full.unit }))].map(currencyColumn)
  const looked = full.cases.flatMap(({ when }) => ('column' in when ? [when.column] : []))
  return [...new Set([...looked, ...named.filter((name) => name !== null)])]
}
