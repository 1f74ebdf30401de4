import { notationOf } from '../../core/notations'
import { inherit } from '../../core/style/inherit'
import { type Counted, countedBy } from '../../core/ticks/counted'
import type { Quantity } from '../study/quantity'

/**
 * What the axis of a quantity counts, where that has steps of its own: what people chose, what its
 * cells are recorded in, or what its clock counts.
 *
 * @example countedIn({ …, measure: 'hour' }) // 'hour', whose steps are 1, 2, 3, 6 and 12
 */
export function countedIn({
  ticks,
  measure,
  style,
  surfaces,
}: Pick<Quantity, 'ticks' | 'measure' | 'style' | 'surfaces'>): Counted | undefined {
  const written = inherit(style, surfaces?.axis ?? {})
  const ofClock = notationOf(written).isClock ? (written.clock.of ?? 'second') : undefined
  return ticks.counted ?? countedBy(measure) ?? ofClock
}
