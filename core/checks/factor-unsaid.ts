import { placesWhere, saysSome } from './numbers'
import { plainly } from '../decimal/plainly'
import { labelAt, valueAt } from './proof'
import { fix } from './fixes'
import type { Check, Proof } from './types'
import { isWritten } from '../units'

type Unsaid = { readonly label: string; readonly value: string; readonly factor: string }

/** A unit in a title: in brackets, behind a comma, or after "in" or "per". */
const IN_TITLE = /[([][^)\]]+[)\]]|,\s*\S+|\b(in|per)\s+\S+/i
/** Whether anything beside the numbers says what they count. */
const isSaid = ({ full, title = '' }: Proof): boolean =>
  isWritten(full.unit) ||
  /\p{L}|\p{Sc}|[%‰°]/u.test(full.before + full.after) ||
  IN_TITLE.test(title)

/**
 * Protects readers from numbers that were multiplied and do not say into what. A unit on the label,
 * a text around it, or a title that names one, is enough.
 */
export const factorUnsaid: Check<Unsaid> = {
  id: 'factor-unsaid',
  title: 'A factor is not mentioned',
  weight: 'error',
  finds: 'a factor, although no unit, text or title says what the numbers count',
  find(proof) {
    const { full } = proof
    if (full.factor === '1' || isSaid(proof)) return null
    const at = placesWhere(proof, saysSome)
    if (at.length === 0) return null
    const first = at[0]!
    return {
      severity: 'error',
      params: {
        label: labelAt(proof, first),
        value: plainly(valueAt(proof, first)),
        factor: full.factor,
      },
      at,
    }
  },
  message: ({ label, value, factor }) =>
    `“${label}” is ${value} times ${factor}, but nothing names the unit.`,
  *propose({ style }) {
    yield fix('no-factor', {}, { way: 'unit', style: { ...style, factor: '1' } })
  },
}
