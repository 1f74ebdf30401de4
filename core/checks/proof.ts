import { type Decimal, fromNumber, toExactText } from '../decimal/decimal'
import { saidBy } from '../label/cells'
import { decide } from '../label/decide'
import { type Decision, decideColumn } from '../label/fast/column'
import { resolve } from '../label/resolve'
import type { Plan, Value, Written } from '../label/types'
import { textOf } from '../label/write'
import { endsDecide } from '../style/dependencies'
import { inherit } from '../style/inherit'
import type { Proof, Subject, Values } from './types'

const isColumn = (values: Values): values is Float64Array => ArrayBuffer.isView(values)

/** The doubles of a long column; null where values are decimals. */
export const doublesOf = ({ values }: Pick<Subject, 'values'>): Float64Array | null =>
  isColumn(values) ? values : null
/**
 * A value as a decimal: a double of a long column means its shortest.
 *
 * @throws RangeError for a double that is not finite
 */
export const valueAt = ({ values }: Pick<Subject, 'values'>, at: number): Decimal =>
  isColumn(values) ? fromNumber(values[at]!) : values[at]!
/** All values as decimals. */
export const valuesOf = ({ values }: Pick<Subject, 'values'>): readonly Decimal[] =>
  isColumn(values) ? Array.from(values, fromNumber) : values

const decisionAt = (
  { decisions, which }: Pick<Proof, 'decisions' | 'which'>,
  at: number,
): Decision => decisions[which[at]!]!
export const writtenAt = (proof: Proof, at: number): Written => decisionAt(proof, at).written
export const labelAt = (proof: Proof, at: number): string => decisionAt(proof, at).label
/** The number that a reader gets from the label of a value. */
export const saidAt = (proof: Proof, at: number): Decimal => decisionAt(proof, at).said

/** The regions whose people read the labels: that of the style, where none are declared. */
export const readersOf = ({ readers, full }: Pick<Proof, 'readers' | 'full'>): readonly string[] =>
  readers?.length ? readers : [full.locale]

type Decided = Pick<Proof, 'decisions' | 'which'>
export const labelsOf = ({ decisions, which }: Decided): string[] =>
  Array.from(which, (place) => decisions[place]!.label)
export const saidOf = ({ decisions, which }: Decided): Decimal[] =>
  Array.from(which, (place) => decisions[place]!.said)

/**
 * The values that decide what is shared: all of them, or the two ends of a long column where those
 * do.
 */
function deciding({ values, style }: Subject): Iterable<Value> {
  if (!isColumn(values)) return values.map(toExactText)
  if (!endsDecide(style)) return values
  let [least, largest] = [0, 0]
  for (let at = 1; at < values.length; at++) {
    if (values[at]! < values[least]!) least = at
    if (values[at]! > values[largest]!) largest = at
  }
  return values.length === 0 ? [] : [values[least], values[largest]]
}

/** A short list: each value has its own decision. */
function decideEach(plan: Plan, values: readonly Decimal[], rows: Subject['rows']): Decided {
  const decisions = values.map((value, at): Decision => {
    const written = decide(plan, value, rows?.[at])
    return { written, label: textOf(plan, written), said: saidBy(plan, written) }
  })
  return { decisions, which: Int32Array.from(decisions, (_, at) => at) }
}

/**
 * Works out all that checks look at: the Plan, and what is decided of each value.
 *
 * @param made the Plan, where the style is resolved already
 * @throws StyleError where the style cannot be resolved
 */
export function proofOf(subject: Subject, made?: Plan): Proof {
  const { values, rows } = subject
  // What is shared by a set is decided by the set, where nothing else is said.
  const context = {
    ...subject.context,
    values: subject.context?.values ?? deciding(subject),
    rows: subject.context?.rows ?? rows,
    step: subject.context?.step ?? subject.step,
  }
  const plan = made ?? resolve(subject.style, context)
  const common = { ...subject, context, full: inherit(subject.style), plan }
  // Rows decide beside values where there are cases, so that one value can be written in several
  // ways.
  const areByRow = plan.rules.length > 1 || plan.rules.some(({ uncertainty }) => uncertainty)
  if (!isColumn(values) || (rows && areByRow))
    return { ...common, ...decideEach(plan, valuesOf(subject), rows) }
  const column = decideColumn(plan, values)
  return { ...common, ...column, column }
}
