import type { Ladder } from './types'

/**
 * The prefixes of the SI that are powers of a thousand (BIPM, The International System of Units,
 * 9th edition, 2022).
 */
const PREFIXES = [
  'q quecto',
  'r ronto',
  'y yocto',
  'z zepto',
  'a atto',
  'f femto',
  'p pico',
  'n nano',
  'µ micro',
  'm milli',
  '',
  'k kilo',
  'M mega',
  'G giga',
  'T tera',
  'P peta',
  'E exa',
  'Z zetta',
  'Y yotta',
  'R ronna',
  'Q quetta',
]
const LEAST_POWER = -30

export const si: Ladder = {
  id: 'si',
  title: 'k M G and m µ n, the prefixes of the SI',
  base: 10,
  prefixes: true,
  rungs: PREFIXES.flatMap((prefix, at) => {
    const [symbol = '', word = ''] = prefix.split(' ')
    return symbol ? [{ power: LEAST_POWER + 3 * at, symbol, word }] : []
  }),
}
