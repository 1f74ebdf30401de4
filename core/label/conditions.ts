import { shift } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'
import { reaches } from '../decimal/powers'
import { saidBy } from './cells'
import { ANY_UNIT } from '../units/anyUnit'
import type { Condition, Plan, Row, Value, Written } from './types'

function meets(when: Condition, value: Decimal | null, row: Row | undefined): boolean {
  if ('all' in when) return when.all.every((one) => meets(one, value, row))
  if ('column' in when) {
    if (row === undefined) return false
    const cell = String(row[when.column] ?? '')
    return 'filled' in when ? cell !== '' : when.is.includes(cell)
  }
  if (!value) return false
  const { from, to } = when.magnitude
  return (
    (from === undefined || reaches(value, 10, from)) &&
    (to === undefined || !reaches(value, 10, to))
  )
}

/**
 * The place of the rule that writes a value: the first whose condition it meets.
 *
 * @returns the rule's place in the Plan; -1 never, since the last one takes all
 * @example ruleFor(resolve({}), decimal('5')) // 0
 */
export const ruleFor = (
  plan: { readonly rules: readonly { readonly when: Condition | null }[] },
  value: Decimal | null,
  row?: Row,
): number => plan.rules.findIndex(({ when }) => !when || meets(when, value, row))

const goesBySize = (when: Condition | null | undefined): boolean =>
  !!when && ('magnitude' in when || ('all' in when && when.all.some(goesBySize)))

/**
 * What is written of a value by the rule that its label belongs to: a label that rounds into the
 * magnitude of another case is written by that case, so that a printed number has one notation.
 * Where that case keeps more digits, so that its own label is not of its magnitude, it writes the
 * number that was printed.
 *
 * @param value true value, with `recorded`
 * @param decided by the rule that the value itself meets
 * @param by what a rule, by its place, writes of a value
 * @example of 999,999.6 without decimals, and from 10⁶ on in M, it is 1M
 */
export function inOwnCase(
  plan: Plan,
  value: Decimal,
  row: Row | undefined,
  decided: Written,
  by: (at: number, value: Decimal) => Written,
): Written {
  if (!plan.rules.some(({ when }) => goesBySize(when))) return decided
  const said = (written: Written) => shift(saidBy(plan, written), plan.recorded)
  /**
   * Whether what stands on a label is a number of the rule that wrote it. One that has vanished
   * stays where it was: its unit says how small it is, and it is not exactly zero.
   */
  const isOwn = (written: Written): boolean =>
    written.kind !== 'number' ||
    written.bound !== '' ||
    written.digits === 0n ||
    ruleFor(plan, said(written), row) === written.rule
  let written = decided
  for (let hops = 0; hops < plan.rules.length && !isOwn(written); hops++) {
    const printed = said(written)
    const at = ruleFor(plan, printed, row)
    const anew = by(at, value)
    written = isOwn(anew) ? anew : by(at, printed)
  }
  return isOwn(written) ? written : decided
}

/** A label that lacks the row in which its unit stands, or whose unit cannot be converted. */
export class UnitError extends Error {
  override name = 'UnitError'
}

/** Whether the unit of a label stands in a row, and there is no row. */
const lacksRow = (
  { rules }: Plan,
  { rule, kind }: Pick<Written, 'rule' | 'kind'>,
  row: Row | undefined,
): boolean =>
  kind !== 'missing' &&
  rules[rule]!.needsRow !== undefined &&
  (typeof row !== 'object' || row === null)

/** Whether the row of a label names no unit, where it has to. */
const namesNoUnit = (
  { rules }: Plan,
  { rule, kind }: Pick<Written, 'rule' | 'kind'>,
  row: Row | undefined,
): boolean => {
  const { refuses } = rules[rule]!
  return kind !== 'missing' && refuses !== undefined && String(row?.[refuses] ?? '') === ''
}

/**
 * A label of a row whose unit nobody knew when the Plan was made: what stands for any unit becomes
 * the unit's own name.
 *
 * @param written what was decided, by the same Plan and row
 * @param text the label, or a part of it
 * @throws UnitError where the unit stands in the row, and there is no row
 * @example of a row with money 'SHELL', 'XXX 5' becomes 'SHELL 5'
 */
export function inOwnUnit(
  plan: Plan,
  written: Pick<Written, 'rule' | 'kind'>,
  row: Row | undefined,
  text: string,
): string {
  if (written.kind === 'missing') return text
  const { unitOf, needsRow, refuses } = plan.rules[written.rule]!
  if (unitOf !== undefined) return text.replace(ANY_UNIT, () => String(row![unitOf]))
  if (lacksRow(plan, written, row))
    throw new UnitError(
      `The unit of this label stands in “${needsRow}” of its row, and no row is given: label(value, row), or labelRow(row).`,
    )
  if (namesNoUnit(plan, written, row))
    throw new UnitError(`The unit of this label stands in “${refuses}” of its row, which is empty.`)
  if (refuses !== undefined)
    throw new UnitError(
      `“${refuses}” of this row is “${String(row![refuses])}”: no unit that this label can convert.`,
    )
  return text
}

/**
 * What gives texts the units of their rows, where a Plan has rules for units that it does not know;
 * elsewhere it leaves them as they are.
 *
 * @param decide what is written of a value, by the same Plan
 * @param lacking what stands behind a text whose unit no row names, in place of the error
 * @throws UnitError as `inOwnUnit` does
 */
export function unitNamer(
  plan: Plan,
  decide: (value: Value, row?: Row) => Written,
  lacking?: string,
): (value: Value, row: Row | undefined, text: string) => string {
  const isNamed = ({ unitOf, refuses }: Plan['rules'][number]) =>
    unitOf !== undefined || refuses !== undefined
  if (!plan.rules.some(isNamed)) return (_value, _row, text) => text
  return (value, row, text) => {
    const written = decide(value, row)
    const lacks = lacksRow(plan, written, row) || namesNoUnit(plan, written, row)
    return lacking !== undefined && lacks
      ? `${text}\u00a0${lacking}`
      : inOwnUnit(plan, written, row, text)
  }
}
