import { compare } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { readAs } from '../label/readas'
import { isInterval } from '../label/readback'
import { regionOf } from '../label/region'
import { isNumeral, placesWhere } from './numbers'
import { labelAt, saidAt } from './proof'
import { fix } from './fixes'
import type { Check, Proof } from './types'

/**
 * The numbers that a reader of another region gets in place of those that the labels say, by place.
 */
function otherReadings(proof: Proof, reader: string): Map<number, Decimal> {
  const region = regionOf(reader, proof.context ?? {})
  const others = new Map<number, Decimal>()
  for (const at of placesWhere(proof, isNumeral)) {
    const { value } = readAs(labelAt(proof, at), proof.plan, region)
    if (
      value !== null &&
      typeof value === 'object' &&
      !isInterval(value) &&
      compare(value, saidAt(proof, at)) !== 0
    )
      others.set(at, value)
  }
  return others
}

/** A label that another declared reader reads as another number. */
export const unclearMarks: Check<{ label: string; said: string; reader: string; taken: string }> = {
  id: 'unclear-marks',
  title: 'Another region reads another number',
  weight: 'note; warning with several readers',
  finds:
    "a label that another declared reader takes for another number, by that region's marks and names of powers",
  find(proof) {
    for (const reader of proof.readers ?? []) {
      if (reader === proof.full.locale) continue
      const others = otherReadings(proof, reader)
      const [first] = others
      if (!first) continue
      const [at, taken] = first
      return {
        severity: proof.readers!.length > 1 ? 'warning' : 'note',
        params: {
          label: labelAt(proof, at),
          said: plainly(saidAt(proof, at)),
          reader,
          taken: plainly(taken),
        },
        at: [...others.keys()],
      }
    }
    return null
  },
  message: ({ label, said, reader, taken }) =>
    `“${label}” says ${said}; a reader of ${reader} takes it for ${taken}.`,
  *propose({ style }) {
    const narrow = { ...style, marks: { ...style.marks, group: '\u202f' } }
    yield fix('narrow-groups', {}, { way: 'marks', style: narrow })
    yield fix('no-groups', {}, { way: 'marks', style: { ...style, grouping: 'never' } })
  },
}
