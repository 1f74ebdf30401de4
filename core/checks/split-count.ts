import type { Written } from '../label/types'
import { fewerDecimals } from './changes'
import { placesWhere, saysSome } from './numbers'
import { labelAt } from './proof'
import type { Check } from './types'

/**
 * Protects readers from halves of what is counted whole. Scaled counts are left alone: 1.5 million
 * people are whole.
 */
export const splitCount: Check<{ label: string }> = {
  id: 'split-count',
  title: 'A count with decimals',
  weight: 'warning',
  finds: 'decimals on counts, unless a rung scales them',
  find(proof) {
    if (proof.kind !== 'count' || proof.full.factor !== '1') return null
    const isWhole = ({ rule, rung, exponent, denominator }: Written) => {
      const { multiple, rungs } = proof.plan.rules[rule]!
      return exponent === null && denominator === 1 && multiple === null && rungs[rung]!.power === 0
    }
    const at = placesWhere(
      proof,
      (decision) =>
        saysSome(decision) && isWhole(decision.written) && decision.written.decimals > 0,
    )
    return at.length === 0
      ? null
      : {
          severity: 'warning',
          params: { label: labelAt(proof, at[0]!) },
          at,
        }
  },
  message: ({ label }) => `“${label}” has decimals, but whole things are counted.`,
  propose: fewerDecimals,
}
