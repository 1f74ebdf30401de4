import { absolute, compare, multiply, subtract, sum } from '../decimal/arithmetic'
import { type Decimal, toText, ZERO } from '../decimal/decimal'
import { divide, roundToPlace } from '../decimal/round'
import { inCells, saidBy } from '../label/cells'
import { decide, signs } from '../label/decide'
import type { Plan, Row, Written } from '../label/types'
import { textOf } from '../label/write'

/** A part as it is printed so that all parts add up. */
export interface Adjusted {
  readonly label: string
  /** The number that the label says. */
  readonly value: Decimal
  /** Whether it is another number than rounding alone would print. */
  readonly isAdjusted: boolean
}

const wholeNumber = (coefficient: bigint): Decimal => ({ coefficient, exponent: 0 })

/**
 * Whole numbers that add up to a whole, each less than one from its share: every share is cut, and
 * what is lacking goes to those that lost most (Hamilton's method of largest remainders); of equal
 * ones the earlier.
 *
 * @param shares in units of the last digit printed
 * @returns null where no such numbers add up to the whole
 * @example apportion(['3.4', '5.4', '2.4'].map(decimal), 11n) // [4n, 5n, 2n]
 */
export function apportion(shares: readonly Decimal[], total: bigint): bigint[] | null {
  const cut = shares.map((share) => roundToPlace(share, 0, 'floor'))
  const lost = shares.map((share, at) => subtract(share, wholeNumber(cut[at]!)))
  const lacking = total - cut.reduce((all, one) => all + one, 0n)
  const open = lost
    .map((_, at) => at)
    .filter((at) => lost[at]!.coefficient !== 0n)
    .sort((a, b) => compare(lost[b]!, lost[a]!) || a - b)
  if (lacking < 0n || lacking > BigInt(open.length)) return null
  const raised = new Set(open.slice(0, Number(lacking)))
  return cut.map((one, at) => (raised.has(at) ? one + 1n : one))
}

/** Digits with the zeros that the rule may leave out. */
function trimmed(
  digits: bigint,
  least: number,
  most: number,
): Pick<Written, 'digits' | 'place' | 'decimals'> {
  let [left, decimals] = [digits, most]
  while (decimals > least && left % 10n === 0n) {
    left /= 10n
    decimals--
  }
  return { digits: left, place: -decimals, decimals }
}

/**
 * Labels of parts that add up to the label of their total, each less than one unit of the last
 * place from its number.
 *
 * @param total the exact sum, or the whole that they are shares of
 * @returns null where the parts have no last place in common: labels of several rungs, rules or
 *   precisions, or of numbers with an uncertainty
 * @example adjustedLabels(resolve({ fraction: [0, 0] }), ['3.4', '5.4', '2.4'].map(decimal), decimal('11.2')) // 4, 5, 2; the first adjusted
 */
export function adjustedLabels(
  plan: Plan,
  values: readonly Decimal[],
  total: Decimal = sum(values),
  rows?: readonly (Row | undefined)[],
): Adjusted[] | null {
  const written = values.map((value, at) => decide(plan, value, rows?.[at]))
  const whole = decide(plan, total)
  const model = written.find(({ kind, digits }) => kind === 'number' && digits !== 0n)
  const rule = model && plan.rules[model.rule]
  if (
    !model ||
    !rule?.precision.fraction ||
    rule.precision.significant ||
    rule.precision.by ||
    rule.precision.last !== undefined ||
    rule.precision.increment !== null ||
    rule.uncertainty ||
    model.denominator !== 1
  )
    return null
  const fits = (one: Written) =>
    one.kind === 'number' &&
    one.bound === '' &&
    one.rule === model.rule &&
    (one.digits === 0n ||
      (one.rung === model.rung && one.exponent === model.exponent && one.denominator === 1))
  if (![...written, whole].every(fits)) return null
  const [least, most] = rule.precision.fraction
  const unit = inCells(plan, rule, { coefficient: 1n, exponent: -most }, model)
  const printed = apportion(
    values.map((value) => divide(value, unit)),
    roundToPlace(divide(saidBy(plan, whole), unit), 0, 'halfEven'),
  )
  return (
    printed &&
    printed.map((digits, at) => {
      // Zero has its own way: no rung where each label has its own.
      const label = textOf(
        plan,
        digits === 0n
          ? decide(plan, ZERO, rows?.[at])
          : {
              ...model,
              ...trimmed(absolute(digits), least, most),
              sign: signs[rule.sign](digits < 0n, false),
            },
      )
      return {
        label,
        value: multiply(wholeNumber(digits), unit),
        isAdjusted: toText(divide(saidBy(plan, written[at]!), unit)) !== String(digits),
      }
    })
  )
}
