import { decide } from '../label/decide'
import { amountOf } from '../label/value'
import { fromSuperscript } from '../decimal/superscript'
import { partsOf } from '../label/write'
import type { Part, PartType, Plan, Row, Rule, Value } from '../label/types'

/** The labels of a Plan as they are said: the same decisions, other words. */
export interface SpokenPlan {
  /** What each rule of the Plan writes otherwise. */
  readonly rules: readonly Partial<Rule>[]
  /** Whether signs and powers have words here; elsewhere they stand as they are written. */
  readonly isEnglish: boolean
}

const constants: Record<string, string> = { π: 'pi', τ: 'tau' }
const units: Record<string, string> = {
  '%': 'percent',
  '‰': 'permille',
  pp: 'percentage points',
  bp: 'basis points',
}

/** "×10⁻⁷" as "times 10 to the minus 7". */
function powerWords(text: string): string {
  return text
    .replace('×', ' times ')
    .replace(
      /10(⁻?[⁰¹²³⁴⁵⁶⁷⁸⁹]+)/,
      (_, raised: string) => `10 to the ${String(fromSuperscript(raised)).replace('-', 'minus ')}`,
    )
}

/** How a part is said in English; the others are said as they are written. */
const english: Partial<Record<PartType, (text: string, isOne: boolean) => string>> = {
  before: (text) => text.replace(/^[≈~]\s*/, 'about '),
  minus: () => 'minus ',
  plus: () => 'plus ',
  bound: (text) => (text === '<' ? 'less than ' : 'more than '),
  exponent: powerWords,
  constant: (text) => ` ${constants[text] ?? text.replace('×', 'times ')}`,
  denominator: (text) => ` over ${text.slice(1)}`,
  unit: (text, isOne) => (units[text] ? ` ${units[text].replace(/s$/, isOne ? '' : 's')}` : text),
  // A prefix is a word of its own when it is said.
  rung: (text) => ` ${text} `,
  infinity: () => 'infinity',
  zero: () => 'zero',
}

/** Kinds of parts that tell how many there are: integer, decimal, rung, exponent. */
const COUNTED = /^(int|dec|rung|exp)/
const said = (parts: readonly Part[], isEnglish: boolean): string => {
  const count = parts.map(({ type, value }) => (COUNTED.test(type) ? value : '')).join('')
  return parts
    .map(({ type, value }) => (isEnglish ? english[type]?.(value, count === '1') : null) ?? value)
    .join('')
    .replace(/\s+/g, ' ')
    .trim()
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
export function speaker(plan: Plan, { rules, isEnglish }: SpokenPlan): Speaker {
  const words: Plan = { ...plan, rules: plan.rules.map((rule, at) => ({ ...rule, ...rules[at] })) }
  return (value, row) => {
    const written = decide(plan, amountOf(value), row)
    return isEnglish && written.kind === 'missing'
      ? 'no value'
      : said(partsOf(words, written), isEnglish)
  }
}
