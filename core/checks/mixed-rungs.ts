import type { Decision } from '../label/fast/column'
import type { Rung } from '../label/types'
import { surfaces } from '../surfaces'
import { oneRung } from './changes'
import { listed, placesWhere, quoted, saysSome } from './numbers'
import type { Check } from './types'

/**
 * Protects those who compare labels of one axis or column in several rungs. Prose is left alone,
 * and what stands by itself.
 */
export const mixedRungs: Check<{ labels: readonly string[] }> = {
  id: 'mixed-rungs',
  title: 'Several rungs on one scale',
  brings: { checks: ['uneven-decimals'], everywhere: true },
  weight: 'warning',
  finds: 'several rungs on one axis or in one column',
  find(proof) {
    if (!surfaces[proof.surface].isCompared) return null
    const isInRung = (decision: Decision) =>
      saysSome(decision) && decision.written.exponent === null
    const used = new Map<Rung, Decision>()
    for (const decision of proof.decisions) {
      if (!isInRung(decision)) continue
      const { rule, rung } = decision.written
      const one = proof.plan.rules[rule]!.rungs[rung]!
      if (!used.has(one)) used.set(one, decision)
    }
    // Rules have rungs of their own; what counts is their size. They stay in the order in which
    // they first stand.
    const firsts = new Map<string, Decision>()
    for (const [{ base, power }, decision] of used)
      if (!firsts.has(`${base}^${power}`)) firsts.set(`${base}^${power}`, decision)
    if (firsts.size < 2) return null
    return {
      severity: 'warning',
      params: { labels: [...firsts.values()].map(({ label }) => label) },
      at: placesWhere(proof, isInRung),
    }
  },
  message: ({ labels }) =>
    `${listed(labels.map(quoted))} have different rungs. Readers who compare only the digits are wrong by a factor of thousands.`,
  propose: oneRung,
}
