import type { Rung } from '../label/types'
import { oneRung } from './changes'
import { listed, placesWhere, saysSome } from './numbers'
import type { Check, Surface } from './types'

/** Where labels are compared down a line. */
const COMPARED: readonly Surface[] = ['axis', 'table']

/** Several rungs on one axis or in one column. */
export const mixedRungs: Check = {
  id: 'mixed-rungs',
  title: 'Several rungs on one scale',
  find(proof) {
    if (!COMPARED.includes(proof.surface)) return null
    const at = placesWhere(proof, (i) => saysSome(proof, i) && proof.written[i]!.exponent === null)
    const used = new Map<Rung, number>()
    for (const i of at) {
      const { rule, rung } = proof.written[i]!
      const one = proof.plan.rules[rule]!.rungs[rung]!
      if (!used.has(one)) used.set(one, i)
    }
    // Rules have rungs of their own; what counts is their size.
    const firsts = new Map([...used].map(([{ base, power }, i]) => [`${base}^${power}`, i] as const).reverse())
    if (firsts.size < 2) return null
    return { severity: 'warning', message: `${listed([...firsts.values()].sort((a, b) => a - b).map((i) => `“${proof.labels[i]}”`))} stand in rungs of their own: a reader who compares the digits alone goes wrong a thousandfold.`, at }
  },
  propose: oneRung,
}
