import { compare } from '../decimal/arithmetic'
import { type Decimal, fromNumber } from '../decimal/decimal'
import type { Contribution, SharedLevel } from '../notations/types'
import { decide } from './decide'
import { unitsRung } from './level'
import { decideColumn } from './fast/column'
import type { Plan, Rule, Written } from './types'
import { textOf } from './write'

/** Mantissas of a shared exponent stay below this power of ten. */
const LARGEST_MANTISSA = 2
const SHARED_EXPONENTS = 3

const isShort = (written: Written): boolean =>
  compare(
    { coefficient: written.digits, exponent: written.place },
    { coefficient: 1n, exponent: LARGEST_MANTISSA },
  ) < 0

/** Values of a set: decimals, or doubles that stand for the shortest that they mean. */
export type SetValues = readonly Decimal[] | Float64Array
const areDoubles = (values: SetValues): values is Float64Array => ArrayBuffer.isView(values)

/** The least and the largest of some values. */
function endsOf(values: SetValues): Decimal[] {
  if (values.length === 0) return []
  if (areDoubles(values)) {
    const ends = values.reduce(
      ([least, largest], value) => [Math.min(least!, value), Math.max(largest!, value)],
      [Infinity, -Infinity],
    )
    return ends.map(fromNumber)
  }
  let [least, largest] = [values[0]!, values[0]!]
  for (const value of values) {
    if (compare(value, least) < 0) least = value
    if (compare(value, largest) > 0) largest = value
  }
  return [least, largest]
}

/** How long all labels are together; infinite where one has too large a mantissa. */
function lengthOf(plan: Plan, values: SetValues): number {
  const own = (written: Written) => (isShort(written) ? textOf(plan, written).length : Infinity)
  if (areDoubles(values)) {
    const { decisions, which } = decideColumn(plan, values)
    const lengths = decisions.map(({ written }) => own(written))
    return which.reduce((all, place) => all + lengths[place]!, 0)
  }
  let length = 0
  for (const value of values) {
    length += own(decide(plan, value))
    if (length === Infinity) break
  }
  return length
}

/** The labels at both ends of the set, the zeros among them left out. */
function extremes(plan: Plan, values: SetValues): Written[] {
  return endsOf(values)
    .map((value) => decide(plan, value))
    .filter((written) => written.kind === 'number' && written.digits !== 0n)
}

/**
 * Decides over the whole set what is `shared`: the rung of the largest label after rounding;
 * among its exponent and the two below it the one whose labels are shortest in all.
 *
 * @param ruleOf the rule with a notation's contribution
 * @param planOf a plan of one rule
 * @param values of the set, asked for only where something is shared
 */
export function sharedLevel(
  ruleOf: (own: Contribution) => Rule,
  planOf: (rule: Rule) => Plan,
  values: () => SetValues,
): SharedLevel {
  return {
    rung(own) {
      const rule = ruleOf(own)
      const reached = extremes(planOf(rule), values()).map((written) =>
        written.exponent === null ? written.rung : own.rungs.length - 1,
      )
      return reached.length > 0 ? Math.max(...reached) : unitsRung(rule)
    },
    exponent(own) {
      const step = own.exponent!.step
      const found = extremes(planOf(ruleOf(own)), values()).map((written) => written.exponent ?? 0)
      if (found.length === 0) return 0
      const largest = Math.max(...found)
      if (step > 1) return largest
      let [best, shortest] = [largest, Infinity]
      for (let power = largest; power > largest - SHARED_EXPONENTS; power--) {
        const plan = planOf(ruleOf({ ...own, exponent: { step, fixed: power } }))
        const length = lengthOf(plan, values())
        if (length < shortest) [best, shortest] = [power, length]
      }
      return best
    },
  }
}
