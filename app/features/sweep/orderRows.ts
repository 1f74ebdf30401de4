import {
  type Character,
  edgesOf,
  LARGEST_ORDER,
  nameOf,
  ORDERS,
  turnAt,
} from '~~/core/compare/magnitudes'
import { toExactText } from '~~/core/decimal/decimal'
import type { Plan } from '~~/core/label/types'
import { writer } from '~~/core/label/writer'
import { fittingText } from '~~/core/text/advance'

/** In CSS pixels. */
export const ROW_HEIGHT = 62
/** The order that stands first in sight, since charts are about those below. */
export const FIRST = 9
/** How far down the list an order stands. */
export const placeOf = (order: number) => LARGEST_ORDER - order
/** What stands above the rows and below them at least, in CSS pixels. */
const AROUND = 170
/** The rows that may be seen in part in a window, and one above them. */
export const rowsIn = (windowHeight: number) =>
  Math.min(ORDERS.length, Math.ceil((windowHeight - AROUND) / ROW_HEIGHT) + 2)

/**
 * The width of what stands before the styles, and of a style at least and at most, in CSS pixels:
 * numbers far apart are hard to compare.
 */
export const [NAMES_WIDTH, LEAST_WIDTH, MOST_WIDTH] = [328, 120, 280]
/**
 * A style's column is no wider than this: hundreds of digits that nobody sees would take longest to
 * lay out.
 */
export const columnWidth = (windowWidth: number, columns: number) =>
  Math.min(MOST_WIDTH, Math.max(LEAST_WIDTH, (windowWidth - NAMES_WIDTH) / columns))

interface Cell {
  /**
   * The labels of the three edges, a line each: one text is laid out faster than three elements.
   */
  readonly labels: string
  /** How the style writes from here down, where that is otherwise than above. */
  readonly turn: Character | null
}
export interface OrderRow {
  readonly name: string
  readonly symbols: string
  readonly cells: readonly Cell[]
}

/**
 * Makes the row of an order as some styles write it. A row is made when first asked for, and kept.
 *
 * @param width of a style's column, and `size` of its type, in CSS pixels; a longer label is cut
 * @example rowsOf([resolve({ notation: 'scaled' })], 280, 14)(3).cells[0].labels // '1K\n1K\n1K'
 */
export function rowsOf(
  plans: readonly Plan[],
  width: number,
  size: number,
): (order: number) => OrderRow {
  // Edges are exact digits, for which doubles need not be made ready.
  const writers = plans.map((plan) => ({ plan, write: writer(plan) }))
  const made = new Map<number, OrderRow>()
  return (order) => {
    const known = made.get(order)
    if (known) return known
    const { name, symbol, prefix } = nameOf(order)
    const edges = edgesOf(order).map(toExactText)
    const cells = writers.map(({ plan, write }) => ({
      labels: edges.map((edge) => fittingText(write.label(edge), width, size)).join('\n'),
      turn: turnAt(plan, order),
    }))
    const row = {
      name,
      symbols: [symbol, prefix && `SI ${prefix}`].filter(Boolean).join(', '),
      cells,
    }
    made.set(order, row)
    return row
  }
}
