import { compare } from '../decimal/arithmetic'
import { type Decimal, parseDecimal } from '../decimal/decimal'
import type { Run } from './runs'

/** The digits of a label, whatever marks stand between them: enough to see where numbers go up. */
const roughly = (numeral: string, isNegative: boolean): Decimal | null =>
  parseDecimal(`${isNegative ? '-' : ''}${numeral.replace(/[^\d.]/g, '').replace(/^\./, '0.')}`)

/** The places at which numbers turn back against the way that the first two go. */
function turnsIn(numbers: readonly (Decimal | null)[]): number[] {
  const wayAt = (at: number): number => {
    const [before, after] = [numbers[at - 1], numbers[at]]
    return before && after ? compare(after, before) : 0
  }
  const first = wayAt(1)
  return numbers.flatMap((_, at) => (at > 1 && first !== 0 && wayAt(at) === -first ? [at] : []))
}

/**
 * A line of labels as those of several panels that stand in it, each from where its numbers start
 * again.
 *
 * @returns one run where they do not, or where a panel would have a single label
 * @example of the labels 0, 10, 20, 0, 10, 20 two runs of three
 */
export function panelsIn(run: Run): Run[] {
  const numbers = run.labels.map(({ token }) => roughly(token.numeral, token.isNegative))
  const ends = [0, ...turnsIn(numbers), run.labels.length]
  const panels = ends.slice(1).map((end, at) => ({
    ...run,
    labels: run.labels.slice(ends[at], end),
    places: run.places.slice(ends[at], end),
  }))
  return panels.every(({ labels }) => labels.length > 1) ? panels : [run]
}
