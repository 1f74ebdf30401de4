import { compare, magnitudeOf, subtract } from '../decimal/arithmetic'
import { plainly } from '../decimal/plainly'
import { moreDecimals } from './changes'
import { firstLabels, listed, quoted } from './numbers'
import { partsOf, printedBeside } from './totals'
import type { Check } from './types'

type Mismatch = {
  /** The first of them, and how many they are. */
  readonly parts: readonly string[]
  readonly count: number
  readonly sum: string
  readonly total: string
  readonly apart: string
}

/**
 * Protects those who add up: printed parts that do not come to the printed total. Parts in several
 * units or rungs are added as what they say; a column without a total is left alone.
 */
export const doesNotAddUp: Check<Mismatch> = {
  id: 'does-not-add-up',
  title: 'The printed parts miss the printed total',
  weight: 'warning',
  finds: 'printed parts whose sum differs from the printed total',
  find(proof) {
    if (!proof.total) return null
    const { at, printed } = partsOf(proof)
    const total = printedBeside(proof, proof.total)
    if (at.length === 0 || compare(printed, total.said) === 0) return null
    const off = magnitudeOf(subtract(printed, total.said))
    return {
      severity: 'warning',
      params: {
        parts: firstLabels(proof, at),
        count: at.length,
        sum: plainly(printed),
        total: total.label,
        apart: plainly(off),
      },
      at,
    }
  },
  message: ({ parts, count, sum, total, apart }) =>
    `${listed(parts.map(quoted), count)} add up to ${sum}, but their total is written “${total}”, ${apart} apart.`,
  propose: moreDecimals,
}
