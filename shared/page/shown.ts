import { SURFACES, type Surface } from '../../core/checks/types'
import type { Decimal } from '../../core/decimal/decimal'
import type { StudyDocument } from '../study/document'

/** The surfaces that are on the page: a legend only where marks are shaded. */
export const shownSurfaces = (
  { without }: NonNullable<StudyDocument['page']>,
  edges: readonly Decimal[],
): Surface[] =>
  SURFACES.filter(
    (surface) => !without?.includes(surface) && (surface !== 'legend' || edges.length > 0),
  )
