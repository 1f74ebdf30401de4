import type { Ladder } from './types'

/** Powers of ten thousand, as they are counted in Japan. */
export const myriad: Ladder = {
  id: 'myriad',
  title: '万 億 兆 京, powers of ten thousand',
  base: 10,
  rungs: [
    { power: 4, symbol: '万', word: '万' },
    { power: 8, symbol: '億', word: '億' },
    { power: 12, symbol: '兆', word: '兆' },
    { power: 16, symbol: '京', word: '京' },
  ],
}
