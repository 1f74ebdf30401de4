import type { Decision } from '../label/fast/column'
import { oneExponent } from './changes'
import { listed, placesWhere, saysSome } from './numbers'
import type { Check } from './types'

/** Exponents on some labels only, or different ones. */
export const mixedNotation: Check = {
  id: 'mixed-notation',
  title: 'Exponents differ from label to label',
  weight: 'warning',
  finds: 'exponents on some labels only, or different ones; powers that stand alone are left',
  find(proof) {
    const some = proof.decisions.filter(saysSome)
    // In the order in which they first stand.
    const firsts = new Map<number | null, Decision>()
    for (const decision of some)
      if (!firsts.has(decision.written.exponent)) firsts.set(decision.written.exponent, decision)
    if (firsts.size < 2) return null
    // Powers alone, as on a log axis, are read by their exponents.
    if (
      some.every(
        ({ written: { exponent, digits, place } }) =>
          exponent !== null && digits === 1n && place === 0,
      )
    )
      return null
    const labels = [...firsts.values()].map(({ label }) => `“${label}”`)
    const isSome = firsts.has(null)
    return {
      severity: 'warning',
      message: `${listed(labels)}: ${isSome ? 'some labels carry an exponent and some do not' : 'the exponents differ'}, so their digits cannot be compared.`,
      at: placesWhere(proof, saysSome),
    }
  },
  propose: oneExponent,
}
