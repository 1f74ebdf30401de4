import { plainly } from '../decimal/plainly'
import { isInterval, readBack } from '../label/readback'
import type { Check, Proof } from './types'

const MOST_NAMED = 3

/**
 * The number that a text says in the style's own marks and rungs, where it says one: a label that
 * became the data; else nothing.
 */
function numberIn({ plan }: Proof, text: string): string {
  const { value } = readBack(text, plan)
  return value !== null && typeof value === 'object' && !isInterval(value) ? plainly(value) : ''
}

type Texts = {
  /** The first of them, their rows from 1, and the numbers that they say, where they say one. */
  readonly texts: readonly string[]
  readonly rows: readonly number[]
  readonly numbers: readonly string[]
  readonly count: number
}

/**
 * Protects whoever calculates on: text where numbers belong cannot be summed, sorted or plotted.
 * Words for what is missing are left alone.
 */
export const textAsNumber: Check<Texts> = {
  id: 'text-as-number',
  title: 'Text among numbers',
  weight: 'error',
  finds: 'cells with text in a column of numbers; for labels, their number',
  find(proof) {
    const { texts = [] } = proof
    if (texts.length === 0) return null
    const named = texts.slice(0, MOST_NAMED)
    return {
      severity: 'error',
      params: {
        texts: named.map(({ text }) => text),
        rows: named.map(({ row }) => row),
        numbers: named.map(({ text }) => numberIn(proof, text)),
        count: texts.length,
      },
      at: [],
    }
  },
  message({ texts, rows, numbers, count }) {
    const named = texts.map((text, at) => {
      const number = numbers[at] === '' ? '' : ` (a label of ${numbers[at]})`
      return `“${text}” in row ${rows[at]}${number}`
    })
    const more = count > named.length ? ` and ${count - named.length} more` : ''
    return `${named.join(', ')}${more}: sums, sorting and plots leave out text.`
  },
  // The cells are mended where they come from; a style can do nothing about them.
  propose: () => [],
}
