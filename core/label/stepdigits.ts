import { decimalsOf, leadingPower, shift } from '../decimal/arithmetic'
import { type Decimal, fromNumber, toText } from '../decimal/decimal'
import { toSignificant } from '../decimal/significant'
import { type Base, scaleBy } from '../decimal/powers'
import { between, toUnits } from './cells'
import { decide } from './decide'
import type { SetValues } from './shared'
import type { Plan, Precision, Rule } from './types'
import { withoutEndZeros } from '../decimal/zeros'

/** Before it is known how many decimals are needed, labels have these. */
export const MOST_STEP_DECIMALS = 20
/** Labels without a step have at most so many significant digits. */
const MOST_SIGNIFICANT = 3
/** More different numbers than this are not told apart by so few digits. */
const MOST_TOLD = 2 * 10 ** MOST_SIGNIFICANT

type Needed = Pick<Precision, 'fraction' | 'by' | 'last'>
interface Level {
  readonly base: Base
  readonly power: number
}

/** The levels in which labels of a rule can stand; one where each has an exponent of its own. */
function levelsOf({ rungs, fixedRung, exponent }: Rule): readonly Level[] {
  if (exponent) return [{ base: 10, power: exponent.fixed ?? 0 }]
  return fixedRung === null ? rungs : [rungs[fixedRung]!]
}
/** Decimals by level, as a precision has them. */
function byLevels(needed: readonly number[]): Needed {
  const most = Math.max(...needed)
  const isOne = needed.every((count) => count === most)
  return isOne ? { fraction: [most, most] } : { fraction: [0, most], by: needed }
}

/** Decimals that leave a number with at most three significant digits. */
const roomFor = (number: Decimal): number =>
  Math.max(0, MOST_SIGNIFICANT - 1 - leadingPower(number))
/** Digits that a conversion without end, there and back, leaves as they were. */
const LEFT_RIGHT = 40

/**
 * Decimals of a number in a level: of one that a conversion left without end, those of three
 * digits.
 */
function decimalsIn(number: Decimal, { base, power }: Level): number {
  const scaled = scaleBy(number, base, -power)
  const decimals = decimalsOf(scaled)
  if (decimals <= MOST_STEP_DECIMALS) return decimals
  const settled = decimalsOf(toSignificant(scaled, LEFT_RIGHT))
  return settled <= MOST_STEP_DECIMALS ? settled : Math.min(roomFor(scaled), MOST_STEP_DECIMALS)
}
/** The power of ten of the last digit that is not zero. */
function lastPower({ coefficient, exponent }: Decimal): number {
  const digits = coefficient.toString()
  return exponent + digits.length - withoutEndZeros(digits).length
}

/** What ticks need: every multiple of the step from the first of them on is told exactly. */
function ofSteps(plan: Plan, rule: Rule, first: Decimal | undefined, step: Decimal): Needed {
  const ofStep = toUnits(between(plan).rules[0]!, shift(step, plan.recorded))
  const ofFirst = first && toUnits(rule, shift(first, plan.recorded))
  const numbers = [ofStep, ...(ofFirst && ofFirst.coefficient !== 0n ? [ofFirst] : [])]
  if (rule.exponent?.fixed === null)
    return { fraction: [0, MOST_STEP_DECIMALS], last: Math.min(...numbers.map(lastPower)) }
  return byLevels(
    levelsOf(rule).map((level) => Math.max(...numbers.map((one) => decimalsIn(one, level)))),
  )
}

/**
 * Values of a set, each once; of too many, some of each power of ten, which leave no room that the
 * others would take.
 */
function distinct(values: SetValues): { some: Decimal[]; areAll: boolean } {
  const known = new Map<string | number, Decimal | null>()
  const byLead = new Map<number, Decimal>()
  for (const value of values) {
    const key = typeof value === 'number' ? value : toText(value)
    if (known.has(key)) continue
    if (known.size <= MOST_TOLD) known.set(key, typeof value === 'number' ? null : value)
    else {
      const one = typeof value === 'number' ? fromNumber(value) : value
      byLead.set(leadingPower(one), one)
    }
  }
  const some = [...known].map(([key, value]) => value ?? fromNumber(key as number))
  return { some: [...some, ...byLead.values()], areAll: byLead.size === 0 }
}

/** What a number is written as, in a few words. */
const writtenAs = (plan: Plan, value: Decimal): string => {
  const { digits, place, sign, rung, exponent } = decide(plan, value)
  return [digits, place, sign, rung, exponent].join(' ')
}
const withCount = (plan: Plan, count: number): Plan => ({
  ...plan,
  rules: plan.rules.map((rule) => ({
    ...rule,
    precision: { ...rule.precision, fraction: [count, count] },
  })),
})

/** What values without a step need: the fewest decimals that tell them apart, level by level. */
function ofValues(plan: Plan, rule: Rule, values: SetValues): Needed {
  const { some, areAll } = distinct(values)
  const standing = new Map<number, { values: Decimal[]; room: number }>()
  for (const value of some) {
    const { digits, place, rung } = decide(plan, value)
    const room = digits === 0n ? Infinity : roomFor({ coefficient: digits, exponent: place })
    const level = standing.get(rung) ?? { values: [], room }
    standing.set(rung, level)
    level.values.push(value)
    level.room = Math.min(level.room, room)
  }
  const neededAt = (rung: number): number => {
    const level = standing.get(rung)
    if (!level || level.room === Infinity) return 0
    const counts = Array.from({ length: level.room }, (_, count) => count)
    const tells = (count: number) => {
      const counted = withCount(plan, count)
      return new Set(level.values.map((value) => writtenAs(counted, value))).size
    }
    const found = areAll && counts.find((count) => tells(count) === level.values.length)
    return found === undefined || found === false ? level.room : found
  }
  if (rule.fixedRung !== null || rule.exponent) {
    const [at = 0] = standing.keys()
    return byLevels([neededAt(at)])
  }
  return byLevels(rule.rungs.map((_, at) => neededAt(at)))
}

/**
 * The decimals that labels need: on ticks exactly as many as their step, at each label's own rung
 * or exponent; elsewhere the fewest that tell the values apart, with at most three significant
 * digits.
 *
 * @param plan of the rule alone, with as many decimals as there can be
 * @param step between ticks, in the cells' measure; none where the values are no even ticks
 * @example for ticks of 250 from 0 in thousands, two: 0.25K, 0.50K
 */
export function neededDecimals(plan: Plan, values: SetValues, step: Decimal | undefined): Needed {
  const rule = plan.rules[0]!
  if (step) {
    const first = values[0]
    return ofSteps(plan, rule, typeof first === 'number' ? fromNumber(first) : first, step)
  }
  return values.length === 0 ? { fraction: [0, 3] } : ofValues(plan, rule, values)
}
