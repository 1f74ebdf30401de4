import { compare } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { finerRungs, moreDecimals } from './changes'
import { labelsOf, saidOf, valuesOf } from './proof'
import type { Check } from './types'

/** The place of the bin that a value falls in: at or above its lower edge, below its upper one. */
const binOf = (value: Decimal, edges: readonly Decimal[]): number =>
  edges.filter((edge) => compare(edge, value) <= 0).length

/**
 * Protects readers of a map from colours that contradict the legend: a rounded edge that moves a
 * value to another bin. Edges that move none are left alone, however they are rounded.
 */
export const binEdge: Check<{ edge: string; label: string; value: string; count: number }> = {
  id: 'bin-edge',
  title: 'A rounded edge moves values to another bin',
  weight: 'warning',
  finds: 'an edge in a legend whose rounded label puts a value into another bin',
  find({ binned, ...proof }) {
    if (!binned) return null
    const [values, said, labels] = [valuesOf(proof), saidOf(proof), labelsOf(proof)]
    const moved = binned.filter((value) => binOf(value, values) !== binOf(value, said))
    const [first] = moved
    if (!first) return null
    const at = values.flatMap((edge, i) =>
      moved.some((value) => compare(edge, value) <= 0 !== compare(said[i]!, value) <= 0) ? [i] : [],
    )
    const edge = at.find((i) => compare(values[i]!, first) <= 0 !== compare(said[i]!, first) <= 0)!
    return {
      severity: 'warning',
      params: {
        edge: plainly(values[edge]!),
        label: labels[edge]!,
        value: plainly(first),
        count: moved.length,
      },
      at,
    }
  },
  message: ({ edge, label, value, count }) =>
    `The edge ${edge} is written “${label}”, so ${value} seems to be in another bin${count === 1 ? '' : `, like ${count} values in all`}.`,
  *propose(proof) {
    yield* moreDecimals(proof)
    yield* finerRungs(proof)
  },
}
