import { decide } from './decide'
import type { Part, Plan, Row, Value, Written } from './types'
import { amountOf } from './value'
import { partsOf, textOf } from './write'

/** Writes labels by one Plan. */
export interface Writer {
  /** The label of a value. @throws ValueError when it is no number */
  label(value: Value, row?: Row): string
  /** The labels of many values, in their order. @throws ValueError naming the index */
  labels(values: Iterable<Value>, rows?: readonly Row[]): string[]
  /** The parts of a label: sign, digits, marks, rung, unit. */
  parts(value: Value, row?: Row): Part[]
  /** What is written, before it is text. */
  written(value: Value, row?: Row): Written
}

/**
 * Makes the functions that write by a Plan.
 *
 * @param fast a label that doubles alone decide, or null where exact digits must
 * @example writer(resolve({ notation: 'scaled' })).label(1500) // '1.5K'
 */
export function writer(plan: Plan, fast: (value: number) => string | null = () => null): Writer {
  const written = (value: Value, row?: Row, at?: number) => decide(plan, amountOf(value, at), row)
  const quick = (value: Value): string | null => (typeof value === 'number' ? fast(value) : null)
  const isSaid = plan.unitAt === 'label'
  /** Whether the label at a place says rung and unit. */
  const says = (at: number, count: number) =>
    isSaid || (plan.unitAt === 'first' && at === 0) || (plan.unitAt === 'last' && at === count - 1)
  return {
    label: (value, row) => quick(value) ?? textOf(plan, written(value, row), isSaid),
    labels(values, rows) {
      const all = Array.isArray(values) ? (values as readonly Value[]) : Array.from(values)
      return all.map(
        (value, at) =>
          quick(value) ?? textOf(plan, written(value, rows?.[at], at), says(at, all.length)),
      )
    },
    parts: (value, row) => partsOf(plan, written(value, row), isSaid),
    written: (value, row) => written(value, row),
  }
}
