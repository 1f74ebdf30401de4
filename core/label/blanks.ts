import type { Plan } from './types'

/** Blanks that are typed as an ordinary one: no-break, narrow no-break, thin. */
const BLANKS = /[\u00a0\u202f\u2009]/g
/** A text with ordinary blanks in the place of all others. */
export const ordinary = (text: string): string => text.replace(BLANKS, ' ')

const withOrdinary = new WeakMap<Plan, Plan>()
/** A Plan that writes an ordinary blank wherever it writes another; each is made once. */
export function blanksAlike(plan: Plan): Plan {
  const found = withOrdinary.get(plan) ?? (JSON.parse(ordinary(JSON.stringify(plan))) as Plan)
  withOrdinary.set(plan, found)
  return found
}
