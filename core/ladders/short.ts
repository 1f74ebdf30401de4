import { stemOf, symbolOf } from './illions'
import type { Ladder } from './types'

const ILLIONS = 100

/** The short scale: every name is a thousand times the one before, to the centillion at 10³⁰³. */
export const short: Ladder = {
  id: 'short',
  title: 'K M B T, the short scale',
  base: 10,
  rungs: [
    { power: 3, symbol: 'K', word: 'thousand' },
    ...Array.from({ length: ILLIONS }, (_, at) => ({
      power: 3 * at + 6,
      symbol: symbolOf(at + 1),
      word: `${stemOf(at + 1)}illion`,
    })),
  ],
}
