import { plainly } from '../decimal/plainly'
import { finer } from './changes'
import { isNumeral, listedNumbers, placesWhere } from './numbers'
import type { Check } from './types'

/** A number that is not zero, written as zero. */
export const vanished: Check = {
  id: 'vanished',
  title: 'A number is written as zero',
  find(proof) {
    const at = placesWhere(proof, (i) => proof.values[i]!.coefficient !== 0n && isNumeral(proof, i) && proof.written[i]!.digits === 0n)
    if (at.length === 0) return null
    const first = at[0]!
    const which = at.length === 1 ? plainly(proof.values[first]!) : listedNumbers(at.map((i) => proof.values[i]!))
    return { severity: 'error', message: `${which} ${at.length === 1 ? 'is' : 'are'} written “${proof.labels[first]}”: a reader thinks that there is nothing.`, at }
  },
  propose: finer,
}
