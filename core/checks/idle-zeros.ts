import { fewerDecimals } from './changes'
import { listedLabels, placesWhere, saysSome } from './numbers'
import type { Check, Proof } from './types'

const TWO = 2

/** Decimals at the end of a label that are zero. */
function zerosAt({ written }: Proof, at: number): number {
  const { digits, place, decimals } = written[at]!
  const text = digits.toString()
  return Math.min(decimals, decimals + place + (text.length - text.replace(/0+$/, '').length))
}

/** Decimals that are zero on every label. */
export const idleZeros: Check = {
  id: 'idle-zeros',
  title: 'Decimals that say nothing',
  find(proof) {
    const at = placesWhere(proof, (i) => saysSome(proof, i))
    if (at.length < TWO) return null
    let idle = Infinity
    for (const i of at) {
      idle = Math.min(idle, zerosAt(proof, i))
      if (idle === 0) break
    }
    if (idle === 0) return null
    return { severity: 'note', message: `The last ${idle === 1 ? 'decimal is' : `${idle} decimals are`} zero on every label: ${listedLabels(proof, at)}.`, at }
  },
  propose: fewerDecimals,
}
