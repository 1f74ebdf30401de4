import { type SurfaceTraits, USUAL } from './types'

/** The labels at columns, bars, dots and slices. */
export const marks: SurfaceTraits = {
  ...USUAL,
  where: 'on the marks',
  isInChart: true,
  isAtMarks: true,
  isOfMarks: true,
  sharesRoom: true,
  isInLine: true,
  isTitled: true,
}
