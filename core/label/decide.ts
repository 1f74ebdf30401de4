import { compare, leadingPower, magnitudeOf, shift } from '../decimal/arithmetic'
import { type Base, reaches, scaleBy } from '../decimal/powers'
import { type Decimal, decimal, ZERO } from '../decimal/decimal'
import { decideConstant } from './constant'
import { toUnits } from './cells'
import { boundOf, digitsIn, exactly } from './bounds'
import { decideUncertain } from './uncertainty'
import { keep, type Kept } from './keep'
import { precisionAt } from './leveled'
import { inOwnCase, ruleFor } from './conditions'
import type { Plan, Row, Rule, SignMode, SignState, Written } from './types'
import { type Amount, isFiniteAmount } from './value'

/** Where the number is written: in which rung, or with which exponent, so over which power. */
interface Level {
  readonly rung: number
  readonly exponent: number | null
  readonly base: Base
  readonly power: number
  /** The power of the number from which the level is used, and of what. */
  readonly from: number
  readonly fromBase: Base
}

const NOTHING: Omit<Written, 'kind' | 'sign' | 'rule'> = {
  digits: 0n,
  place: 0,
  decimals: 0,
  rung: 0,
  exponent: null,
  denominator: 1,
  bound: '',
}

const floorTo = (n: number, step: number): number => Math.floor(n / step) * step

/** The place in the rungs of the units, which carry no text. */
export const unitsRung = (rule: Rule): number =>
  Math.max(
    0,
    rule.rungs.findIndex((rung) => rung.power === 0),
  )
const atExponent = (rule: Rule, power: number): Level => ({
  rung: unitsRung(rule),
  exponent: power,
  base: 10,
  power,
  from: power,
  fromBase: 10,
})
const atRung = (rule: Rule, at: number): Level => ({ ...rule.rungs[at]!, rung: at, exponent: null })

/** The power of ten from which labels leave the ladder, where they do. */
function isBeyond(rule: Rule, value: Decimal): boolean {
  const last = rule.rungs[rule.rungs.length - 1]!
  return rule.beyond !== null && reaches(scaleBy(value, last.base, -last.power), 10, rule.beyond)
}

function levelOf(rule: Rule, value: Decimal): Level {
  const lead = leadingPower(value)
  if (rule.exponent) {
    const own = lead === -Infinity ? 0 : floorTo(lead, rule.exponent.step)
    return atExponent(rule, rule.exponent.fixed ?? own)
  }
  if (isBeyond(rule, value)) return atExponent(rule, lead)
  if (rule.fixedRung !== null) return atRung(rule, rule.fixedRung)
  if (lead === -Infinity) return atRung(rule, unitsRung(rule))
  let rung = 0
  while (
    rung + 1 < rule.rungs.length &&
    reaches(value, rule.rungs[rung + 1]!.fromBase, rule.rungs[rung + 1]!.from)
  )
    rung++
  return atRung(rule, rung)
}

/** The level to which a label goes that rounded up to it; null where it stays. */
function carriedLevel(rule: Rule, level: Level, rounded: Decimal): Level | null {
  if (level.exponent !== null) {
    if (rule.exponent && rule.exponent.fixed !== null) return null
    const next = atExponent(rule, level.exponent + (rule.exponent?.step ?? 1))
    return reaches(rounded, 10, next.power) ? next : null
  }
  if (level.rung === rule.rungs.length - 1)
    return isBeyond(rule, rounded) ? atExponent(rule, leadingPower(rounded)) : null
  if (rule.fixedRung !== null) return null
  const next = atRung(rule, level.rung + 1)
  return reaches(rounded, next.fromBase, next.from) ? next : null
}

/** The state of the sign in each mode. */
export const signs: Record<SignMode, (negative: boolean, zero: boolean) => SignState> = {
  auto: (negative) => (negative ? 'minus' : 'none'),
  always: (negative) => (negative ? 'minus' : 'plus'),
  exceptZero: (negative, zero) => {
    if (zero) return 'none'
    return negative ? 'minus' : 'plus'
  },
  never: () => 'none',
  parentheses: (negative) => (negative ? 'minus' : 'none'),
}

/** The level below one beyond the ladder: a smaller exponent, or the ladder's own end. */
function belowBeyond(rule: Rule, exponent: number): Level {
  const isStillBeyond = isBeyond(rule, { coefficient: 1n, exponent })
  return isStillBeyond
    ? atExponent(rule, exponent)
    : atRung(rule, rule.fixedRung ?? rule.rungs.length - 1)
}

