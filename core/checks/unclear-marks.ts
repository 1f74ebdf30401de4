import { compare } from '../decimal/arithmetic'
import { plainly } from '../decimal/plainly'
import { readAs } from '../label/readas'
import { isInterval, type Said } from '../label/readback'
import { regionOf } from '../label/resolve'
import { isNumeral, placesWhere } from './numbers'
import type { Check, Proof } from './types'

/** The number that a reader of another region gets from a label, where it is not the one that the label says. */
function otherReading(proof: Proof, reader: string, at: number): Said | null {
  const { value } = readAs(proof.labels[at]!, proof.plan, regionOf(reader, proof.context ?? {}))
  if (value === null || typeof value !== 'object' || isInterval(value)) return null
  return compare(value, proof.said[at]!) === 0 ? null : value
}

/** A label that another declared reader reads as another number. */
export const unclearMarks: Check = {
  id: 'unclear-marks',
  title: 'Another region reads another number',
  find(proof) {
    for (const reader of proof.readers ?? []) {
      if (reader === proof.full.locale) continue
      const at = placesWhere(proof, (i) => isNumeral(proof, i) && otherReading(proof, reader, i) !== null)
      if (at.length === 0) continue
      const said = otherReading(proof, reader, at[0]!)
      return {
        severity: proof.readers!.length > 1 ? 'warning' : 'note',
        message: `“${proof.labels[at[0]!]}” says ${plainly(proof.said[at[0]!]!)}; a reader of ${reader} takes it for ${typeof said === 'object' && said && !isInterval(said) ? plainly(said) : 'another number'}.`,
        at,
      }
    }
    return null
  },
  *propose({ style }) {
    yield { title: 'Part groups by a narrow blank', way: 'marks', style: { ...style, marks: { ...style.marks, group: '\u202f' } } }
    yield { title: 'Write without group marks', way: 'marks', style: { ...style, grouping: 'never' } }
  },
}
