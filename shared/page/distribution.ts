import { aggregates, type Group } from '../../core/data/aggregate'
import type { Decimal } from '../../core/decimal/decimal'
import { alongAxis, type AxisKind } from '../../core/ticks/along'

/**
 * Even pieces of the axis in which rows are counted: enough for a shape, few enough that most hold
 * some.
 */
const BINS = 32

/** The three numbers that tell most of how values are spread; none where there is none. */
export function toldOf(values: readonly (Decimal | null)[]): Group[] {
  const present = values.filter((value) => value !== null)
  return present.length === 0
    ? []
    : (['least', 'median', 'largest'] as const).map((category) => ({
        category,
        value: aggregates[category].of(present),
      }))
}

/**
 * How many values lie in each of even pieces of an axis, from 0 to 1 by the fullest.
 *
 * @param ends of the axis
 */
export function densityOf(
  values: readonly (Decimal | null)[],
  kind: AxisKind,
  ends: readonly [Decimal, Decimal],
): number[] {
  const along = alongAxis(kind, ends)
  const counts = Array.from({ length: BINS }, () => 0)
  for (const value of values) {
    if (!value || (kind === 'log' && value.coefficient <= 0n)) continue
    counts[Math.max(0, Math.min(BINS - 1, Math.floor(along(value) * BINS)))]!++
  }
  const most = Math.max(...counts)
  return most === 0 ? counts : counts.map((count) => count / most)
}
