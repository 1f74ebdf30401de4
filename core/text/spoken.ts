import { decide } from '../label/decide'
import { amountOf } from '../label/value'
import { sayError } from '../label/uncertainty'
import { partsOf } from '../label/write'
import { around } from './around'
import { constantWords, denominatorWords } from './constantWords'
import { powerWords } from './powerWords'
import type { SpokenWords } from './spokenWords'
import type { Part, PartType, Plan, Row, Rule, Value, Written } from '../label/types'

/** The labels of a Plan as they are said: the same decisions, other words. */
export interface SpokenPlan {
  /** What each rule of the Plan writes otherwise. */
  readonly rules: readonly Partial<Rule>[]
  /** What is said for signs; null where they stand as they are written. */
  readonly words: SpokenWords | null
}

type Say = (text: string, words: SpokenWords, isOne: boolean) => string
/** How a part is said; the others are said as they are written. */
const sayings: Partial<Record<PartType, Say>> = {
  before: (text, { about }) => text.replace(/^[≈~]\s*/, around(about, '')),
  minus: (_, { minus }) => minus,
  plus: (_, { plus }) => plus,
  bound: () => '',
  exponent: powerWords,
  constant: constantWords,
  uncertainty: sayError,
  denominator: denominatorWords,
  unit: (text, { units, gap }, isOne) => (units[text] ? gap + units[text][isOne ? 0 : 1] : text),
  // A prefix is a word of its own when it is said.
  rung: (text, { gap }) => `${gap}${text}${gap}`,
  infinity: (_, { infinity }) => infinity,
  zero: (_, { zero }) => zero,
}

const MILLIONS = 6
const hasMillions = ({ rules }: Plan, { rule, rung, exponent, kind }: Written): boolean => {
  const { base, power } = rules[rule]!.rungs[rung] ?? { base: 2, power: 0 }
  return kind === 'number' && exponent === null && base === 10 && power >= MILLIONS
}

/** Kinds of parts that tell how many there are: integer, decimal, rung, exponent. */
const COUNTED = /^(int|dec|rung|exp)/
const VOWEL = /^[aeiouyhàâéèêëîïôûœ]/i
/** Parts with what stands between millions and what is counted: un million d’euros. */
function withOf(parts: readonly Part[], { ofMillions }: SpokenWords): readonly Part[] {
  const at = parts.findIndex(({ type }) => type === 'rung')
  const unit = parts.findIndex(({ type }, place) => place > at && type === 'unit')
  if (!ofMillions || at < 0 || unit < 0) return parts
  return parts.map((part, place) => {
    const name = part.value.trimStart()
    const of = ofMillions[VOWEL.test(name) ? 1 : 0]
    return place === unit ? { type: 'unit', value: of + name } : part
  })
}

function said(parts: readonly Part[], words: SpokenWords | null): string {
  const count = parts.map(({ type, value }) => (COUNTED.test(type) ? value : '')).join('')
  const text = parts
    .map(({ type, value }) => (words && sayings[type]?.(value, words, count === '1')) ?? value)
    .join('')
    .replace(/\s+/g, ' ')
    .trim()
  const bound = parts.find(({ type }) => type === 'bound')?.value
  return words && bound ? around(bound === '<' ? words.less : words.more, text) : text
}

/** What a screen reader says for a value. */
export type Speaker = (value: Value, row?: Row) => string

/**
 * Makes the function that says what a label writes, for a screen reader.
 *
 * @param plan of the labels
 * @param spoken the same style in words, from `spokenPlan`
 * @example speaker(plan, spokenPlan(plan, style))(1234567) // '1.2 million euros', where the label is €1.2M
 */
export function speaker(plan: Plan, { rules, words: signs }: SpokenPlan): Speaker {
  const words: Plan = { ...plan, rules: plan.rules.map((rule, at) => ({ ...rule, ...rules[at] })) }
  return (value, row) => {
    const written = decide(plan, amountOf(value), row)
    const parts = partsOf(words, written)
    return signs && written.kind === 'missing'
      ? signs.missing
      : said(hasMillions(words, written) && signs ? withOf(parts, signs) : parts, signs)
  }
}
