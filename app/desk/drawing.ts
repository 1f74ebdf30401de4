import { type Group, aggregate } from '~~/core/data/aggregate'
import { compare } from '~~/core/decimal/arithmetic'
import { type Decimal, decimal, ZERO } from '~~/core/decimal/decimal'
import { type LinearTicks, linearTicks, TickError } from '~~/core/ticks/linear'
import type { Quantity } from '~~/shared/study'

/** What the chart draws: the largest categories, and the axis that they stand on. */
export interface Drawing {
  readonly groups: readonly Group[]
  /** Categories in all, drawn or not. */
  readonly categories: number
  readonly ticks: LinearTicks
  /** Why the wanted step was not used; empty where it was. */
  readonly trouble: string
}

const MOST_COLUMNS = 10
const MOST_DRAWN_TICKS = 100

/** The axis's ticks: by the wanted step, or by a round one where that cannot be drawn. */
function ticksFor(domain: readonly [Decimal, Decimal], wanted: Quantity['ticks']): Pick<Drawing, 'ticks' | 'trouble'> {
  const round = () => linearTicks({ domain, ends: 'loose', count: wanted.count })
  if (!wanted.step) return { ticks: round(), trouble: '' }
  try {
    const ticks = linearTicks({ domain, ends: 'loose', step: decimal(wanted.step) })
    if (ticks.values.length <= MOST_DRAWN_TICKS) return { ticks, trouble: '' }
    return { ticks: round(), trouble: `A step of ${wanted.step} makes ${ticks.values.length} ticks here, more than can be drawn; a round step stands in. Take a larger one.` }
  } catch (error) {
    if (!(error instanceof TickError)) throw error
    return { ticks: round(), trouble: error.message }
  }
}

/**
 * Decides what the chart draws of a quantity.
 *
 * @param wanted step or count of the axis
 * @param categories one a row
 * @param values one a row, null where missing
 * @returns null where there is no value to draw
 */
export function drawingOf(chart: Quantity['chart'], wanted: Quantity['ticks'], categories: readonly string[], values: readonly (Decimal | null)[]): Drawing | null {
  const all = aggregate(categories, values, chart.aggregate)
  if (all.length === 0) return null
  const groups = all.sort((a, b) => compare(b.value, a.value)).slice(0, MOST_COLUMNS)
  const least = groups.at(-1)!.value
  const largest = groups[0]!.value
  const domain = [compare(least, ZERO) < 0 ? least : ZERO, compare(largest, ZERO) > 0 ? largest : ZERO] as const
  return { groups, categories: all.length, ...ticksFor(domain, wanted) }
}
