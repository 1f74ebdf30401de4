import { plainly } from '../decimal/plainly'
import { finer } from './changes'
import { isNumeral, isZero, listedNumbers, placesWhere } from './numbers'
import { labelAt, valueAt } from './proof'
import type { Check } from './types'

/** A number that is not zero, written as zero. */
export const vanished: Check = {
  id: 'vanished',
  title: 'A number is written as zero',
  weight: 'error',
  finds: 'a number that is not zero, whose kept digits are all zero',
  find(proof) {
    const at = placesWhere(
      proof,
      (decision) => (isNumeral(decision) && decision.written.digits === 0n ? null : false),
      (i) => !isZero(proof, i),
    )
    if (at.length === 0) return null
    const first = at[0]!
    const which = at.length === 1 ? plainly(valueAt(proof, first)) : listedNumbers(proof, at)
    return {
      severity: 'error',
      message: `${which} ${at.length === 1 ? 'is' : 'are'} written “${labelAt(proof, first)}”: a reader thinks that there is nothing.`,
      at,
    }
  },
  propose: finer,
}
