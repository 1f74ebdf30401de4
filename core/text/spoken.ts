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
const english: Partial<Record<PartType, (text: string) => string>> = {
  before: (text) => text.replace(/^[≈~]\s*/, 'about '),
  minus: () => 'minus ',
  plus: () => 'plus ',
  bound: (text) => (text === '<' ? 'less than ' : 'more than '),
  exponent: powerWords,
  constant: (text) => ` ${constants[text] ?? text.replace('×', 'times ')}`,
  denominator: (text) => ` over ${text.slice(1)}`,
  unit: (text) => (units[text] ? ` ${units[text]}` : text),
  // A prefix is a word of its own when it is said.
  rung: (text) => ` ${text} `,
  infinity: () => 'infinity',
  zero: () => 'zero',
}

const SINGULAR: Readonly<Record<string, string>> = {
  pp: ' percentage point',
  bp: ' basis point',
}
/** Whether a label says exactly one. */
const saysOne = (parts: readonly Part[]): boolean =>
  parts
    .filter(({ type }) => ['integer', 'decimal', 'fraction', 'rung', 'exponent'].includes(type))
    .map(({ value }) => value)
    .join('') === '1'
function inEnglish({ type, value }: Part, isOne: boolean): string {
  const one = isOne && type === 'unit' ? SINGULAR[value] : undefined
  return one ?? english[type]?.(value) ?? value
}

const said = (parts: readonly Part[], isEnglish: boolean): string =>
  parts
    .map((part) => (isEnglish ? inEnglish(part, saysOne(parts)) : part.value))
    .join('')
    .replace(/\s+/g, ' ')
    .trim()

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
