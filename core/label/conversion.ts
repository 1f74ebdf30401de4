import { multiply } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import type { RoundingMode } from '../decimal/round'
import { type Conversion, converted, forRounding, unconverted } from '../measures/apply'
import { fromTexts } from '../measures/rational'
import type { Rule } from './types'

type Told = NonNullable<Rule['convert']>
const known = new WeakMap<Told, Conversion>()
/** What a rule converts by, read from its texts once. */
function conversionIn(told: Told): Conversion {
  const kept = known.get(told)
  if (kept) return kept
  const conversion = { scale: fromTexts(told.scale), shift: fromTexts(told.shift) }
  known.set(told, conversion)
  return conversion
}

/** Digits behind those that a style keeps, for numbers that do not end. */
const SPARE = 20
/** The finest place that a rule may keep, in what it writes. */
function finestPlace({ precision, rungs, exponent }: Rule): number {
  const decimals = Math.max(precision.fraction?.[1] ?? 0, precision.significant?.[1] ?? 0)
  const lowest = exponent ? Math.min(0, exponent.fixed ?? 0) : Math.min(0, rungs[0]!.power)
  return lowest - decimals - SPARE
}

/**
 * A true value in the measure that a rule converts into, times its factor.
 *
 * @param rule one that converts
 * @example intoMeasure(ruleOfPounds, decimal('1')) // 2.2046226218…, from kilograms
 */
export function intoMeasure(rule: Rule, value: Decimal): Decimal {
  const quotient = converted(value, conversionIn(rule.convert!))
  const dividend =
    rule.factor === '1' ? quotient.dividend : multiply(quotient.dividend, decimal(rule.factor))
  return forRounding({ ...quotient, dividend }, finestPlace(rule))
}

/**
 * A number of the measure that a rule converts into, as the true value that it says.
 *
 * @param number without the rule's factor
 * @param isSpan whether it is a distance, which no shift moves
 * @param mode which way one that does not end is rounded
 * @example outOfMeasure(ruleOfPounds, decimal('1'), false) // 0.45359237 kilograms
 */
export const outOfMeasure = (
  rule: Rule,
  number: Decimal,
  isSpan: boolean,
  mode?: RoundingMode,
): Decimal => unconverted(number, conversionIn(rule.convert!), isSpan, mode)
