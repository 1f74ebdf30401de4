import { plainly } from '../decimal/plainly'
import { isInterval, readBack } from '../label/readback'
import type { Check, Proof } from './types'

const MOST_NAMED = 3

/**
 * The number that a text says in the style's own marks and rungs, where it says one: a label that
 * became the data.
 */
function numberIn({ plan }: Proof, text: string): string {
  const { value } = readBack(text, plan)
  return value !== null && typeof value === 'object' && !isInterval(value)
    ? ` (a label of ${plainly(value)})`
    : ''
}

/** Text where numbers belong: cells that cannot be summed, sorted or plotted. */
export const textAsNumber: Check = {
  id: 'text-as-number',
  title: 'Text stands where numbers belong',
  weight: 'error',
  finds: 'cells of text in a column of numbers; those that are labels are told as such',
  find(proof) {
    const { texts = [] } = proof
    if (texts.length === 0) return null
    const named = texts
      .slice(0, MOST_NAMED)
      .map(({ row, text }) => `“${text}” in row ${row}${numberIn(proof, text)}`)
      .join(', ')
    const more = texts.length > MOST_NAMED ? ` and ${texts.length - MOST_NAMED} more` : ''
    return {
      severity: 'error',
      message: `${named}${more}: text is left out of every sum, sort and plot.`,
      at: [],
    }
  },
  // The cells are mended where they come from; a style can do nothing about them.
  propose: () => [],
}
