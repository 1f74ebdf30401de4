import { compare, magnitudeOf, subtract } from '../decimal/arithmetic'
import { plainly } from '../decimal/plainly'
import { moreDecimals } from './changes'
import { labelAt, saidAt } from './proof'
import { planOfChanges, printedBeside } from './totals'
import type { Check } from './types'

type Mismatch = {
  readonly from: string
  readonly to: string
  readonly difference: string
  readonly change: string
  readonly apart: string
  readonly count: number
}

/**
 * Protects those who subtract: a printed change that is not the difference of the printed values.
 * Changes that nobody prints are left alone.
 */
export const differenceMismatch: Check<Mismatch> = {
  id: 'difference-mismatch',
  title: 'A printed change is not the printed difference',
  weight: 'warning',
  finds: 'a printed change that differs from the difference of the two printed values',
  find(proof) {
    const changing = planOfChanges(proof)
    if (!changing) return null
    const wrong = (proof.changes ?? []).flatMap(({ from, to, value }) => {
      const written = printedBeside(changing, value)
      const difference = subtract(saidAt(proof, to), saidAt(proof, from))
      return compare(written.said, difference) === 0 ? [] : [{ from, to, written, difference }]
    })
    const [first] = wrong
    if (!first) return null
    const { from, to, written, difference } = first
    return {
      severity: 'warning',
      params: {
        from: labelAt(proof, from),
        to: labelAt(proof, to),
        difference: plainly(difference),
        change: written.label,
        apart: plainly(magnitudeOf(subtract(written.said, difference))),
        count: wrong.length,
      },
      at: [...new Set(wrong.flatMap((one) => [one.from, one.to]))].sort((a, b) => a - b),
    }
  },
  message: ({ from, to, difference, change, apart, count }) =>
    `From “${from}” to “${to}” is ${difference}, but the change is written “${change}”, ${apart} apart${count === 1 ? '' : `. ${count} changes do not match`}.`,
  propose: moreDecimals,
}
