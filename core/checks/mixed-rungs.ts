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
    const firsts = new Map<string, number>()
    const at = placesWhere(proof, (i) => saysSome(proof, i) && proof.written[i]!.exponent === null)
    for (const i of at) {
      const { rule, rung } = proof.written[i]!
      const { base, power } = proof.plan.rules[rule]!.rungs[rung]!
      if (!firsts.has(`${base}^${power}`)) firsts.set(`${base}^${power}`, i)
    }
    if (firsts.size < 2) return null
    return { severity: 'warning', message: `${listed([...firsts.values()].map((i) => `“${proof.labels[i]}”`))} stand in rungs of their own: a reader who compares the digits alone goes wrong a thousandfold.`, at }
  },
  propose: oneRung,
}
