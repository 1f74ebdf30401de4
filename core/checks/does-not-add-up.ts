import { compare, magnitudeOf, subtract } from '../decimal/arithmetic'
import { plainly } from '../decimal/plainly'
import { moreDecimals } from './changes'
import { listedLabels } from './numbers'
import { partsOf, printedBeside } from './totals'
import type { Check } from './types'

/** Printed parts against the printed total. */
export const doesNotAddUp: Check = {
  id: 'does-not-add-up',
  title: 'The printed parts miss the printed total',
  weight: 'warning',
  finds: 'printed parts whose sum is not the printed total',
  find(proof) {
    if (!proof.total) return null
    const { at, printed } = partsOf(proof)
    const total = printedBeside(proof, proof.total)
    if (at.length === 0 || compare(printed, total.said) === 0) return null
    const off = magnitudeOf(subtract(printed, total.said))
    return {
      severity: 'warning',
      message: `${listedLabels(proof, at)} add up to ${plainly(printed)}, but their total is written “${total.label}”: ${plainly(off)} apart.`,
      at,
    }
  },
  propose: moreDecimals,
}
