import { isCurrency } from '../locale/currencies'
import { currencyColumn } from '../style/dependencies'
import { StyleError } from '../error'
import type { FullStyle } from '../style/schemas'
import type { Condition, Row } from './types'

/** A style with the condition under which it writes; null where it writes what no other does. */
export interface Conditioned {
  readonly when: Condition | null
  readonly style: FullStyle
}

function codesIn(column: string, rows: readonly Row[]): string[] {
  const codes = new Set<string>()
  rows.forEach((row, at) => {
    const code = String(row[column] ?? '')
    if (code === '' || codes.has(code)) return
    if (!isCurrency(code))
      throw new StyleError(
        'unit.code',
        code,
        `rows[${at}].${column} takes a code of ISO 4217 such as EUR, or nothing`,
      )
    codes.add(code)
  })
  return [...codes]
}

/**
 * Parts a style whose currency is named by a column into one for each currency of the rows. A row
 * that names none is written without a unit.
 *
 * @throws StyleError for a cell that is no currency
 */
export function byCurrency({ when, style }: Conditioned, rows: readonly Row[] = []): Conditioned[] {
  const column = currencyColumn(style)
  if (column === null || style.unit.kind !== 'currency') return [{ when, style }]
  const { unit } = style
  const own = codesIn(column, rows).map((code): Conditioned => {
    const named: Condition = { column, is: [code] }
    return {
      when: when ? { all: [when, named] } : named,
      style: { ...style, unit: { ...unit, code } },
    }
  })
  return [...own, { when, style: { ...style, unit: { kind: 'none' } } }]
}
