import { type SurfaceTraits, USUAL } from './types'

/** The values at which the shade of the marks changes. */
export const legend: SurfaceTraits = {
  ...USUAL,
  isOfMarks: true,
  isOfShades: true,
  sharesRoom: true,
  isInLine: true,
}
