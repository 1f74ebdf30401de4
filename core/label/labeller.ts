import { decide } from './decide'
import { readBack, type Reading } from './readback'
import type { Part, Plan, Value, Written } from './types'
import { amountOf } from './value'
import { partsOf, textOf } from './write'

/** Writes and reads labels by one Plan. */
export interface Labeller {
  /** The label of a value. @throws ValueError when it is no number */
  label(value: Value): string
  /** The labels of many values, in their order. @throws ValueError naming the index */
  labels(values: Iterable<Value>): string[]
  /** The parts of a label: sign, digits, marks, rung, unit. */
  parts(value: Value): Part[]
  /** What is written, before it is text. */
  written(value: Value): Written
  /** The number that a reader gets from a label, with every other way to read it. */
  read(label: string): Reading
}

/**
 * Makes the functions that write by a Plan; make one for a style and keep it.
 *
 * @example labeller(plan).label(1264000) // '1.3M'
 */
export function labeller(plan: Plan): Labeller {
  const written = (value: Value, at?: number) => decide(plan, amountOf(value, at))
  return {
    label: (value) => textOf(plan, written(value)),
    labels: (values) => Array.from(values, (value, at) => textOf(plan, written(value, at))),
    parts: (value) => partsOf(plan, written(value)),
    written,
    read: (label) => readBack(label, plan),
  }
}
