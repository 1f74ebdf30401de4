import { ZERO } from '../../decimal/decimal'
import { decide, signs } from '../decide'
import { POWERS, ruleForDoubles, rungsForDoubles } from './kind'
import type { Plan, SignState } from '../types'
import { joined, partsOf, textOf } from '../write'
import type { RoundingMode } from '../../decimal/round'

/** What stands before and after the digits. */
export type Around = readonly [before: string, after: string]

/** A rung as doubles write in it. */
export interface DoubleRung {
  /** The least number of it. */
  readonly from: number
  /** The power of ten that a number is divided by, to be counted in its last decimal. */
  readonly shift: number
  /** Digits from which a label goes to the next rung; null where it stays. */
  readonly carry: number | null
  /** Around numbers above zero, and below. */
  readonly above: Around
  readonly below: Around
}

/**
 * All that is needed to write by doubles, looked up: plain JSON, which a module carries beside its
 * Plan.
 */
export interface DoublePlan {
  readonly rungs: readonly DoubleRung[]
  /** Least and most decimals. */
  readonly fraction: readonly [least: number, most: number]
  readonly rounding: RoundingMode
  readonly decimal: string
  readonly group: string
  /** The number from which whole digits are grouped; null where they are not. */
  readonly grouped: number | null
  /** Thousands, or hundreds above the first three digits. */
  readonly groupUnit: 1000 | 100
  /** The whole label of what rounds to zero. */
  readonly zero: string
}

/** Ladders reach to 10³⁰³; in rungs outside of these powers exact digits decide. */
const [LEAST_POWER, LARGEST_POWER] = [-9, 15]

function around(plan: Plan, rung: number, sign: SignState): Around {
  const five = { kind: 'number', rule: 0, digits: 5n, place: 0, decimals: 0 } as const
  const parts = partsOf(plan, { ...five, sign, rung, exponent: null, denominator: 1, bound: '' })
  const at = parts.findIndex(({ type }) => type === 'integer')
  return [joined(parts.slice(0, at)), joined(parts.slice(at + 1))]
}

/**
 * What writes the doubles of a Plan at once; null where exact digits must decide all labels.
 *
 * @example doublePlan(resolve({ fraction: [0, 1] }))!.grouped // 1000
 */
export function doublePlan(plan: Plan): DoublePlan | null {
  const rule = ruleForDoubles(plan)
  if (!rule) return null
  const { fraction, rounding } = rule.precision
  const { grouping, marks } = rule
  const rungs = rungsForDoubles(rule, fraction![1], plan.recorded).filter(({ place }) => {
    const { power } = rule.rungs[place]!
    return power >= LEAST_POWER && power <= LARGEST_POWER
  })
  if (rungs.length === 0) return null
  const [above, below] = [signs[rule.sign](false, false), signs[rule.sign](true, false)]
  return {
    rungs: rungs.map(({ from, shift, carry, place }) => ({
      from,
      shift,
      carry: Number.isFinite(carry) ? carry : null,
      above: around(plan, place, above),
      below: around(plan, place, below),
    })),
    fraction: fraction!,
    rounding,
    decimal: marks.decimal,
    group: marks.group,
    grouped: grouping ? POWERS[grouping.first + grouping.least - 1]! : null,
    groupUnit: grouping?.rest === 2 ? 100 : 1000,
    zero: textOf(plan, decide(plan, ZERO)),
  }
}
