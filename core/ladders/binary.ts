import type { Ladder } from './types'

/** Powers of 1024 (IEC 80000-13). */
const PREFIXES = [
  'Ki kibi',
  'Mi mebi',
  'Gi gibi',
  'Ti tebi',
  'Pi pebi',
  'Ei exbi',
  'Zi zebi',
  'Yi yobi',
]

export const binary: Ladder = {
  id: 'binary',
  title: 'Ki Mi Gi, powers of 1024',
  base: 2,
  prefixes: true,
  rungs: PREFIXES.map((prefix, at) => {
    const [symbol = '', word = ''] = prefix.split(' ')
    return { power: 10 * (at + 1), symbol, word }
  }),
}
