import { compare } from '../../core/decimal/arithmetic'
import type { Decimal } from '../../core/decimal/decimal'
import type { Plan } from '../../core/label/types'
import { extent } from '../../core/data/extent'
import { rangeLabel } from '../../core/text/ranges'
import { linearTicks } from '../../core/ticks/linear'

/** Shades that can be told apart. */
export const MOST_BINS = 5
const WANTED = 4

/** Edges of the bins that marks are shaded by: round numbers around all of them. */
export function binEdges(values: readonly Decimal[]): readonly Decimal[] {
  if (values.length === 0) return []
  const domain = extent(values) as [Decimal, Decimal]
  const edges = (count: number) => linearTicks({ domain, count, ends: 'loose' }).values
  for (let count = WANTED + 1; count > 1; count--) {
    const found = edges(count)
    if (found.length <= MOST_BINS + 1) return found
  }
  return edges(1)
}
/**
 * The bin of a value: at or above its lower edge, below its upper one; the last holds its upper
 * edge too.
 */
export const binOf = (value: Decimal, edges: readonly Decimal[]): number =>
  Math.max(
    0,
    Math.min(edges.length - 2, edges.filter((edge) => compare(edge, value) <= 0).length - 1),
  )
/** What a legend writes of bins, the least first. */
export const binLabels = (plan: Plan, edges: readonly Decimal[]): string[] =>
  edges.slice(1).map((edge, at) => rangeLabel(plan, edges[at]!, edge))
