import { isDirected } from '../../decimal/round'
import type { Frames, Plan, Rule, Rung } from '../types'

/** Powers of ten up to here are exact doubles, and so is one rounding of a product with them. */
export const LARGEST_EXACT_POWER = 22
export const POWERS: readonly number[] = Array.from({ length: LARGEST_EXACT_POWER + 1 }, (_, at) =>
  Number(`1e${at}`),
)
/** Digits from here on are left to exact ones. */
export const LARGEST_DIGITS = 1e15 - 1
const MOST_DECIMALS = 12

const hasOneForm = (forms: Rule['names'] | Rung['forms']): boolean =>
  !forms || Object.keys(forms).length === 1
const isPlain = ({ none, minus, plus }: Frames): boolean =>
  !none.hidden && !minus.hidden && !plus.hidden
/** Marks between groups are copied a code at a time. */
const isGrouped = ({ grouping, marks }: Rule): boolean =>
  grouping === null ||
  (marks.group.length === 1 && grouping.first === 3 && (grouping.rest === 3 || grouping.rest === 2))

/**
 * The one rule of a Plan whose numbers are rounded to the nearest, in powers of ten; null where
 * there is none.
 */
function ruleInTens(plan: Plan): Rule | null {
  const [rule] = plan.rules
  if (!rule || plan.rules.length > 1) return null
  const { precision } = rule
  const isOne =
    rule.factor === '1' &&
    !rule.convert &&
    rule.multiple === null &&
    !rule.clock &&
    !rule.uncertainty &&
    rule.under === null &&
    rule.over === null &&
    rule.zero === null &&
    precision.by === undefined &&
    precision.last === undefined &&
    precision.increment === null &&
    !precision.strip &&
    !isDirected(precision.rounding) &&
    (precision.fraction === null || precision.significant === null) &&
    Math.max(precision.fraction?.[1] ?? 0, precision.significant?.[1] ?? 0) <= MOST_DECIMALS &&
    rule.rungs.every(({ base }) => base === 10)
  return isOne ? rule : null
}
/**
 * The one rule whose digits doubles can decide: of decimals rounded to the nearest, in powers of
 * ten; null where a Plan has none.
 */
export function decidableByDoubles(plan: Plan): Rule | null {
  const rule = ruleInTens(plan)
  return rule && rule.exponent === null && rule.precision.fraction !== null ? rule : null
}
/** The same of a rule that writes exponents, with decimals or significant digits. */
export function decidableInExponents(plan: Plan): Rule | null {
  const rule = ruleInTens(plan)
  return rule && rule.exponent !== null ? rule : null
}

/**
 * The one rule that doubles can write labels by: it is decidable, and its text has one form for all
 * numbers.
 */
export function ruleForDoubles(plan: Plan): Rule | null {
  const rule = plan.recorded === 0 && plan.unitAt === 'label' ? decidableByDoubles(plan) : null
  const isOne =
    rule &&
    hasOneForm(rule.names) &&
    rule.digits[0] === '0' &&
    rule.marks.decimal.length === 1 &&
    isGrouped(rule) &&
    rule.rungs.every(
      ({ forms }) => forms === null || (hasOneForm(forms) && Object.values(forms).every(isPlain)),
    )
  return isOne ? rule : null
}

export interface FastRung {
  /**
   * Where it begins; the value is compared with it as a double, whose order is that of its
   * decimals.
   */
  readonly from: number
  /** The rung's power less the decimals kept: what the value is divided by, as a power of ten. */
  readonly shift: number
  /** Digits from which the label goes to the next rung. */
  readonly carry: number
  /** Its place in the rule's rungs. */
  readonly place: number
}

/**
 * The rungs of a rule that powers of ten reach exactly, ascending.
 *
 * @param recorded the power of ten that the values are recorded in
 */
export function rungsForDoubles(rule: Rule, decimals: number, recorded: number): FastRung[] {
  const places = rule.fixedRung === null ? rule.rungs.map((_, at) => at) : [rule.fixedRung]
  const digits = (power: number) =>
    POWERS[Math.min(Math.max(power + decimals, 0), LARGEST_EXACT_POWER)]!
  const isReached = (at: number) =>
    Math.abs(rule.rungs[at]!.power - decimals - recorded) <= LARGEST_EXACT_POWER &&
    rule.rungs[at]!.from - recorded <= LARGEST_EXACT_POWER
  return places.filter(isReached).map((at) => {
    const place = rule.fixedRung === null ? at : 0
    const { from, power } = rule.rungs[at]!
    const next = rule.fixedRung === null ? rule.rungs[places[place + 1] ?? -1] : undefined
    const beyond = rule.beyond === null ? Infinity : digits(rule.beyond)
    const carry = next ? digits(next.from - power) : beyond
    return {
      from: place === 0 ? 0 : Number(`1e${from - recorded}`),
      shift: power - decimals - recorded,
      carry,
      place: at,
    }
  })
}
