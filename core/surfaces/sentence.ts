import { type SurfaceTraits, USUAL } from './types'

/** The sentence below the headline, and the callout at a mark. */
export const sentence: SurfaceTraits = {
  ...USUAL,
  isProse: true,
  isAlone: true,
}
