import type { Subject } from '../../../core/checks/types'
import { mixedGroups, toldOf } from '../mixed'
import { hasOwnScales } from '../scales'
import type { PageValues } from '../values'

/** What tells of rows in several units. */
export const MIXED = ['mixed', 'drawing', 'rows'] as const
type Mixed = Pick<PageValues, (typeof MIXED)[number]>

/** Units that stand side by side on one scale. */
export const unitsOnScale = ({ mixed, drawing }: Mixed): Pick<Subject, 'mixed'> =>
  mixed && drawing && !hasOwnScales(drawing) ? { mixed: toldOf(mixed, 'scale') } : {}

/** Marks, among those at some places, that were put together from rows of several units. */
export function unitsInMarks(
  { mixed, drawing, rows }: Mixed,
  places: readonly number[],
): Pick<Subject, 'mixed'> {
  if (!mixed || !drawing || !rows) return {}
  const groups = new Set(mixedGroups(drawing, rows, mixed))
  const at = places.flatMap((place, i) => (groups.has(place) ? [i] : []))
  return at.length > 0 ? { mixed: toldOf(mixed, 'sum', at) } : {}
}

/** Units of all rows, where words speak of these together. */
export const unitsInWords = ({ mixed }: Mixed): Pick<Subject, 'mixed'> =>
  mixed ? { mixed: toldOf(mixed, 'words') } : {}
