import { finer } from './changes'
import { firstNumbers, isSure, isZero, listed, placesWhere } from './numbers'
import { labelAt } from './proof'
import type { Check } from './types'

/**
 * Protects readers from a number that is not zero, written as zero. A value within its written
 * error of none is left alone, and a bound that says how small it is.
 */
export const vanished: Check<{ numbers: readonly string[]; count: number; label: string }> = {
  id: 'vanished',
  title: 'A number is written as zero',
  brings: { checks: ['same-label', 'misread'] },
  weight: 'error',
  finds: 'a number that is not zero but is written with zeros only',
  find(proof) {
    const at = placesWhere(
      proof,
      (decision) => (isSure(decision) && decision.written.digits === 0n ? null : false),
      (i) => !isZero(proof, i),
    )
    if (at.length === 0) return null
    return {
      severity: 'error',
      params: {
        numbers: firstNumbers(proof, at),
        count: at.length,
        label: labelAt(proof, at[0]!),
      },
      at,
    }
  },
  message: ({ numbers, count, label }) =>
    `${listed(numbers, count)} ${count === 1 ? 'is' : 'are'} written “${label}”. Readers think that there is nothing.`,
  propose: finer,
}
