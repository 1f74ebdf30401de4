import type { Decision } from '../label/fast/column'
import { oneExponent } from './changes'
import { listed, placesWhere, quoted, saysSome } from './numbers'
import type { Check } from './types'

/**
 * Protects those who compare labels: exponents on some of them only, or different ones. An axis of
 * powers is left alone, whose exponents are its ticks, and a single value on a surface.
 */
export const mixedNotation: Check<{ labels: readonly string[]; which: 'some' | 'different' }> = {
  id: 'mixed-notation',
  title: 'Labels have different exponents',
  brings: { checks: ['uneven-decimals'], everywhere: true },
  weight: 'warning',
  finds: 'exponents on some labels only, or different exponents; powers without digits are fine',
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
    return {
      severity: 'warning',
      params: {
        labels: [...firsts.values()].map(({ label }) => label),
        which: firsts.has(null) ? 'some' : 'different',
      },
      at: placesWhere(proof, saysSome),
    }
  },
  message: ({ labels, which }) =>
    `${listed(labels.map(quoted))}: ${which === 'some' ? 'some labels have an exponent and some do not' : 'the exponents differ'}, so readers cannot compare their digits.`,
  propose: oneExponent,
}
