import { textOf } from '../label/write'
import { placesWhere } from './numbers'
import type { Check, Surface } from './types'

/** Where each label stands alone, without a title and without neighbours. */
const ALONE: readonly Surface[] = ['tooltip', 'headline', 'sentence']
/** Surfaces without a title of their own or their chart's. */
const UNTITLED: readonly Surface[] = [...ALONE, 'legend']

/** Labels whose unit or rung is said nowhere the reader sees. */
export const unitLost: Check = {
  id: 'unit-lost',
  title: 'The unit is said nowhere',
  find(proof) {
    const { full, surface, plan, written, labels } = proof
    if (full.unitAt === 'label' || !(full.unitAt === 'title' ? UNTITLED : ALONE).includes(surface)) return null
    const without = (at: number) => textOf(plan, written[at]!, false)
    const at = placesWhere(proof, (i) => textOf(plan, written[i]!, true) !== without(i))
    if (at.length === 0) return null
    const where = full.unitAt === 'title' ? 'in a title' : `on the ${full.unitAt} label`
    return { severity: 'error', message: `Unit and rung are said ${where}, which a ${surface} has not: “${textOf(plan, written[at[0]!]!, true)}” is written “${without(at[0]!)}”, and a reader takes it for ${labels.length > 1 ? 'bare numbers' : 'a bare number'}.`, at }
  },
  *propose({ style }) {
    yield { title: 'Say the unit on each label', way: 'unit', style: { ...style, unitAt: 'label' } }
  },
}
