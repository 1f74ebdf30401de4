import { compare, magnitudeOf, shift, subtract, sum } from '../../core/decimal/arithmetic'
import { decimal, ONE } from '../../core/decimal/decimal'
import { type Cell, decimalOf } from '../quantities'
import type { Quantity } from '../study/quantity'

/** So many rows are added to see whether they make a whole, and no table of one is. */
const [FEWEST, MOST] = [2, 1000]
/** How far parts may miss the whole that they are of: they were rounded when they were recorded. */
const NEAR = decimal('1e-3')

/** Whether ratios are the parts of one whole, as far as their digits go. */
function makeWhole(cells: readonly Cell[], recorded: number): boolean {
  const values = cells.map(decimalOf).filter((value) => value !== null)
  if (values.length < FEWEST || values.length > MOST) return false
  if (values.some(({ coefficient }) => coefficient < 0n)) return false
  const apart = subtract(shift(sum(values), recorded), ONE)
  return compare(magnitudeOf(apart), NEAR) <= 0
}

/**
 * Takes ratios that add up to one for the shares of a whole: their printed sum is checked then.
 *
 * @param cellsOf the cells of a column
 * @example withShares(quantities, cellsOf)[0].kind // 'shares', of 33.3, 33.3 and 33.4 percent
 */
export const withShares = (
  quantities: readonly Quantity[],
  cellsOf: (name: string) => readonly Cell[],
): Quantity[] =>
  quantities.map((one) =>
    one.kind === 'ratio' && makeWhole(cellsOf(one.column), one.recorded)
      ? { ...one, kind: 'shares' as const }
      : one,
  )
