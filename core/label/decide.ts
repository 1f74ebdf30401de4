import { absolute, compare, leadingPower, shift } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'
import { roundToPlace } from '../decimal/round'
import type { Plan, Rule, SignMode, SignState, Written } from './types'
import { type Amount, isFiniteAmount } from './value'

/** Where the number is written: in which rung, or with which exponent, so over which power of ten. */
interface Level {
  readonly rung: number
  readonly exponent: number | null
  readonly power: number
}

interface Kept {
  readonly digits: bigint
  readonly place: number
  readonly decimals: number
}

const NOTHING: Omit<Written, 'kind' | 'sign' | 'rule'> = { digits: 0n, place: 0, decimals: 0, rung: 0, exponent: null }

const floorTo = (n: number, step: number): number => Math.floor(n / step) * step

/** The place in the rungs of the units, which carry no text. */
const unitsRung = (rule: Rule): number => Math.max(0, rule.rungs.findIndex((rung) => rung.power === 0))
const atExponent = (rule: Rule, power: number): Level => ({ rung: unitsRung(rule), exponent: power, power })
const atRung = (rule: Rule, rung: number): Level => ({ rung, exponent: null, power: rule.rungs[rung]!.power })

/** @param lead power of ten of the leading digit; -Infinity for zero */
function levelOf(rule: Rule, lead: number): Level {
  if (rule.exponent) {
    const own = lead === -Infinity ? 0 : floorTo(lead, rule.exponent.step)
    return atExponent(rule, rule.exponent.fixed ?? own)
  }
  if (rule.lastPower !== null && lead >= rule.lastPower) return atExponent(rule, lead)
  if (rule.fixedRung !== null) return atRung(rule, rule.fixedRung)
  if (lead === -Infinity) return atRung(rule, unitsRung(rule))
  let rung = 0
  while (rung + 1 < rule.rungs.length && rule.rungs[rung + 1]!.power <= lead) rung++
  return atRung(rule, rung)
}

/** The level to which a label goes that rounded up to it; null where there is none. */
function nextLevel(rule: Rule, level: Level): Level | null {
  if (level.exponent !== null) {
    if (rule.exponent && rule.exponent.fixed !== null) return null
    return atExponent(rule, level.exponent + (rule.exponent?.step ?? 1))
  }
  const isLast = level.rung === rule.rungs.length - 1
  if (isLast) return rule.lastPower === null ? null : atExponent(rule, rule.lastPower)
  return rule.fixedRung === null ? atRung(rule, level.rung + 1) : null
}

function keep(rule: Rule, value: Decimal): Kept {
  const [least, most] = rule.precision.fraction
  let digits = absolute(roundToPlace(value, -most, rule.precision.rounding))
  let place = -most
  while (place < -least && digits % 10n === 0n) {
    digits /= 10n
    place++
  }
  return { digits, place, decimals: -place }
}

const reaches = (kept: Kept, power: number): boolean =>
  compare({ coefficient: kept.digits, exponent: kept.place }, { coefficient: 1n, exponent: power }) >= 0

const signs: Record<SignMode, (negative: boolean, zero: boolean) => SignState> = {
  auto: (negative) => (negative ? 'minus' : 'none'),
  always: (negative) => (negative ? 'minus' : 'plus'),
  exceptZero: (negative, zero) => (negative ? 'minus' : zero ? 'none' : 'plus'),
  never: () => 'none',
  parentheses: (negative) => (negative ? 'minus' : 'none'),
}

function decideNumber(rule: Rule, at: number, value: Decimal): Written {
  let level = levelOf(rule, leadingPower(value))
  let kept = keep(rule, shift(value, -level.power))
  const next = nextLevel(rule, level)
  if (next && reaches(kept, next.power - level.power)) {
    const carried = keep(rule, shift(value, -next.power))
    if (carried.digits !== 0n) [level, kept] = [next, carried]
  }
  const zero = kept.digits === 0n
  const sign = signs[rule.sign](value.coefficient < 0n && !zero, zero)
  return { kind: 'number', rule: at, sign, ...kept, rung: level.rung, exponent: level.exponent }
}

/**
 * Decides what is written of a value: sign, kept digits and their place, rung, exponent.
 * All digits are exact; a label that rounds up to the next rung moves there.
 *
 * @param plan from `resolve`
 * @param amount from `amountOf`
 * @example decide(plan, amountOf(999950)) // digits 10n, place -1, the rung of 10⁶
 */
export function decide(plan: Plan, amount: Amount): Written {
  const at = plan.rules.length - 1
  const rule = plan.rules[at]!
  if (isFiniteAmount(amount)) return decideNumber(rule, at, shift(amount, plan.recorded))
  if (amount === null) return { ...NOTHING, kind: 'missing', rule: at, sign: 'none' }
  return { ...NOTHING, kind: 'infinite', rule: at, sign: signs[rule.sign](amount < 0, false), rung: rule.fixedRung ?? unitsRung(rule) }
}

/**
 * The number that a decision says, in the cells' own measure; as signed as it is written.
 *
 * @example saidBy(plan, decide(plan, amountOf(1264000))) // 1300000, where one decimal of M is kept
 */
export function saidBy(plan: Plan, written: Written): Decimal {
  const power = written.exponent ?? plan.rules[written.rule]!.rungs[written.rung]!.power
  const coefficient = written.sign === 'minus' ? -written.digits : written.digits
  return { coefficient, exponent: written.place + power - plan.recorded }
}

/** The power of ten of the last digit written, in the cells' own measure. */
export function lastPlaceOf(plan: Plan, written: Written): number {
  const power = written.exponent ?? plan.rules[written.rule]!.rungs[written.rung]!.power
  return -written.decimals + power - plan.recorded
}
