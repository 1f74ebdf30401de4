import { type SurfaceTraits, USUAL } from './types'

/** The label that a mark shows while the pointer is on it. */
export const tooltip: SurfaceTraits = {
  ...USUAL,
  where: 'in the tooltip',
  isOfMarks: true,
  isAlone: true,
  isPassedOver: false,
}
