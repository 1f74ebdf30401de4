import { decide } from './decide'
import { fastLabels } from './fast'
import { readBack, type Reading } from './readback'
import type { Part, Plan, Row, Value, Written } from './types'
import { amountOf } from './value'
import { partsOf, textOf } from './write'

/** Writes and reads labels by one Plan. */
export interface Labeller {
  /** The label of a value. @throws ValueError when it is no number */
  label(value: Value, row?: Row): string
  /** The labels of many values, in their order. @throws ValueError naming the index */
  labels(values: Iterable<Value>, rows?: readonly Row[]): string[]
  /** The parts of a label: sign, digits, marks, rung, unit. */
  parts(value: Value, row?: Row): Part[]
  /** What is written, before it is text. */
  written(value: Value, row?: Row): Written
  /** The number that a reader gets from a label, with every other way to read it. */
  read(label: string): Reading
}

/**
 * Makes the functions that write by a Plan; make one for a style and keep it.
 *
 * @example labeller(plan).label(1264000) // '1.3M'
 */
export function labeller(plan: Plan): Labeller {
  const fast = fastLabels(plan) ?? (() => null)
  /** Exact digits decide wherever doubles leave a doubt. */
  const exact = (value: Value, row: Row | undefined, at: number | undefined, saysUnit: boolean) => textOf(plan, decide(plan, amountOf(value, at), row), saysUnit)
  const text = (value: Value, row: Row | undefined, at: number | undefined, saysUnit: boolean): string =>
    (typeof value === 'number' ? fast(value) : null) ?? exact(value, row, at, saysUnit)
  const written = (value: Value, row?: Row, at?: number) => decide(plan, amountOf(value, at), row)
  /** Whether the label at a place says rung and unit. */
  const says = (at: number, count: number) =>
    plan.unitAt === 'label' || (plan.unitAt === 'first' && at === 0) || (plan.unitAt === 'last' && at === count - 1)
  return {
    label: (value, row) => (typeof value === 'number' ? fast(value) : null) ?? exact(value, row, undefined, plan.unitAt === 'label'),
    labels(values, rows) {
      const all = Array.isArray(values) ? (values as readonly Value[]) : Array.from(values)
      return all.map((value, at) => text(value, rows?.[at], at, says(at, all.length)))
    },
    parts: (value, row) => partsOf(plan, written(value, row), plan.unitAt === 'label'),
    written,
    read: (label) => readBack(label, plan),
  }
}
