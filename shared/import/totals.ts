import { add, compare, magnitudeOf, subtract } from '../../core/decimal/arithmetic'
import { type Decimal, ZERO } from '../../core/decimal/decimal'
import { decimalOf } from '../quantities'
import type { ImportedColumn } from './types'

/** What the last row of a table is called that sums the others. */
export const TOTAL =
  /^(?:grand |sub)?(?:total|totals|sum|sums|all|overall|summe|gesamt|insgesamt|ensemble|somme|suma|totale|totaal|razem|ogółem)\b/iu
const FEWEST = 3

/** Half a unit of the last digit that a number is written with. */
const halfOf = ({ exponent }: Decimal): Decimal => ({ coefficient: 5n, exponent: exponent - 1 })

/** Whether the last cell of a column is the sum of the others, as far as their rounding goes. */
function endsInSum(column: ImportedColumn): boolean {
  const cells = column.cells()
  const last = decimalOf(cells[cells.length - 1]!)
  if (!last || last.coefficient === 0n) return false
  let [sum, room] = [ZERO, halfOf(last)]
  for (let at = 0; at < cells.length - 1; at++) {
    const value = decimalOf(cells[at]!)
    if (!value) continue
    sum = add(sum, value)
    room = add(room, halfOf(value))
  }
  return compare(magnitudeOf(subtract(sum, last)), room) <= 0
}

/**
 * What the last row of a table is called, where it says that it is a total and some column's number
 * there is the sum of those above; null elsewhere. Such a row would be counted twice.
 *
 * @example totalRow(readTable('site,kg\\nHolm,4\\nVarm,5\\nTotal,9').columns, 3) // 'Total'
 */
export function totalRow(columns: readonly ImportedColumn[], rowCount: number): string | null {
  if (rowCount < FEWEST) return null
  const name = columns.map(({ last }) => (last ?? '').trim()).find((text) => TOTAL.test(text))
  if (name === undefined) return null
  return columns.some((column) => column.kind === 'number' && endsInSum(column)) ? name : null
}