/** The level below, where labels choose their own; null at the lowest. */
function levelBelow(rule: Rule, level: Level): Level | null {
  if (level.exponent !== null) {
    if (!rule.exponent) return belowBeyond(rule, level.exponent - 1)
    const { fixed, step } = rule.exponent
    return fixed === null ? atExponent(rule, level.exponent - step) : null
  }
  return rule.fixedRung !== null || level.rung === 0 ? null : atRung(rule, level.rung - 1)
}

/**
 * Whether the increment is more than a number counts in a level: 1,003K in sevens is fine, 1.003M
 * is not.
 */
const isTooCoarse = ({ precision: { increment } }: Rule, level: Level, value: Decimal): boolean =>
  increment !== null &&
  value.coefficient !== 0n &&
  compare(magnitudeOf(scaleBy(value, level.base, -level.power)), decimal(increment)) < 0

/** What kept digits say in a level. */
const roundedAt = ({ base, power }: Level, { digits, place }: Kept): Decimal =>
  scaleBy({ coefficient: digits, exponent: place }, base, power)
/**
 * Whether a label is still of its level: 10,005 by sevens of Ki is 7Ki, less than where Ki begins
 * if that is 10⁴.
 */
const belongs = (level: Level, now: Kept): boolean =>
  reaches(roundedAt(level, now), level.fromBase, level.from)

function decideNumber(rule: Rule, value: Decimal): Omit<Written, 'rule' | 'bound'> {
  const kept = (level: Level): Kept =>
    keep(precisionAt(rule.precision, level), scaleBy(value, level.base, -level.power))
  let level = levelOf(rule, value)
  let now = kept(level)
  if (value.coefficient !== 0n) {
    for (
      let below = levelBelow(rule, level);
      below && (isTooCoarse(rule, level, value) || !belongs(level, now));
      below = levelBelow(rule, level)
    ) {
      level = below
      now = kept(level)
    }
  }
  const rounded = roundedAt(level, now)
  const next = carriedLevel(rule, level, rounded)
  if (next && !isTooCoarse(rule, next, rounded)) {
    const carried = kept(next)
    if (belongs(next, carried)) [level, now] = [next, carried]
  }
  const zero = now.digits === 0n
  // What rounds to zero is written as zero is.
  if (zero && value.coefficient !== 0n) return decideNumber(rule, ZERO)
  const sign = signs[rule.sign](value.coefficient < 0n && !zero, zero)
  return {
    kind: 'number',
    sign,
    ...now,
    rung: level.rung,
    exponent: level.exponent,
    denominator: 1,
  }
}

/** What a rule, by its place, writes of a true value. */
function decideBy(plan: Plan, at: number, trueValue: Decimal, row: Row | undefined): Written {
  const rule = plan.rules[at]!
  const uncertain =
    rule.uncertainty && decideUncertain(plan, rule, trueValue, row, decideNumber, signs[rule.sign])
  if (uncertain) return { ...uncertain, rule: at, bound: '' }
  if (rule.zero !== null && trueValue.coefficient === 0n)
    return { ...NOTHING, kind: 'zero', rule: at, sign: 'none' }
  const bound = boundOf(rule, trueValue)
  const value = bound?.value ?? trueValue
  const inUnits = toUnits(rule, value)
  const writing = bound
    ? { ...rule, precision: exactly(rule.precision, digitsIn(rule, inUnits), bound.sign) }
    : rule
  const decided = rule.multiple
    ? decideConstant(writing, inUnits, signs[rule.sign])
    : decideNumber(writing, inUnits)
  return { ...decided, rule: at, bound: bound?.sign ?? '' }
}

/**
 * Decides what is written of a value: sign, kept digits and their place, rung, exponent.
 * All digits are exact; a label that rounds up to the next rung moves there.
 *
 * @param plan from `resolve`
 * @param amount from `amountOf`
 * @param row the cells beside it, where the plan has cases by column
 * @example decide(plan, amountOf(999950)) // digits 10n, place -1, the rung of 10⁶
 */
export function decide(plan: Plan, amount: Amount, row?: Row): Written {
  if (!isFiniteAmount(amount)) {
    const at = ruleFor(plan, null, row)
    const rule = plan.rules[at]!
    if (amount === null) return { ...NOTHING, kind: 'missing', rule: at, sign: 'none' }
    return {
      ...NOTHING,
      kind: 'infinite',
      rule: at,
      sign: signs[rule.sign](amount < 0, false),
      rung: rule.fixedRung ?? unitsRung(rule),
    }
  }
  const trueValue = shift(amount, plan.recorded)
  const by = (at: number, value: Decimal) => decideBy(plan, at, value, row)
  return inOwnCase(plan, trueValue, row, by(ruleFor(plan, trueValue, row), trueValue), by)
}
