import { type SurfaceTraits, USUAL } from './types'

/** The labels of ticks along the scale of a chart. */
export const axis: SurfaceTraits = {
  ...USUAL,
  hasTicks: true,
  isInChart: true,
  isOfMarks: true,
  sharesRoom: true,
  isInLine: true,
  isCompared: true,
  hasOwnTitle: true,
  isTitled: true,
}
