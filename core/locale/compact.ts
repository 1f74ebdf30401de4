import type { LadderRung } from '../ladders/types'
import { LEAST_POWER, parsePattern } from './pattern'
import type { ByPlural, SystemTable } from './types'

/** A name of a power of ten. */
export interface PowerName {
  readonly text: string
  readonly power: number
}

/**
 * The names of powers that patterns hold: their texts without signs and currencies.
 *
 * @param patterns of the powers from 3 on, as CLDR's compact decimal formats have them
 * @example namesIn([{ other: '0K' }, { other: '00K' }]) // K for 3, twice
 */
export function namesIn(patterns: readonly ByPlural[] | null): readonly PowerName[] {
  if (!patterns) return NONE
  const found = known.get(patterns) ?? readNames(patterns)
  known.set(patterns, found)
  return found
}
const NONE: readonly PowerName[] = []
/** A region's names are asked for with every label that is read. */
const known = new WeakMap<readonly ByPlural[], readonly PowerName[]>()
const readNames = (patterns: readonly ByPlural[]): PowerName[] =>
  patterns.flatMap((byPlural, at) =>
    Object.values(byPlural).flatMap((pattern) => {
      const { zeros, positive } = parsePattern(pattern)
      const text = [...positive.prefix, ...positive.suffix]
        .map((token) => (typeof token === 'object' ? token.text : ''))
        .join('')
        .trim()
      return text && zeros > 0 ? [{ text, power: LEAST_POWER + at + 1 - zeros }] : []
    }),
  )

/**
 * The ladder that a region's patterns make: a rung for each power that its short or its long forms
 * name, with the names that stand beside most numbers.
 *
 * @param compact of a region's numbering system
 * @example rungsNamed(german.compact) // Mio. and Millionen for 6, …; thousands have a word alone, Tausend
 */
export function rungsNamed({ short, long }: SystemTable['compact']): LadderRung[] {
  const usual = (patterns: readonly ByPlural[] | null) =>
    new Map(
      namesIn(patterns?.map(({ other }) => ({ other })) ?? null).map(({ power, text }) => [
        power,
        text,
      ]),
    )
  const [symbols, words] = [usual(short), usual(long)]
  return [...new Set([...symbols.keys(), ...words.keys()])]
    .sort((a, b) => a - b)
    .map((power) => ({
      power,
      symbol: symbols.get(power) ?? words.get(power)!,
      word: words.get(power) ?? symbols.get(power)!,
    }))
}
