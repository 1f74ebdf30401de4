import { type SurfaceTraits, USUAL } from './types'

/** The label that a mark shows while the pointer is on it. */
export const tooltip: SurfaceTraits = {
  ...USUAL,
  isOfMarks: true,
  isAlone: true,
  isPassedOver: false,
}
