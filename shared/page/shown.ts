import { type Surface, SURFACES, surfaces } from '../../core/surfaces'
import type { Decimal } from '../../core/decimal/decimal'
import type { StudyDocument } from '../study/document'

/** The surfaces that are on the page: a legend only where marks are shaded. */
export const shownSurfaces = (
  { without }: NonNullable<StudyDocument['page']>,
  edges: readonly Decimal[],
): Surface[] =>
  SURFACES.filter(
    (surface) => !without?.includes(surface) && (!surfaces[surface].isOfShades || edges.length > 0),
  )
