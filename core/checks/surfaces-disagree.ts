import { add, compare, magnitudeOf, subtract } from '../decimal/arithmetic'
import { whereResolved } from '../error'
import { plainly } from '../decimal/plainly'
import { saidBy } from '../label/cells'
import { decide } from '../label/decide'
import { resolve } from '../label/resolve'
import { textOf } from '../label/write'
import { type FieldName, fields } from '../style/fields'
import { inherit } from '../style/inherit'
import { apartIn, togetherOf } from '../style/together'
import { halfUnit, isNumeral, listed, placesWhere } from './numbers'
import { labelAt, saidAt, valueAt, valuesOf, writtenAt } from './proof'
import { fix } from './fixes'
import type { Check, Proof } from './types'
import { type Surface, surfaceName } from '../surfaces'

/** A value that two surfaces say, or a quantity that is read together with this one. */
type Apart =
  | {
      readonly value: string
      readonly label: string
      readonly other: string
      readonly surface: Surface
    }
  | { readonly title: string; readonly fields: readonly FieldName[] }

/** The first quantity of a set that is written otherwise. */
function memberApart({ together = [], style }: Proof) {
  const full = inherit(style)
  return together
    .map((one) => ({ ...one, fields: apartIn(full, one.style) }))
    .find(({ fields: differing }) => differing.length > 0)
}

/**
 * Protects readers who meet one value twice: on two surfaces it reads differently, beyond the
 * precision of both. Fewer digits of the same number are left alone. And those who compare
 * quantities that are read together: rung, exponent and precision are to be one.
 */
export const surfacesDisagree: Check<Apart> = {
  id: 'surfaces-disagree',
  title: 'Surfaces disagree',
  weight: 'warning',
  finds:
    'one value that reads differently on two surfaces, by more than half of the last digit of each; matched quantities with different rungs, exponents or precision',
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
    const member = memberApart(proof)
    if (!member) return null
    return {
      severity: 'warning',
      params: { title: member.title, fields: member.fields },
      at: [],
    }
  },
  message: (apart) =>
    'title' in apart
      ? `“${apart.title}” is matched with this quantity but differs in ${listed(apart.fields.map((one) => fields[one].phrase?.name ?? one))}.`
      : `${apart.value} reads “${apart.label}” here and “${apart.other}” on the ${surfaceName(apart.surface)}.`,
  *propose({ style, others, together }) {
    for (const { title, style: own } of together ?? [])
      yield fix(
        'as-member',
        { title },
        { way: 'notation', style: { ...style, ...togetherOf(own) } },
      )
    for (const other of others ?? [])
      yield fix(
        'as-surface',
        { surface: other.surface },
        { way: 'unit', style: { ...style, ...other.style } },
      )
  },
}
