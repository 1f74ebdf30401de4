import {
  type AffixToken,
  hasBrackets,
  hasMinus,
  type NumberPattern,
  type Subpattern,
} from '../locale/pattern'
import { type Fill, type Layer, type Part, partIf, type Slot } from '../locale/parts'
import type { FullStyle } from '../style/schemas'
import type { Frame, Frames, SignState } from './types'

/**
 * A currency that ends in neither a symbol nor a blank is kept off the digits (CLDR,
 * currencySpacing).
 */
const KEPT_OFF = /[^\p{S}\p{Z}]/u
const SPACE: Part = { type: 'gap', value: '\u00a0' }

/** Text of a pattern as parts: blanks are gaps. */
export const textParts = (text: string, type: Part['type']): Part[] =>
  text
    .split(/([\s\u00a0\u202f]+)/)
    .filter(Boolean)
    .map((piece) => ({ type: /^\s+$/.test(piece) ? 'gap' : type, value: piece }))

function fillToken(token: AffixToken, { marks, unit, text }: Fill, state: SignState): Part[] {
  if (typeof token === 'object') return textParts(token.text, text)
  if (token === '-')
    return state === 'plus'
      ? [{ type: 'plus', value: marks.plus }]
      : [{ type: 'minus', value: marks.minus }]
  if (token === '+') return [{ type: 'plus', value: marks.plus }]
  return [{ type: 'unit', value: unit }]
}

/**
 * The subpattern for a state of the sign, with the sign put first where the pattern has no place
 * for it.
 */
function subpatternFor({ positive, negative }: NumberPattern, state: SignState): Subpattern {
  if (negative && (state === 'minus' || (state === 'plus' && hasMinus(negative)))) return negative
  return state === 'none'
    ? positive
    : { ...positive, prefix: [state === 'minus' ? '-' : '+', ...positive.prefix] }
}

/**
 * Parts before and after the number that a pattern writes, with the space that a currency needs
 * beside digits.
 */
function sides({ pattern, fill }: Layer, state: SignState): { before: Part[]; after: Part[] } {
  const { prefix, suffix } = subpatternFor(pattern, state)
  const before = prefix.flatMap((token) => fillToken(token, fill, state))
  const after = suffix.flatMap((token) => fillToken(token, fill, state))
  if (prefix.at(-1) === '¤' && KEPT_OFF.test([...fill.unit].at(-1) ?? '')) before.push(SPACE)
  if (suffix[0] === '¤' && KEPT_OFF.test([...fill.unit][0] ?? '')) after.unshift(SPACE)
  return { before, after }
}

/** What belongs around a number besides its pattern. */
export interface Surroundings {
  /** Directly behind the number: the rung. */
  readonly rung: readonly Slot[]
  /** Outside the pattern: a unit that is a symbol. */
  readonly before: readonly Slot[]
  readonly after: readonly Slot[]
  /** Outside all, sign and all: a currency's name. */
  readonly outside: readonly [readonly Slot[], readonly Slot[]]
  /** A pattern inside the outer one: that of a rung of the region. */
  readonly inner: Layer | null
  /** Whether the number is not written: a pattern can be a word alone. */
  readonly hidden: boolean
}
export const NO_SURROUNDINGS: Surroundings = {
  rung: [],
  before: [],
  after: [],
  outside: [[], []],
  inner: null,
  hidden: false,
}

/**
 * What stands around the number for each state of the sign: `before`, the pattern's sign and
 * unit, the rung behind the number, `after`.
 *
 * @param layer the outermost pattern of the region
 */
export function framesOf(
  style: FullStyle,
  layer: Layer,
  { rung, before, after, outside, inner, hidden }: Surroundings,
): Frames {
  // Parentheses that the pattern does not have.
  const brackets = style.sign === 'parentheses' && !hasBrackets(layer.pattern)
  const inside = inner ? sides(inner, 'none') : { before: [], after: [] }
  const frame = (state: SignState, open: Part[] = [], close: Part[] = []): Frame => {
    const own = sides(layer, state)
    const sign = own.before.filter(({ type }) => type === 'minus' || type === 'plus')
    const rest = own.before.filter((part) => !sign.includes(part))
    const front: Slot[] = before.length > 0 ? [...sign, ...before, ...rest] : own.before
    return {
      before: [
        ...partIf('before', style.before),
        ...outside[0],
        ...open,
        ...front,
        ...inside.before,
      ],
      after: [
        ...inside.after,
        ...rung,
        ...own.after,
        ...after,
        ...close,
        ...outside[1],
        ...partIf('after', style.after),
      ],
      hidden,
    }
  }
  const inBrackets = () =>
    frame('none', [{ type: 'literal', value: '(' }], [{ type: 'literal', value: ')' }])
  const shown = brackets ? inBrackets() : frame('minus')
  const none = frame('none')
  return { none, minus: style.sign === 'never' ? none : shown, plus: frame('plus') }
}
