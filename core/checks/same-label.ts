import { compare, subtract } from '../decimal/arithmetic'
import { type Decimal, fromNumber } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { finer } from './changes'
import { listed } from './numbers'
import type { Check, Proof } from './types'

/** No message names more. */
const MOST_FIRST = 5

/** The places of values that share a label though they differ, label by label. */
function sharedLabels({ labels, values, doubles, alike }: Proof): number[][] {
  if (doubles && alike) return sharedIn(doubles, alike)
  const places = new Map<string, number[]>()
  labels.forEach((label, at) => {
    const group = places.get(label)
    if (group) group.push(at)
    else places.set(label, [at])
  })
  return [...places.values()].filter((group) => group.some((at) => compare(values[at]!, values[group[0]!]!) !== 0))
}

/** The same of a long column, whose labels are known by numbers. */
function sharedIn(doubles: Float64Array, alike: Int32Array): number[][] {
  const first = new Map<number, number>()
  const shared = new Map<number, number[]>()
  for (let at = 0; at < alike.length; at++) {
    const label = alike[at]!
    const known = first.get(label)
    if (known === undefined) first.set(label, doubles[at]!)
    else if (known !== doubles[at]) shared.set(label, [])
  }
  for (let at = 0; at < alike.length; at++) shared.get(alike[at]!)?.push(at)
  return [...shared.values()].sort((a, b) => a[0]! - b[0]!)
}

/** The different values of some places: the first of them ascending, the last, and how many there are. */
function distinct({ values, doubles }: Proof, places: readonly number[]): { first: Decimal[]; last: Decimal; count: number } {
  if (doubles) {
    const sorted = Float64Array.from(places, (at) => doubles[at]!).sort().filter((double, i, all) => i === 0 || double !== all[i - 1])
    return { first: Array.from(sorted.subarray(0, MOST_FIRST), fromNumber), last: fromNumber(sorted.at(-1)!), count: sorted.length }
  }
  const sorted = places.map((at) => values[at]!).sort(compare).filter((value, i, all) => i === 0 || compare(value, all[i - 1]!) !== 0)
  return { first: sorted, last: sorted.at(-1)!, count: sorted.length }
}

/** Different ticks or values that read the same. */
export const sameLabel: Check = {
  id: 'same-label',
  title: 'Different numbers read the same',
  find(proof) {
    const groups = sharedLabels(proof)
    if (groups.length === 0) return null
    const widest = groups.reduce((a, b) => (b.length > a.length ? b : a))
    const { first, last, count } = distinct(proof, widest)
    const apart = subtract(last, first[0]!)
    return {
      severity: proof.surface === 'axis' ? 'error' : 'warning',
      message: `${listed(first.map(plainly), count)} ${count === 2 ? 'both' : 'all'} read “${proof.labels[widest[0]!]}”: a reader takes them for one number, though they lie ${plainly(apart)} apart.`,
      at: Array.from(Int32Array.from(groups.flat()).sort()),
    }
  },
  propose: finer,
}
