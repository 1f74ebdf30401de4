import { leadingPower } from '../decimal/arithmetic'
import { type Decimal, ONE } from '../decimal/decimal'
import { briefly } from '../decimal/plainly'
import { unitOfLastDigit } from '../label/cells'
import { errorIn } from '../label/uncertainty'
import { MOST_ERROR_DIGITS } from '../style/schemas'
import { isNumeral, placesOf } from './numbers'
import { labelAt, writtenAt } from './proof'
import type { Proof } from './types'

/** The last place of a value that its error leaves known. */
const knownPlace = (error: Decimal): Decimal => ({
  ...ONE,
  exponent: leadingPower(error) - MOST_ERROR_DIGITS + 1,
})

/**
 * Labels without their errors that have digits which those do not allow (JCGM 100:2008, 7.2.6);
 * null
 * where there are none.
 */
export function beyondError(proof: Proof) {
  const { full, rows, decisions, which, plan } = proof
  const { uncertainty } = full
  if (!uncertainty || !rows) return null
  const error = (at: number) => errorIn(uncertainty, rows[at])
  const at = placesOf(proof, (i) => {
    const { written } = decisions[which[i]!]!
    const own = error(i)
    return (
      own !== null &&
      isNumeral(decisions[which[i]!]!) &&
      written.error === undefined &&
      leadingPower(unitOfLastDigit(plan, written)) < knownPlace(own).exponent
    )
  })
  const [first] = at
  if (first === undefined) return null
  return {
    at,
    params: {
      error: briefly(error(first)!),
      label: labelAt(proof, first),
      unit: briefly(unitOfLastDigit(plan, writtenAt(proof, first))),
    },
  }
}
