import { textOf } from '../label/write'
import type { Written } from '../label/types'
import { type Surface, surfaceName, surfaces } from '../surfaces'
import { placesWhere } from './numbers'
import { writtenAt } from './proof'
import { fix } from './fixes'
import type { Check } from './types'

type LostUnit = {
  readonly unitAt: string
  readonly surface: Surface
  readonly whole: string
  readonly label: string
  readonly count: number
}

/**
 * Protects readers from labels whose unit or rung is said nowhere that they see. A title that says
 * it, or the first label, is enough.
 */
export const unitLost: Check<LostUnit> = {
  id: 'unit-lost',
  title: 'The unit is missing',
  weight: 'error',
  finds: 'labels that leave rung or unit to a title, on a surface without one',
  find(proof) {
    const { full, surface, plan } = proof
    const { isTitled, isAlone } = surfaces[surface]
    if (full.unitAt === 'label' || (full.unitAt === 'title' ? isTitled : !isAlone)) return null
    const without = (written: Written) => textOf(plan, written, false)
    const at = placesWhere(proof, ({ written }) => textOf(plan, written, true) !== without(written))
    if (at.length === 0) return null
    const first = writtenAt(proof, at[0]!)
    return {
      severity: 'error',
      params: {
        unitAt: full.unitAt,
        surface,
        whole: textOf(plan, first, true),
        label: without(first),
        count: proof.values.length,
      },
      at,
    }
  },
  message({ unitAt, surface, whole, label, count }) {
    const where = unitAt === 'title' ? 'in a title' : `on the ${unitAt} label`
    const numbers = count > 1 ? 'bare numbers' : 'a bare number'
    return `Unit and rung are ${where}, which the ${surfaceName(surface)} does not have. “${whole}” is written “${label}”, so readers see ${numbers}.`
  },
  *propose({ style }) {
    yield fix('unit-on-labels', {}, { way: 'unit', style: { ...style, unitAt: 'label' } })
  },
}
