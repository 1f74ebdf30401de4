import { ladders } from '../ladders'
import type { PowerName } from '../locale/compact'

/**
 * Names that are known everywhere: those of the short ladder, and the prefixes of units that
 * multiply. Those that divide are known beside units alone.
 */
export const everywhere: readonly PowerName[] = [ladders.short, ladders.si].flatMap(({ rungs }) =>
  rungs
    .filter(({ power }) => power > 0 && power <= 12)
    .flatMap(({ power, symbol, word }) => [
      { text: symbol, power },
      { text: word, power },
    ]),
)

const isLetter = (character: string | undefined): boolean =>
  character !== undefined && /\p{L}/u.test(character)

/** Words are read in either case; of symbols m and M are two. */
const LEAST_WORD = 3

/**
 * Whether a text is a name of a power.
 *
 * @example isSameName('Million', 'million') // true; of 'M' and 'm' false
 */
export const isSameName = (name: string, text: string): boolean =>
  name === text || (name.length >= LEAST_WORD && name.toLowerCase() === text.toLowerCase())

/**
 * The powers that a text beside a number names, by the longest name that stands whole there.
 *
 * @param before what stands before the number
 * @param after what stands behind it
 * @example powersIn('', 'M', everywhere) // [6]
 */
export function powersIn(before: string, after: string, names: readonly PowerName[]): number[] {
  const [head, tail] = [before.trim(), after.trim()]
  const found = names.filter(
    ({ text }) =>
      (isSameName(text, tail.slice(0, text.length)) &&
        !(isLetter(text.at(-1)) && isLetter(tail[text.length]))) ||
      (isSameName(text, head.slice(-text.length)) &&
        !isLetter(head[head.length - text.length - 1])),
  )
  const longest = Math.max(0, ...found.map(({ text }) => text.length))
  return [...new Set(found.filter(({ text }) => text.length === longest).map(({ power }) => power))]
}
