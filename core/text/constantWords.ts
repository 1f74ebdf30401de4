import { around } from './around'
import type { SpokenWords } from './spokenWords'

/** "×7" as "times 7", "π" as "pi". */
export const constantWords = (text: string, { constants, times, gap }: SpokenWords): string =>
  gap + (constants[text] ?? text.replace('×', times))

/** "/3" as "over 3". */
export const denominatorWords = (text: string, { over, gap }: SpokenWords): string =>
  gap + around(over, text.slice(1))
