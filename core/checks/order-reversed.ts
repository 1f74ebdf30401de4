import { compare } from '../decimal/arithmetic'
import { plainly } from '../decimal/plainly'
import { noCases, shownSign } from './changes'
import { isNumeral, placesWhere } from './numbers'
import { labelsOf, saidOf, valuesOf } from './proof'
import type { Check } from './types'

/**
 * Protects readers from a larger number that reads smaller, as where cases change the unit or
 * signs are hidden. Equal readings are left to `same-label`.
 */
export const orderReversed: Check<{
  larger: string
  smaller: string
  largerLabel: string
  smallerLabel: string
}> = {
  id: 'order-reversed',
  title: 'A larger number reads as smaller',
  brings: {
    checks: ['same-label', 'step-hidden', 'uneven-steps', 'misread'],
    everywhere: true,
  },
  weight: 'error',
  finds:
    'a number that is larger than another but reads as smaller: exceptions that do not convert, hidden signs',
  find(proof) {
    const { full } = proof
    // No style reverses order by itself, only where cases meet or signs are hidden; a long column
    // need not be sorted to see that.
    if (proof.column && full.cases.length === 0 && full.sign !== 'never') return null
    const [values, said, labels] = [valuesOf(proof), saidOf(proof), labelsOf(proof)]
    const ascending = placesWhere(proof, isNumeral).sort(
      (a, b) => compare(values[a]!, values[b]!) || compare(said[a]!, said[b]!),
    )
    // The largest reading so far: a number above it in size and below it in reading stands
    // reversed.
    let highest = ascending[0]
    for (const at of ascending) {
      if (compare(said[at]!, said[highest!]!) >= 0) highest = at
      else if (compare(values[at]!, values[highest!]!) > 0) {
        return {
          severity: 'error',
          params: {
            larger: plainly(values[at]!),
            smaller: plainly(values[highest!]!),
            largerLabel: labels[at]!,
            smallerLabel: labels[highest!]!,
          },
          at: [highest!, at].sort((a, b) => a - b),
        }
      }
    }
    return null
  },
  message: ({ larger, smaller, largerLabel, smallerLabel }) =>
    `${larger} is larger than ${smaller}, but “${largerLabel}” reads as smaller than “${smallerLabel}”.`,
  *propose(proof) {
    yield* shownSign(proof)
    yield* noCases(proof)
  },
}
