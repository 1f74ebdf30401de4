import { type SurfaceTraits, USUAL } from './types'

/** What a mark says while somebody points at it. */
export const tooltip: SurfaceTraits = {
  ...USUAL,
  where: 'in the tooltip',
  isOfMarks: true,
  isAlone: true,
  isPassedOver: false,
}
