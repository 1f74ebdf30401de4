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

/** More digits than these tell nobody where a label carries. */
const MOST_KEPT = 6
/** A number whose digits are all kept where any are. */
const FIVES = BigInt('5'.repeat(2 * MOST_KEPT))

/**
 * So many digits some styles keep of a number just under an order, the most that any of them does:
 * where those end, labels carry.
 *
 * @example digitsKept([resolve({ notation: 'scaled', fraction: [0, 1] })], 6) // 4, as in 555.6K
 */
export function digitsKept(plans: readonly Plan[], order: number): number {
  const value = { coefficient: FIVES, exponent: order - 2 * MOST_KEPT }
  const kept = plans.map((plan) => decide(plan, value).digits.toString().length)
  return Math.min(MOST_KEPT, Math.max(1, ...kept))
}

/**
 * The values at the edge of an order, with the digits that matter: the last that does not carry,
 * the order, and the first over it that says so.
 *
 * @param under digits that labels keep under it, and `over` from it on
 * @example edgesOf(6, 4, 2).map(toText) // 999949, 1000000, 1051000
 */
export const edgesOf = (
  order: number,
  under: number,
  over: number,
): readonly [Decimal, Decimal, Decimal] => [
  { coefficient: (10n ** BigInt(under) - 1n) * 100n + 49n, exponent: order - under - 2 },
  { coefficient: 1n, exponent: order },
  { coefficient: 10n ** BigInt(over + 1) + 51n, exponent: order - over - 1 },
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

/** Why a style begins to write otherwise from an order down. */
export type TurnReason = 'case' | 'ladderEnd' | 'rungBegins' | 'belowLadder' | 'vanishes' | 'text'

/** Why it turns to a character there. */
function reasonAt(plan: Plan, order: number, to: Character): TurnReason {
  const ruleAt = (power: number) => decide(plan, { coefficient: 1n, exponent: power }).rule
  if (ruleAt(order) !== ruleAt(order + 1)) return 'case'
  if (to.kind === 'zero') return 'vanishes'
  if (to.kind === 'text') return 'text'
  if (to.kind === 'digits') return 'belowLadder'
  return to.kind === 'exponent' ? 'ladderEnd' : 'rungBegins'
}

/** A place where a style begins to write otherwise. */
export interface Turn {
  readonly order: number
  readonly from: Character
  readonly to: Character
  readonly why: TurnReason
}

/**
 * Where a style changes character, going down from the largest order.
 *
 * @example turnsOf(resolve({ notation: 'scaled' })).map(({ order }) => order) // …, 8, 5, 2, -4
 */
export function turnsOf(plan: Plan): Turn[] {
  const characters = ORDERS.map((order) => characterAt(plan, order))
  return ORDERS.flatMap((order, at) => {
    if (at === 0 || isSame(characters[at - 1]!, characters[at]!)) return []
    const to = characters[at]!
    return [{ order, from: characters[at - 1]!, to, why: reasonAt(plan, order, to) }]
  })
}

/** Orders one after another, the largest first. */
export interface OrderRange {
  readonly from: number
  readonly to: number
}
/** Fewer orders are not worth folding. */
const LEAST_FOLDED = 5

/**
 * The runs of orders in which nothing happens: no style turns, and none is among those that are
 * kept in sight.
 *
 * @param turns the orders at which some style turns
 * @param kept orders that stay in sight
 * @example foldsOf(new Set([2]), { from: 9, to: 0 }) // [{ from: 308, to: 10 }, { from: -1, to: -323 }]
 */
export function foldsOf(turns: ReadonlySet<number>, kept: OrderRange): OrderRange[] {
  // A turn is seen by the orders on both of its sides.
  const isTelling = (order: number) =>
    turns.has(order) || turns.has(order - 1) || (order <= kept.from && order >= kept.to)
  const folds: OrderRange[] = []
  let from: number | null = null
  for (const order of [...ORDERS, null]) {
    if (order !== null && !isTelling(order)) {
      from ??= order
      continue
    }
    const to = (order ?? LEAST_ORDER - 1) + 1
    if (from !== null && from - to + 1 >= LEAST_FOLDED) folds.push({ from, to })
    from = null
  }
  return folds
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

const reasons: Readonly<Record<TurnReason, string>> = {
  case: 'by a case',
  ladderEnd: 'past the ladder’s end',
  rungBegins: 'the next rung is too large',
  belowLadder: 'below the first rung',
  vanishes: 'no digit is kept',
  text: 'by its text',
}
/** The reason of a turn in words. */
export const reasonText = (why: TurnReason): string => reasons[why]
