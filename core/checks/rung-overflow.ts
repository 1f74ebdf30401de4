import { compare } from '../decimal/arithmetic'
import { ONE } from '../decimal/decimal'
import { scaleBy } from '../decimal/powers'
import { ladderOf } from '../ladders/find'
import type { LadderRung } from '../ladders/types'
import { inRung, oneRung, rungsOf, rungTitle } from './changes'
import { largestSaid, placesWhere, saysSome } from './numbers'
import type { Check, Proof } from './types'

/** The place of the largest label that stands in a rung, and the power of that rung. */
function largest(proof: Proof): { at: number; power: number } | null {
  if (proof.full.notation !== 'scaled') return null
  const places = placesWhere(proof, (i) => saysSome(proof, i) && proof.written[i]!.exponent === null)
  if (places.length === 0) return null
  const at = largestSaid(proof, places)
  const { rule, rung } = proof.written[at]!
  return { at, power: proof.plan.rules[rule]!.rungs[rung]!.power }
}
/** The rung in which the largest label would read better. */
function better(proof: Proof): { at: number; rung: LadderRung } | null {
  const found = largest(proof)
  if (!found) return null
  const { base } = ladderOf(proof.full.ladder)
  const rungs = rungsOf(proof)
  const { digits, place } = proof.written[found.at]!
  const number = { coefficient: digits, exponent: place }
  const size = scaleBy(number, base, found.power)
  const reached = rungs.filter(({ power }) => compare(size, scaleBy(ONE, base, power)) >= 0).at(-1)
  if (reached && reached.power > found.power) return { at: found.at, rung: reached }
  const below = rungs.filter(({ power }) => power < found.power).at(-1)
  return compare(number, ONE) < 0 && below ? { at: found.at, rung: reached ?? below } : null
}

/** Labels such as 1,000K or 0.001M where another rung reads better. */
export const rungOverflow: Check = {
  id: 'rung-overflow',
  title: 'Another rung reads better',
  find(proof) {
    const found = better(proof)
    if (!found) return null
    return { severity: 'warning', message: `The largest label is “${proof.labels[found.at]}”: it reads better in ${rungTitle(proof, found.rung)}.`, at: [found.at] }
  },
  *propose(proof) {
    const found = better(proof)
    if (found) yield inRung(proof, found.rung)
    yield* oneRung(proof)
  },
}
