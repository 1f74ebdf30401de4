import type { Written } from '../label/types'
import { fewerDecimals } from './changes'
import { firstLabels, listed, placesWhere, quoted, saysSome } from './numbers'
import type { Check } from './types'
import { withoutEndZeros } from '../decimal/zeros'

const TWO = 2

/** Decimals at the end of a label that are zero. */
function zerosOf({ digits, place, decimals }: Written): number {
  const text = digits.toString()
  return Math.min(decimals, decimals + place + (text.length - withoutEndZeros(text).length))
}

/**
 * Protects the eye from decimals that are zero on all labels. Zeros are left alone where one label
 * has other digits there, and where there is one label.
 */
export const idleZeros: Check<{ idle: number; labels: readonly string[]; count: number }> = {
  id: 'idle-zeros',
  title: 'Unneeded zeros',
  weight: 'note',
  finds: 'decimals that are zero on all labels',
  find(proof) {
    let idle = Infinity
    for (const decision of proof.decisions) {
      if (saysSome(decision)) idle = Math.min(idle, zerosOf(decision.written))
      if (idle === 0) return null
    }
    const at = placesWhere(proof, saysSome)
    if (at.length < TWO) return null
    return {
      severity: 'note',
      params: { idle, labels: firstLabels(proof, at), count: at.length },
      at,
    }
  },
  message: ({ idle, labels, count }) =>
    `The last ${idle === 1 ? 'decimal is' : `${idle} decimals are`} zero on all labels: ${listed(labels.map(quoted), count)}.`,
  propose: fewerDecimals,
}
