import { compare, subtract } from '../decimal/arithmetic'
import { plainly } from '../decimal/plainly'
import { finer } from './changes'
import { listedNumbers } from './numbers'
import type { Check, Proof } from './types'

/** The places of values that share a label though they differ, label by label. */
function sharedLabels({ labels, values }: Proof): number[][] {
  const places = new Map<string, number[]>()
  labels.forEach((label, at) => {
    const group = places.get(label)
    if (group) group.push(at)
    else places.set(label, [at])
  })
  return [...places.values()].filter((group) => group.some((at) => compare(values[at]!, values[group[0]!]!) !== 0))
}

/** Different ticks or values that read the same. */
export const sameLabel: Check = {
  id: 'same-label',
  title: 'Different numbers read the same',
  find(proof) {
    const groups = sharedLabels(proof)
    if (groups.length === 0) return null
    const widest = groups.reduce((a, b) => (b.length > a.length ? b : a))
    const values = widest.map((at) => proof.values[at]!).sort(compare)
      .filter((value, i, all) => i === 0 || compare(value, all[i - 1]!) !== 0)
    const apart = subtract(values.at(-1)!, values[0]!)
    return {
      severity: proof.surface === 'axis' ? 'error' : 'warning',
      message: `${listedNumbers(values)} ${values.length === 2 ? 'both' : 'all'} read “${proof.labels[widest[0]!]}”: a reader takes them for one number, though they lie ${plainly(apart)} apart.`,
      at: groups.flat().sort((a, b) => a - b),
    }
  },
  propose: finer,
}
