import { leadingPower, shift } from '../decimal/arithmetic'
import { type Decimal, ZERO } from '../decimal/decimal'
import { reaches, scaleBy } from '../decimal/powers'
import { boundOf, digitsIn, exactly } from './bounds'
import { toUnits } from './cells'
import { inOwnCase, ruleFor } from './conditions'
import { decideConstant } from './constant'
import { beyondLadder, exponentBelow, exponentFor, nextExponent } from './exponents'
import { isTooCoarse } from './increments'
import { keep, type Kept } from './keep'
import { atRung, type Level, unitsRung } from './level'
import { precisionAt } from './leveled'
import type { Plan, Row, Rule, SignMode, SignState, Written } from './types'
import { decideUncertain } from './uncertainty'
import { type Amount, isFiniteAmount } from './value'

const NOTHING: Omit<Written, 'kind' | 'sign' | 'rule'> = {
  digits: 0n,
  place: 0,
  decimals: 0,
  rung: 0,
  exponent: null,
  denominator: 1,
  bound: '',
}

/** Where a number is written before it is rounded. */
function levelOf(rule: Rule, value: Decimal): Level {
  const powered = exponentFor(rule, value)
  if (powered) return powered
  if (rule.fixedRung !== null) return atRung(rule, rule.fixedRung)
  const lead = leadingPower(value)
  if (lead === -Infinity) return atRung(rule, unitsRung(rule))
  let rung = 0
  for (let next = rule.rungs[1]; next; next = rule.rungs[rung + 1]) {
    const isReached =
      next.fromBase === 10 ? lead >= next.from : reaches(value, next.fromBase, next.from)
    if (!isReached) break
    rung++
  }
  return atRung(rule, rung)
}

/** The level to which a label goes that rounded up to it; null where it stays. */
function carriedLevel(rule: Rule, level: Level, rounded: Decimal): Level | null {
  if (level.exponent !== null) return nextExponent(rule, level.exponent, rounded)
  if (level.rung === rule.rungs.length - 1) return beyondLadder(rule, rounded)
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

/** The level below, where labels choose their own; null at the lowest. */
function levelBelow(rule: Rule, level: Level): Level | null {
  if (level.exponent !== null) return exponentBelow(rule, level.exponent)
  return rule.fixedRung !== null || level.rung === 0 ? null : atRung(rule, level.rung - 1)
}

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
  const inLevel = ({ base, power }: Level, number: Decimal) => scaleBy(number, base, -power)
  const kept = (level: Level): Kept =>
    keep(precisionAt(rule.precision, level), inLevel(level, value))
  let level = levelOf(rule, value)
  let now = kept(level)
  if (value.coefficient !== 0n) {
    for (
      let below = levelBelow(rule, level);
      below && (isTooCoarse(rule.precision, inLevel(level, value)) || !belongs(level, now));
      below = levelBelow(rule, level)
    ) {
      level = below
      now = kept(level)
    }
  }
  const rounded = roundedAt(level, now)
  const next = carriedLevel(rule, level, rounded)
  if (next && !isTooCoarse(rule.precision, inLevel(next, rounded))) {
    const carried = kept(next)
    if (belongs(next, carried)) [level, now] = [next, carried]
  }
  const zero = now.digits === 0n
  // What rounds to zero is written as zero is.
  if (zero && value.coefficient !== 0n) return decideNumber(rule, ZERO)
  // Field by field: copies of objects would take longer than all else.
  return {
    kind: 'number',
    sign: signs[rule.sign](value.coefficient < 0n && !zero, zero),
    digits: now.digits,
    place: now.place,
    decimals: now.decimals,
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
  if (rule.zero != null && trueValue.coefficient === 0n)
    return { ...NOTHING, kind: 'zero', rule: at, sign: 'none' }
  const bound = boundOf(rule, trueValue)
  const value = bound?.value ?? trueValue
  const inUnits = toUnits(rule, value)
  const writing = bound
    ? { ...rule, precision: exactly(rule.precision, digitsIn(rule, inUnits), bound.sign) }
    : rule
  if (rule.multiple)
    return {
      ...decideConstant(writing, inUnits, signs[rule.sign]),
      rule: at,
      bound: bound?.sign ?? '',
    }
  const { kind, sign, digits, place, decimals, rung, exponent } = decideNumber(writing, inUnits)
  return {
    kind,
    rule: at,
    sign,
    digits,
    place,
    decimals,
    rung,
    exponent,
    denominator: 1,
    bound: bound?.sign ?? '',
  }
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
