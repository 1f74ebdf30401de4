import type { Subject } from '../../../core/checks/types'
import { mixedGroups, toldOf } from '../mixed'
import { hasOwnScales } from '../scales'
import type { PageValues } from '../values'

/** The page values that tell whether rows mix units. */
export const MIXED = ['mixed', 'drawing', 'rows'] as const
type Mixed = Pick<PageValues, (typeof MIXED)[number]>

/** Returns the units that share one scale. */
export const unitsOnScale = ({ mixed, drawing }: Mixed): Pick<Subject, 'mixed'> =>
  mixed && drawing && !hasOwnScales(drawing) ? { mixed: toldOf(mixed, 'scale') } : {}

/** Returns which of some marks aggregate rows in several units. */
export function unitsInMarks(
  { mixed, drawing, rows }: Mixed,
  places: readonly number[],
): Pick<Subject, 'mixed'> {
  if (!mixed || !drawing || !rows) return {}
  const groups = new Set(mixedGroups(drawing, rows, mixed))
  const at = places.flatMap((place, i) => (groups.has(place) ? [i] : []))
  return at.length > 0 ? { mixed: toldOf(mixed, 'sum', at) } : {}
}

/** Returns the units of all rows, if a message speaks about them together. */
export const unitsInWords = ({ mixed }: Mixed): Pick<Subject, 'mixed'> =>
  mixed ? { mixed: toldOf(mixed, 'words') } : {}
