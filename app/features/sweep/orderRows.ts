import {
  type Character,
  digitsKept,
  edgesOf,
  LARGEST_ORDER,
  LEAST_ORDER,
  nameOf,
  type OrderRange,
  turnAt,
} from '~~/core/compare/magnitudes'
import { toExactText } from '~~/core/decimal/decimal'
import { plainly } from '~~/core/decimal/plainly'
import type { Plan } from '~~/core/label/types'
import { writer } from '~~/core/label/writer'
import { fittingText } from '~~/core/text/advance'

/** In CSS pixels. */
export const ROW_HEIGHT = 62
/** A line of the sweep: an order, or several in which nothing happens. */
export type Line = { readonly order: number } | OrderRange
export const isFold = (line: Line): line is OrderRange => 'from' in line

/** The lines of the sweep, some runs of orders folded; those that were opened are not. */
export function linesOf(folds: readonly OrderRange[], opened: ReadonlySet<number>): Line[] {
  const closed = new Map(
    folds.filter(({ from }) => !opened.has(from)).map((fold) => [fold.from, fold]),
  )
  const lines: Line[] = []
  for (let order = LARGEST_ORDER; order >= LEAST_ORDER; order--) {
    const fold = closed.get(order)
    lines.push(fold ?? { order })
    if (fold) order = fold.to
  }
  return lines
}
/** How far down the lines an order stands. */
export const placeOf = (lines: readonly Line[], order: number): number =>
  lines.findIndex((line) => (isFold(line) ? line.to : line.order) <= order)
/** What stands above the rows and below them at least, in CSS pixels. */
const AROUND = 170
/** The lines that may be seen in part in a window, and one above them. */
export const rowsIn = (windowHeight: number, lines: number) =>
  Math.min(lines, Math.ceil((windowHeight - AROUND) / ROW_HEIGHT) + 2)

/**
 * The width of what stands before the styles, and of a style at least and at most, in CSS pixels:
 * numbers far apart are hard to compare.
 */
export const [NAMES_WIDTH, LEAST_WIDTH, MOST_WIDTH] = [372, 120, 280]
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
  /** The numbers that are tried, a line each. */
  readonly tried: string
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
    const numbers = edgesOf(order, digitsKept(plans, order), digitsKept(plans, order + 1))
    const edges = numbers.map(toExactText)
    const cells = writers.map(({ plan, write }) => ({
      labels: edges.map((edge) => fittingText(write.label(edge), width, size)).join('\n'),
      turn: turnAt(plan, order),
    }))
    const row = {
      tried: numbers.map(plainly).join('\n'),
      name,
      symbols: [symbol, prefix && `SI ${prefix}`].filter(Boolean).join(', '),
      cells,
    }
    made.set(order, row)
    return row
  }
}

const ON_IT = 1
/**
 * The row of several orders in which nothing happens: the labels of the first and the last of them.
 *
 * @example foldOf({ from: 14, to: 6 }, rowOf).cells[0].labels // '100T\n⋮\n1M'
 */
export function foldOf({ from, to }: OrderRange, rowOf: (order: number) => OrderRow): OrderRow {
  const [first, last] = [rowOf(from), rowOf(to)]
  const lineOf = (text: string) => text.split('\n')[ON_IT]!
  const both = (a: string, b: string) => [lineOf(a), '⋮', lineOf(b)].join('\n')
  return {
    tried: both(first.tried, last.tried),
    name: '',
    symbols: '',
    cells: first.cells.map(({ labels }, at) => ({
      labels: both(labels, last.cells[at]!.labels),
      turn: null,
    })),
  }
}
