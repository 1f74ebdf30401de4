import type { Ladder } from './types'

/** Lakh and crore, as they are counted in India. */
export const indian: Ladder = {
  id: 'indian',
  title: 'K L Cr, lakh and crore',
  base: 10,
  rungs: [
    { power: 3, symbol: 'K', word: 'thousand' },
    { power: 5, symbol: 'L', word: 'lakh' },
    { power: 7, symbol: 'Cr', word: 'crore' },
    { power: 12, symbol: 'LCr', word: 'lakh crore' },
  ],
}
