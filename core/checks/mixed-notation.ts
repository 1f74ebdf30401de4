import { oneExponent } from './changes'
import { listed, placesWhere, saysSome } from './numbers'
import type { Check } from './types'

/** Exponents on some labels only, or different ones. */
export const mixedNotation: Check = {
  id: 'mixed-notation',
  title: 'Exponents differ from label to label',
  find(proof) {
    const at = placesWhere(proof, (i) => saysSome(proof, i))
    const firsts = new Map<number | null, number>()
    for (const i of at) if (!firsts.has(proof.written[i]!.exponent)) firsts.set(proof.written[i]!.exponent, i)
    if (firsts.size < 2) return null
    // Powers alone, as on a log axis, are read by their exponents.
    if (at.every((i) => proof.written[i]!.exponent !== null && proof.written[i]!.digits === 1n && proof.written[i]!.place === 0)) return null
    const labels = [...firsts.values()].sort((a, b) => a - b).map((i) => `“${proof.labels[i]}”`)
    const isSome = firsts.has(null)
    return { severity: 'warning', message: `${listed(labels)}: ${isSome ? 'some labels carry an exponent and some do not' : 'the exponents differ'}, so their digits cannot be compared.`, at }
  },
  propose: oneExponent,
}
