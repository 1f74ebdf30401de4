import { type SurfaceTraits, USUAL } from './types'

/** The data labels on columns, bars, dots and slices. */
export const marks: SurfaceTraits = {
  ...USUAL,
  isInChart: true,
  isAtMarks: true,
  isOfMarks: true,
  sharesRoom: true,
  isInLine: true,
  isTitled: true,
}
