import { REGIONAL } from '../ladders/find'
import { notationOf } from '../notations'
import { compare } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { readAs } from '../label/readas'
import { isInterval } from '../label/readback'
import type { Decision } from '../label/fast/column'
import { type ChosenRegion, regionOf } from '../label/region'
import { isNumeral, placesWhere } from './numbers'
import { readersOf } from './proof'
import { fix } from './fixes'
import type { Check, Proof } from './types'
import { languageName } from '../locale/languageName'

/** The number that a reader gets from a decision's label, where it is another than it says. */
function otherReading({ plan }: Proof, decision: Decision, region: ChosenRegion): Decimal | null {
  const { value } = readAs(decision.label, plan, region)
  return value !== null &&
    typeof value === 'object' &&
    !isInterval(value) &&
    compare(value, decision.said) !== 0
    ? value
    : null
}

/** Of labels that are written alike, so many are read in a long column. */
const MOST_READ = 50
/** What labels have in common that marks and names of powers are read by. */
const wayOf = ({ written: { rule, rung, exponent, decimals, digits } }: Decision): string =>
  [rule, rung, exponent === null, decimals, String(digits).length - decimals > 3].join(' ')

/** The decisions that a reader takes for other numbers; of a long column some of each kind. */
function otherReadings(proof: Proof, reader: string): Map<Decision, Decimal> {
  const region = regionOf(reader, proof.context ?? {})
  const counts = new Map<string, number>()
  const others = new Map<Decision, Decimal>()
  for (const decision of proof.decisions) {
    if (!isNumeral(decision)) continue
    if (proof.column) {
      const way = wayOf(decision)
      const count = counts.get(way) ?? 0
      if (count >= MOST_READ) continue
      counts.set(way, count + 1)
    }
    const value = otherReading(proof, decision, region)
    if (value) others.set(decision, value)
  }
  return others
}

/** Whether a style writes marks or names of powers that are not its region's. */
const hasOwnWords = ({ full }: Proof): boolean =>
  full.marks.decimal !== undefined ||
  full.marks.group !== undefined ||
  (notationOf(full).hasRungs && full.ladder !== REGIONAL)

/**
 * Protects those who read: people of the style's own region where no others are declared, and all
 * declared ones. Marks that no region of the readers takes for another number are left alone.
 */
export const unclearMarks: Check<{ label: string; said: string; reader: string; taken: string }> = {
  id: 'unclear-marks',
  title: 'Readers misread it',
  brings: { checks: ['unfamiliar-rung'], everywhere: true },
  weight: 'error',
  finds:
    "a label that readers of the style's region, or of the chosen regions, read as another number because of their separators and names of powers",
  find(proof) {
    for (const reader of readersOf(proof)) {
      // Marks and words of the style's own are what its own readers may misread.
      if (reader === proof.full.locale && !hasOwnWords(proof)) continue
      const others = otherReadings(proof, reader)
      const [first] = others
      if (!first) continue
      const [{ label, said }, taken] = first
      return {
        severity: 'error',
        params: {
          label,
          said: plainly(said),
          reader,
          taken: plainly(taken),
        },
        at: placesWhere(proof, (decision) => others.has(decision)),
      }
    }
    return null
  },
  message: ({ label, said, reader, taken }) =>
    `“${label}” means ${said}, but ${languageName(reader)} readers read ${taken}.`,
  *propose({ style }) {
    const narrow = { ...style, marks: { ...style.marks, group: '\u202f' } }
    yield fix('narrow-groups', {}, { way: 'marks', style: narrow })
    yield fix('no-groups', {}, { way: 'marks', style: { ...style, grouping: 'never' } })
  },
}
