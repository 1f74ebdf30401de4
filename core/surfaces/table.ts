import { type SurfaceTraits, USUAL } from './types'

/** The cells of a column in the table beside the chart. */
export const table: SurfaceTraits = {
  ...USUAL,
  isByRow: true,
  isInLine: true,
  isCompared: true,
  hasOwnTitle: true,
  isTitled: true,
  isPassedOver: false,
}
