import { stemOf, symbolOf } from './illions'
import type { Ladder } from './types'

const ILLIONS = 50

/** The long scale: every -illion is a million times the one before, with an -illiard between. */
export const long: Ladder = {
  id: 'long',
  title: 'million, milliard, billion, the long scale',
  base: 10,
  rungs: [
    { power: 3, symbol: 'K', word: 'thousand' },
    ...Array.from({ length: ILLIONS }, (_, at) => [
      { power: 6 * at + 6, symbol: symbolOf(at + 1), word: `${stemOf(at + 1)}illion` },
      { power: 6 * at + 9, symbol: `${symbolOf(at + 1)}rd`, word: `${stemOf(at + 1)}illiard` },
    ]).flat(),
  ],
}
