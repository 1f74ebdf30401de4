import { add, compare, magnitudeOf, subtract } from '../decimal/arithmetic'
import { whereResolved } from '../error'
import { plainly } from '../decimal/plainly'
import { saidBy } from '../label/cells'
import { decide } from '../label/decide'
import { resolve } from '../label/resolve'
import { textOf } from '../label/write'
import { halfUnit, isNumeral, placesWhere } from './numbers'
import { labelAt, saidAt, valueAt, valuesOf, writtenAt } from './proof'
import { fix } from './fixes'
import type { Check, Surface } from './types'

/**
 * Protects readers who meet one value twice: on two surfaces it reads differently, beyond the
 * precision of both. Fewer digits of the same number are left alone.
 */
export const surfacesDisagree: Check<{
  value: string
  label: string
  other: string
  surface: Surface
}> = {
  id: 'surfaces-disagree',
  title: 'Two surfaces say different numbers',
  weight: 'warning',
  finds: 'one value that reads on two surfaces further apart than half a last place of each',
  find(proof) {
    for (const { surface, style } of proof.others ?? []) {
      const plan = whereResolved(() => resolve(style, proof.context))
      if (!plan) continue
      const other = valuesOf(proof).map((value, at) => decide(plan, value, proof.rows?.[at]))
      const differs = (at: number): boolean => {
        if (other[at]!.kind !== 'number' || other[at]!.bound !== '') return false
        const apart = magnitudeOf(subtract(saidAt(proof, at), saidBy(plan, other[at]!)))
        return (
          compare(
            apart,
            add(halfUnit(proof.plan, writtenAt(proof, at)), halfUnit(plan, other[at]!)),
          ) > 0
        )
      }
      const at = placesWhere(proof, (decision) => (isNumeral(decision) ? null : false), differs)
      if (at.length === 0) continue
      const first = at[0]!
      return {
        severity: 'warning',
        params: {
          value: plainly(valueAt(proof, first)),
          label: labelAt(proof, first),
          other: textOf(plan, other[first]!),
          surface,
        },
        at,
      }
    }
    return null
  },
  message: ({ value, label, other, surface }) =>
    `${value} reads “${label}” here and “${other}” on the ${surface}.`,
  *propose({ style, others }) {
    for (const other of others ?? [])
      yield fix(
        'as-surface',
        { surface: other.surface },
        { way: 'unit', style: { ...style, ...other.style } },
      )
  },
}
