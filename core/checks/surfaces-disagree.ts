import { add, compare, magnitudeOf, multiply, subtract } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { decide, saidBy, unitOfLastDigit } from '../label/decide'
import { resolve } from '../label/resolve'
import type { Plan, Written } from '../label/types'
import { textOf } from '../label/write'
import { isNumeral, placesWhere } from './numbers'
import type { Check } from './types'

const HALF = decimal('0.5')
/** How far two labels of one number may lie apart: half of the last digit of each. */
const allowance = (plan: Plan, written: Written): Decimal => multiply(HALF, unitOfLastDigit(plan, written))

/** One value that reads differently on two surfaces, beyond the precision of both. */
export const surfacesDisagree: Check = {
  id: 'surfaces-disagree',
  title: 'Two surfaces say different numbers',
  find(proof) {
    for (const { surface, style } of proof.others ?? []) {
      const plan = resolve(style, proof.context)
      const other = proof.values.map((value, at) => decide(plan, value, proof.rows?.[at]))
      const differs = (at: number): boolean => {
        if (!isNumeral(proof, at) || other[at]!.kind !== 'number' || other[at]!.bound !== '') return false
        const apart = magnitudeOf(subtract(proof.said[at]!, saidBy(plan, other[at]!)))
        return compare(apart, add(allowance(proof.plan, proof.written[at]!), allowance(plan, other[at]!))) > 0
      }
      const at = placesWhere(proof, differs)
      if (at.length === 0) continue
      const first = at[0]!
      return { severity: 'warning', message: `${plainly(proof.values[first]!)} reads “${proof.labels[first]}” here and “${textOf(plan, other[first]!)}” on the ${surface}.`, at }
    }
    return null
  },
  *propose({ style, others }) {
    for (const other of others ?? []) yield { title: `Write it as the ${other.surface} does`, way: 'unit', style: { ...style, ...other.style } }
  },
}
