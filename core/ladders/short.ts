import type { Ladder } from './types'

/** The short scale of English: every name is a thousand times the one before. */
export const short: Ladder = {
  id: 'short',
  title: 'K M B T, the short scale',
  rungs: [
    { power: 3, symbol: 'K', word: 'thousand' },
    { power: 6, symbol: 'M', word: 'million' },
    { power: 9, symbol: 'B', word: 'billion' },
    { power: 12, symbol: 'T', word: 'trillion' },
  ],
}
