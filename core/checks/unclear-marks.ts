import { REGIONAL } from '../ladders/find'
import { notationOf } from '../notations'
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

/** Whether a style writes marks or names of powers that are not its region's. */
const hasOwnWords = ({ full }: Proof): boolean =>
  full.marks.decimal !== undefined ||
  full.marks.group !== undefined ||
  (notationOf(full).hasRungs && full.ladder !== REGIONAL)

/** The language of a tag, which readers of a region share. */
const languageOf = (tag: string): string => tag.split('-')[0]!

/**
 * Protects those who read: people of the style's own region where no others are declared, and all
 * declared ones. Marks that no region of the readers takes for another number are left alone.
 */
export const unclearMarks: Check<{ label: string; said: string; reader: string; taken: string }> = {
  id: 'unclear-marks',
  title: 'Readers take it for another number',
  weight: 'error',
  finds:
    "a label that a reader of the style's own region, or a declared one, takes for another number, by that region's marks and names of powers",
  find(proof) {
    const { full, readers } = proof
    for (const reader of readers?.length ? readers : [full.locale]) {
      // Marks and words of the style's own are what its own readers may misread.
      const isOwn = languageOf(reader) === languageOf(full.locale) && !hasOwnWords(proof)
      if (isOwn && reader === full.locale) continue
      const others = otherReadings(proof, reader)
      const [first] = others
      if (!first) continue
      const [at, taken] = first
      return {
        severity: 'error',
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
