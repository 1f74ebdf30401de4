import type { Plan } from './types'

/** Blanks that people type as an ordinary space: no-break, narrow no-break and thin. */
const BLANKS = /[\u00a0\u202f\u2009]/g
/** Replaces each of them by an ordinary space. */
export const ordinary = (text: string): string => text.replace(BLANKS, ' ')

const withOrdinary = new WeakMap<Plan, Plan>()
/** Returns the Plan with ordinary spaces only. Each is made once and kept with its Plan. */
export function blanksAlike(plan: Plan): Plan {
  const found = withOrdinary.get(plan) ?? (JSON.parse(ordinary(JSON.stringify(plan))) as Plan)
  withOrdinary.set(plan, found)
  return found
}
