import { shift } from '../decimal/arithmetic'
import { type Decimal } from '../decimal/decimal'
import { atWidth, inherit, stylesOf } from '../style/inherit'
import type { Style } from '../style/schemas'
import { titleOf } from './around'
import type { Context } from './context'
import { ruleFrom } from './rule'
import type { SetValues } from './shared'
import { byUnit } from './unitColumns'
import { ruleFor } from './conditions'
import { checkBounds, checkCases, checkUnitAt, checkZero } from './refusals'
import type { Condition, Plan, Rule } from './types'
import { amountOf, isFiniteAmount } from './value'

/**
 * Looks everything up that a style needs, and freezes it: the one input of `label` and `readBack`.
 *
 * @param style of one level, or several laid over one another with `inherit`
 * @throws StyleError for what only the whole style shows: a rung that is not on the ladder, an
 *   unknown currency, equal marks, a unit that cannot be said once, bounds that cross
 * @example resolve({ notation: 'scaled', fraction: [0, 1] }, { values: [1500, 999950] })
 */
export function resolve(style: Style, context: Context = {}): Plan {
  const own = inherit(style)
  checkCases(own)
  const full = atWidth(own, context.pageWidth)
  const recorded = context.recorded ?? 0
  const written = stylesOf(full).flatMap(({ when, style: one }) =>
    // What holds at this width is the style itself by now.
    when && 'width' in when ? [] : byUnit({ when, style: one }, context),
  )
  const conditions = written.map(({ when }) => when)

  let sorted: Decimal[][] | undefined
  /** The finite values that each rule writes. */
  const valuesOf = (at: number): SetValues => {
    if (conditions.length === 1 && isFiniteColumn(context.values)) return context.values
    sorted ??= sortByRule(conditions, context, recorded)
    return sorted[at]!
  }
  const planOf = (rule: Rule): Plan => ({
    recorded,
    rules: [{ ...rule, when: null }],
    missing: full.missing,
    unitAt: full.unitAt,
    title: null,
  })
  const rules = written.map(({ when, style: one, own: named, recorded: unit }, at) => {
    const recordedIn = unit ? { ...context, ...unit } : context
    const made = ruleFrom(one, when, recordedIn, { planOf, values: () => valuesOf(at) })
    checkBounds(one)
    checkUnitAt({ ...one, unitAt: full.unitAt }, made.rule)
    return { ...made, rule: { ...made.rule, ...named } }
  })
  const { rule, unit } = rules.at(-1)!
  const title = full.unitAt === 'title' ? titleOf(full, rule, unit) : null
  const plan: Plan = {
    recorded,
    rules: rules.map((one) => one.rule),
    missing: full.missing,
    unitAt: full.unitAt,
    title,
  }
  checkZero(plan)
  return freeze(plan)
}

/** Whether values are doubles of which none is missing or infinite. */
const isFiniteColumn = (values: Context['values']): values is Float64Array =>
  ArrayBuffer.isView(values) && (values as Float64Array).every(Number.isFinite)

function sortByRule(
  conditions: readonly (Condition | null)[],
  { values = [], rows }: Context,
  recorded: number,
): Decimal[][] {
  const sorted: Decimal[][] = conditions.map(() => [])
  let at = 0
  for (const value of values) {
    const amount = amountOf(value, at)
    if (isFiniteAmount(amount))
      sorted[
        ruleFor(
          { rules: conditions.map((when) => ({ when })) },
          shift(amount, recorded),
          rows?.[at],
        )
      ]!.push(amount)
    at++
  }
  return sorted
}

function freeze<Tree extends object>(tree: Tree): Tree {
  for (const value of Object.values(tree))
    if (typeof value === 'object' && value !== null && !Object.isFrozen(value)) freeze(value)
  return Object.freeze(tree)
}
