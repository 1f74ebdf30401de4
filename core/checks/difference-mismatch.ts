import { compare, magnitudeOf, subtract } from '../decimal/arithmetic'
import { plainly } from '../decimal/plainly'
import { whereResolved } from '../error'
import { resolve } from '../label/resolve'
import { moreDecimals } from './changes'
import { labelAt, saidAt } from './proof'
import { printedBeside } from './totals'
import type { Check } from './types'

/** A printed change that is not the difference of the printed values. */
export const differenceMismatch: Check = {
  id: 'difference-mismatch',
  title: 'A printed change misses the printed difference',
  weight: 'warning',
  finds: 'a printed change that is not the difference of the two printed values',
  find(proof) {
    const { changes, changeStyle } = proof
    // A part that is written otherwise has a Plan of its own.
    const changing = changeStyle
      ? whereResolved(() => ({ plan: resolve(changeStyle, proof.context) }))
      : proof
    if (!changing) return null
    const wrong = (changes ?? []).flatMap(({ from, to, value }) => {
      const written = printedBeside(changing, value)
      const difference = subtract(saidAt(proof, to), saidAt(proof, from))
      return compare(written.said, difference) === 0 ? [] : [{ from, to, written, difference }]
    })
    const [first] = wrong
    if (!first) return null
    const { from, to, written, difference } = first
    const more = wrong.length === 1 ? '' : `; ${wrong.length} changes do not fit`
    return {
      severity: 'warning',
      message: `From “${labelAt(proof, from)}” to “${labelAt(proof, to)}” is ${plainly(difference)}, but the change is written “${written.label}”: ${plainly(magnitudeOf(subtract(written.said, difference)))} apart${more}.`,
      at: [...new Set(wrong.flatMap((one) => [one.from, one.to]))].sort((a, b) => a - b),
    }
  },
  propose: moreDecimals,
}
