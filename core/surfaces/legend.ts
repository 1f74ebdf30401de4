import { type SurfaceTraits, USUAL } from './types'

/** The bounds between shades of marks. */
export const legend: SurfaceTraits = {
  ...USUAL,
  where: 'in the legend',
  isOfMarks: true,
  isOfShades: true,
  sharesRoom: true,
  isInLine: true,
}
