import { compare } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import type { Precision, Rule } from './types'
import { tellingDigits } from '../decimal/zeros'

/** Whether larger values are written as smaller numbers. */
export const isTurned = ({ factor }: Pick<Rule, 'factor'>): boolean => factor.startsWith('-')

/**
 * How labels say that their values lie under and over the bounds: a factor below zero turns the
 * order of what is written.
 */
export const boundSigns = (rule: Pick<Rule, 'factor'>): { under: '<' | '>'; over: '<' | '>' } =>
  isTurned(rule) ? { under: '>', over: '<' } : { under: '<', over: '>' }

/** The bound of the rule that a value lies beyond, and how its label says that. */
export function boundOf(rule: Rule, value: Decimal): { value: Decimal; sign: '<' | '>' } | null {
  const signs = boundSigns(rule)
  if (rule.under != null && compare(value, decimal(rule.under)) < 0)
    return { value: decimal(rule.under), sign: signs.under }
  if (rule.over != null && compare(value, decimal(rule.over)) > 0)
    return { value: decimal(rule.over), sign: signs.over }
  return null
}
/** A bound with more digits does not end, as one that was converted: its style's are kept. */
const MOST_BOUND_DIGITS = 40
/** So many digits a bound may have in any rung of its rule; in powers of two it has more. */
export function digitsIn({ rungs, multiple }: Rule, bound: Decimal): number {
  if (multiple) return 1
  const own = tellingDigits(bound).length
  const halvings = rungs.map(({ base, power }) => (base === 10 ? 0 : Math.abs(power)))
  return own > MOST_BOUND_DIGITS ? 1 : own + Math.max(0, ...halvings)
}

/**
 * The precision that keeps every digit of a bound, and as many as its style writes anyway. One that
 * does not end is rounded to the side on which the label stays true.
 *
 * @param count of the digits that the bound has in its rung
 * @example exactly(twoDecimals, 1, '<') // of 0.001 it keeps 0.001
 */
export function exactly(
  { by: _, last: __, ...precision }: Precision,
  count: number,
  bound: '<' | '>',
): Precision {
  const [least, most] = precision.significant ?? [1, 1]
  return {
    ...precision,
    increment: null,
    priority: 'morePrecision',
    significant: [least, Math.max(most, count)],
    rounding: bound === '<' ? 'ceil' : 'floor',
  }
}
