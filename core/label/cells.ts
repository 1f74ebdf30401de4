import { magnitudeOf, multiply, shift } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { scaleBy } from '../decimal/powers'
import { divide, type RoundingMode } from '../decimal/round'
import { isTurned } from './bounds'
import { timesConstant } from './constant'
import { intoMeasure, outOfMeasure } from './conversion'
import type { Plan, Rule, Written } from './types'

/**
 * A true value as it is written: converted, and times the rule's factor. One that does not end has
 * digits enough to round as all of it would.
 *
 * @example toUnits(ruleOfPounds, decimal('1')) // 2.2046226218…, from kilograms
 */
export function toUnits(rule: Rule, value: Decimal): Decimal {
  if (rule.convert) return intoMeasure(rule, value)
  return rule.factor === '1' ? value : multiply(value, decimal(rule.factor))
}

/**
 * Which way a quotient that does not end is rounded, so that its label is the one that was read:
 * against a style that rounds one way.
 */
const inverseModes: Partial<Record<RoundingMode, (negative: boolean) => 'ceil' | 'floor'>> = {
  floor: () => 'ceil',
  ceil: () => 'floor',
  trunc: (negative) => (negative ? 'floor' : 'ceil'),
  expand: (negative) => (negative ? 'ceil' : 'floor'),
}
const OPPOSITE = { ceil: 'floor', floor: 'ceil' } as const

/**
 * The number of cells in one unit of what is written: rung or exponent, constant, factor, measure
 * and `recorded`.
 */
function fromUnits(
  plan: Plan,
  rule: Rule,
  number: Decimal,
  { constantPower, denominator }: Pick<Reach, 'constantPower' | 'denominator'>,
  isSpan: boolean,
): Decimal {
  const counted = rule.multiple ? timesConstant(rule.multiple, number, constantPower) : number
  // Last, as ticks are placed: 3π/2 is then the tick itself, to its last digit.
  const constant = denominator === 1 ? counted : divide(counted, decimal(denominator))
  const mode = rule.multiple
    ? undefined
    : inverseModes[rule.precision.rounding]?.(number.coefficient < 0n)
  const inMeasure = rule.factor === '1' ? constant : divide(constant, decimal(rule.factor), mode)
  if (!rule.convert) return shift(inMeasure, -plan.recorded)
  const turned = mode && isTurned(rule) ? OPPOSITE[mode] : mode
  const value = outOfMeasure(rule, inMeasure, isSpan, turned)
  return shift(value, -plan.recorded)
}

/** What the digits of a label stand for: by its rung, exponent, denominator and power. */
export type Reach = Pick<Written, 'rung' | 'exponent' | 'denominator' | 'constantPower'>

/**
 * A written number, by its rule's measure, in the cells' own: what a reader gets from it.
 *
 * @param isSpan whether it is a distance between two numbers, as between degrees of two scales
 * @example with the rung K and no factor, 1.5 is 1500 in the cells' measure
 */
export function inCells(
  plan: Plan,
  rule: Rule,
  number: Decimal,
  written: Reach,
  isSpan = false,
): Decimal {
  const rung = rule.rungs[written.rung]!
  const whole =
    written.exponent === null
      ? scaleBy(number, rung.base, rung.power)
      : shift(number, written.exponent)
  return fromUnits(plan, rule, whole, written, isSpan)
}

/**
 * The number that a decision says, in the cells' own measure; as signed as it is written.
 *
 * @example saidBy(plan, decide(plan, amountOf(1264000))) // 1300000, where one decimal of M is kept
 */
export function saidBy(plan: Plan, written: Written): Decimal {
  const coefficient = written.sign === 'minus' ? -written.digits : written.digits
  return inCells(plan, plan.rules[written.rule]!, { coefficient, exponent: written.place }, written)
}

/**
 * One unit of the last digit written, in the cells' own measure.
 *
 * @example of “1.5K” it is 100
 */
export function unitOfLastDigit(plan: Plan, written: Written): Decimal {
  return magnitudeOf(
    inCells(
      plan,
      plan.rules[written.rule]!,
      { coefficient: 1n, exponent: -written.decimals },
      { ...written, denominator: 1 },
      true,
    ),
  )
}

/**
 * The Plan by which distances between values are written: where values are shifted, as from degrees
 * of one scale to another's, their distances are not.
 *
 * @example between(fahrenheitOfCelsius) // 5 is written 9°F
 */
export const between = (plan: Plan): Plan => ({
  ...plan,
  rules: plan.rules.map((rule) =>
    rule.convert ? { ...rule, convert: { ...rule.convert, shift: ['0', '1'] } } : rule,
  ),
})

/**
 * What a decision says in the unit that is written: with the rung K, 1.5 is 1500.
 *
 * @param written of a number
 * @example saidInUnits(plan, decide(plan, amountOf(1264000))) // 1300000
 */
export function saidInUnits(
  plan: Plan,
  { rule, rung, exponent, sign, digits, place }: Written,
): Decimal {
  const { power, base } = plan.rules[rule]!.rungs[rung]!
  const number = { coefficient: sign === 'minus' ? -digits : digits, exponent: place }
  return exponent === null ? scaleBy(number, base, power) : shift(number, exponent)
}
