import { type SurfaceTraits, USUAL } from './types'

/** The words above a chart. */
export const headline: SurfaceTraits = {
  ...USUAL,
  isProse: true,
  isAlone: true,
  mostKept: 4,
}
