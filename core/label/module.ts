/**
 * The entry of an exported module: the runtime bound to one Plan. The bundle made of this
 * file is the same for every export; the Plan is put before it as JSON.
 */
import { labeller } from './labeller'
import type { Plan } from './types'

declare const plan: Plan
export const { label, labels, parts } = labeller(plan)
