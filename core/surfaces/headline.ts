import { type SurfaceTraits, USUAL } from './types'

/** The words above a chart. */
export const headline: SurfaceTraits = {
  ...USUAL,
  where: 'in the headline',
  isProse: true,
  isAlone: true,
  mostKept: 4,
}
