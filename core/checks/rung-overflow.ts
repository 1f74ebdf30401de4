import { notationOf } from '../notations'
import { compare, magnitudeOf } from '../decimal/arithmetic'
import { ONE } from '../decimal/decimal'
import { scaleBy } from '../decimal/powers'
import { ladderOf } from '../ladders/find'
import type { LadderRung } from '../ladders/types'
import { inRung, oneRung, rungsOf, rungTitle } from './changes'
import { firstOf, saysSome } from './numbers'
import type { Check, Proof } from './types'

interface Largest {
  /** Its place among the decisions. */
  readonly place: number
  /** The power of its rung. */
  readonly power: number
}

/** The decision that says the largest number, whatever its sign, of those that stand in a rung. */
function largestOf({ full, plan, decisions, column }: Proof): Largest | null {
  if (!notationOf(full).hasRungs) return null
  const isLarger = (a: number, b: number): boolean =>
    column
      ? Math.abs(column.said[a]!) > Math.abs(column.said[b]!)
      : compare(magnitudeOf(decisions[a]!.said), magnitudeOf(decisions[b]!.said)) > 0
  let largest = -1
  decisions.forEach((decision, place) => {
    if (
      saysSome(decision) &&
      decision.written.exponent === null &&
      (largest < 0 || isLarger(place, largest))
    )
      largest = place
  })
  if (largest < 0) return null
  const { rule, rung } = decisions[largest]!.written
  return { place: largest, power: plan.rules[rule]!.rungs[rung]!.power }
}

/** The rung in which the largest label would read better. */
function better(proof: Proof): { place: number; rung: LadderRung } | null {
  const found = largestOf(proof)
  if (!found) return null
  const { base } = ladderOf(proof.full.ladder)
  const rungs = rungsOf(proof)
  const { digits, place } = proof.decisions[found.place]!.written
  const number = { coefficient: digits, exponent: place }
  const size = scaleBy(number, base, found.power)
  const reached = rungs.filter(({ power }) => compare(size, scaleBy(ONE, base, power)) >= 0).at(-1)
  if (reached && reached.power > found.power) return { place: found.place, rung: reached }
  const below = rungs.filter(({ power }) => power < found.power).at(-1)
  return compare(number, ONE) < 0 && below ? { place: found.place, rung: reached ?? below } : null
}

/**
 * Protects readers from labels such as 1,000K or 0.001M where another rung reads better. Labels
 * that share their rung with larger or smaller ones are left alone.
 */
export const rungOverflow: Check<{ label: string; rung: string }> = {
  id: 'rung-overflow',
  title: 'Another rung is easier to read',
  weight: 'warning',
  finds:
    'a largest label that another rung of the ladder would write as 1 or more, below the next rung',
  find(proof) {
    const found = better(proof)
    if (!found) return null
    return {
      severity: 'warning',
      params: {
        label: proof.decisions[found.place]!.label,
        rung: rungTitle(proof, found.rung),
      },
      at: [firstOf(proof, found.place)],
    }
  },
  message: ({ label, rung }) => `The largest label is “${label}”. It is easier to read in ${rung}.`,
  *propose(proof) {
    const found = better(proof)
    if (found) yield inRung(proof, found.rung)
    yield* oneRung(proof)
  },
}
