import { fastLabels } from './fast/fast'
import { readBack, type Reading } from './readback'
import type { Plan } from './types'
import { type Writer, writer } from './writer'

/** Writes and reads labels by one Plan. */
export interface Labeller extends Writer {
  /** The number that a reader gets from a label, with every other way to read it. */
  read(label: string): Reading
}

/**
 * Makes the functions that write by a Plan; make one for a style and keep it. Doubles alone decide
 * where they leave no doubt, exact digits elsewhere.
 *
 * @throws StyleError where the style cannot be resolved; its functions ValueError for what is no
 *   number
 * @example labeller(plan).label(1264000) // '1.3M'
 */
export const labeller = (plan: Plan): Labeller => ({
  ...writer(plan, fastLabels(plan) ?? undefined),
  read: (label) => readBack(label, plan),
})
