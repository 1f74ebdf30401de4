import { type Decimal } from '../decimal/decimal'
import { decide } from '../label/decide'
import type { Plan, Written } from '../label/types'
import { short } from '../ladders/short'
import { si } from '../ladders/si'

/**
 * The orders of magnitude of doubles: from the smallest above zero to the largest (IEEE 754
 * binary64).
 */
export const [LEAST_ORDER, LARGEST_ORDER] = [-323, 308]
/** Every order, the largest first. */
export const ORDERS: readonly number[] = Array.from(
  { length: LARGEST_ORDER - LEAST_ORDER + 1 },
  (_, at) => LARGEST_ORDER - at,
)

/**
 * Nines of the value just under an order, and the place of the one just over it: more than a label
 * keeps as a rule.
 */
const EDGE = 6
/**
 * The values at the edge of an order: just under it, on it, and just over.
 *
 * @example edgesOf(3).map(toText) // 999.9995, 1000, 1000.001
 */
export const edgesOf = (order: number): readonly [Decimal, Decimal, Decimal] => [
  { coefficient: 10n ** BigInt(EDGE + 1) - 5n, exponent: order - EDGE - 1 },
  { coefficient: 1n, exponent: order },
  { coefficient: 10n ** BigInt(EDGE) + 1n, exponent: order - EDGE },
]

const COUNTS = ['', 'ten ', 'hundred '] as const
const rungAt = (power: number) => short.rungs.find((rung) => rung.power === power)
const prefixAt = (power: number) => si.rungs.find((rung) => rung.power === power)

export interface OrderName {
  /** In words: "ten million"; empty where nobody has a name for it. */
  readonly name: string
  /** The symbol of its thousandfold step, and the prefix of the SI; empty where there is none. */
  readonly symbol: string
  readonly prefix: string
}
/**
 * What an order of magnitude is called.
 *
 * @param order the power of ten
 * @example nameOf(6) // { name: 'million', symbol: 'M', prefix: 'M' }
 */
export function nameOf(order: number): OrderName {
  const step = Math.floor(order / 3) * 3
  const count = COUNTS[order - step]!
  const prefix = prefixAt(step)?.symbol ?? ''
  if (step === 0) return { name: (count || 'one').trim(), symbol: '', prefix }
  if (step > 0) {
    const rung = rungAt(step)
    return {
      name: rung ? `${count || 'one '}${rung.word}` : '',
      symbol: rung?.symbol ?? '',
      prefix,
    }
  }
  // Below one an order is named by how many of it make one.
  const whole = Math.floor(-order / 3) * 3
  const word = whole === 0 ? '' : rungAt(whole)?.word
  const name =
    word === undefined
      ? ''
      : `${['one', COUNTS[-order - whole]!.trim(), word].filter(Boolean).join(' ')}th`
  return { name, symbol: '', prefix }
}

/** What is characteristic of how a style writes a number. */
export interface Character {
  readonly kind: 'zero' | 'digits' | 'rung' | 'exponent' | 'text'
  /** The rung's symbol or word, where there is one. */
  readonly rung: string
}

function characterOf(plan: Plan, { kind, rule, digits, rung, exponent }: Written): Character {
  if (kind !== 'number') return { kind: 'text', rung: '' }
  if (digits === 0n) return { kind: 'zero', rung: '' }
  if (exponent !== null) return { kind: 'exponent', rung: '' }
  const { text } = plan.rules[rule]!.rungs[rung]!
  return { kind: text === '' ? 'digits' : 'rung', rung: text }
}

/** What is characteristic of how a style writes an order of magnitude. */
const characterAt = (plan: Plan, order: number): Character =>
  characterOf(plan, decide(plan, { coefficient: 1n, exponent: order }))
const isSame = (a: Character, b: Character): boolean => a.kind === b.kind && a.rung === b.rung

/**
 * How a style writes from an order of magnitude down, where it begins to write otherwise there;
 * null elsewhere.
 *
 * @example turnAt(resolve({ notation: 'scaled' }), 5) // { kind: 'rung', rung: 'K' }
 */
export function turnAt(plan: Plan, order: number): Character | null {
  if (order === LARGEST_ORDER) return null
  const now = characterAt(plan, order)
  return isSame(now, characterAt(plan, order + 1)) ? null : now
}

/** A place where a style begins to write otherwise. */
export interface Turn {
  readonly order: number
  readonly from: Character
  readonly to: Character
}

/**
 * Where a style changes character, going down from the largest order.
 *
 * @example turnsOf(resolve({ notation: 'scaled' })).map(({ order }) => order) // …, 8, 5, 2, -4
 */
export function turnsOf(plan: Plan): Turn[] {
  const characters = ORDERS.map((order) => characterAt(plan, order))
  return ORDERS.flatMap((order, at) =>
    at > 0 && !isSame(characters[at - 1]!, characters[at]!)
      ? [{ order, from: characters[at - 1]!, to: characters[at]! }]
      : [],
  )
}

const sayings: Record<
  Character['kind'],
  (character: Character) => { readonly text: string; readonly short: string }
> = {
  zero: () => ({ text: 'written as zero', short: 'zero' }),
  digits: () => ({ text: 'whole digits', short: 'digits' }),
  rung: ({ rung }) => ({ text: `in ${rung}`, short: `in ${rung}` }),
  exponent: () => ({ text: 'with an exponent', short: 'exponent' }),
  text: () => ({ text: 'as text', short: 'text' }),
}
/** A character in words. */
export const characterText = (character: Character): string =>
  sayings[character.kind](character).text
/** The same where there is little room. */
export const characterName = (character: Character): string =>
  sayings[character.kind](character).short
