import { type Decimal } from '../decimal/decimal'
import { decide } from '../label/decide'
import type { Plan, Written } from '../label/types'
import { short } from '../ladders/short'
import { si } from '../ladders/si'

/** The orders of magnitude of doubles: from the smallest above zero to the largest (IEEE 754 binary64). */
export const [LEAST_ORDER, LARGEST_ORDER] = [-323, 308]
/** Every order, the largest first. */
export const ORDERS: readonly number[] = Array.from({ length: LARGEST_ORDER - LEAST_ORDER + 1 }, (_, at) => LARGEST_ORDER - at)

/** Nines of the value just under an order, and the place of the one just over it: more than a label keeps as a rule. */
const EDGE = 6
/**
 * The values at the edge of an order: just under it, on it, and just over.
 *
 * @example edgesOf(3).map(toText) // 999.9995, 1000, 1000.001
 */
export const edgesOf = (order: number): readonly [Decimal, Decimal, Decimal] => [
  { coefficient: 10n ** BigInt(EDGE + 1) - 5n, exponent: order - EDGE - 1 }, { coefficient: 1n, exponent: order }, { coefficient: 10n ** BigInt(EDGE) + 1n, exponent: order - EDGE },
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
/** What an order of magnitude is called. */
export function nameOf(order: number): OrderName {
  const step = Math.floor(order / 3) * 3
  const count = COUNTS[order - step]!
  const prefix = prefixAt(step)?.symbol ?? ''
  if (step === 0) return { name: (count || 'one').trim(), symbol: '', prefix }
  if (step > 0) {
    const rung = rungAt(step)
    return { name: rung ? `${count || 'one '}${rung.word}` : '', symbol: rung?.symbol ?? '', prefix }
  }
  // Below one an order is named by how many of it make one.
  const whole = Math.floor(-order / 3) * 3
  const word = whole === 0 ? '' : rungAt(whole)?.word
  const name = word === undefined ? '' : `${['one', COUNTS[-order - whole]!.trim(), word].filter(Boolean).join(' ')}th`
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
  const turns: Turn[] = []
  let last: Character | null = null
  for (const order of ORDERS) {
    const now = characterOf(plan, decide(plan, edgesOf(order)[1]))
    if (last && (last.kind !== now.kind || last.rung !== now.rung)) turns.push({ order, from: last, to: now })
    last = now
  }
  return turns
}

const saying: Record<Character['kind'], (character: Character) => string> = {
  zero: () => 'written as zero', digits: () => 'whole digits', rung: ({ rung }) => `in ${rung}`, exponent: () => 'with an exponent', text: () => 'as text',
}
/** A character in words. */
export const characterText = (character: Character): string => saying[character.kind](character)
