import { DOUBT } from '../data/extremes'
import { magnitudeOf, shift } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { divide, roundToPlace } from '../decimal/round'
import type { DecidedColumn } from '../label/fast/column'
import { surfaces } from '../surfaces'
import { finer, shownSign } from './changes'
import { isSure, isOver, isZero, offBy, placesWhere, worstOff } from './numbers'
import { doublesOf, labelAt, saidAt, valueAt } from './proof'
import { usualRounding } from './usual'
import type { Check, Proof } from './types'

/** The share of a step, or of the number itself, by which a label may be off. */
const MOST_OFF = '0.05'

/** What an error is measured by: the step between ticks, or the number itself. */
const measureOf = (proof: Proof, at: number): Decimal =>
  surfaces[proof.surface].hasTicks && proof.step ? proof.step : magnitudeOf(valueAt(proof, at))
const percentOf = (part: Decimal, whole: Decimal): string =>
  plainly({
    coefficient: roundToPlace(shift(divide(part, whole), 2), 0, 'halfExpand'),
    exponent: 0,
  })

/**
 * Below and above these parts of a number doubles tell surely whether it is off by more than the
 * most.
 */
const [SURELY_NEAR, SURELY_OFF] = [Number(MOST_OFF) - DOUBT, Number(MOST_OFF) + DOUBT]
/**
 * Whether a number is off by more than that from what is said in its place; null where only exact
 * digits can tell.
 */
function verdictOf(said: number, double: number): boolean | null {
  const off = Math.abs(said - double)
  const size = Math.abs(double)
  if (off < SURELY_NEAR * size) return false
  return off > SURELY_OFF * size ? true : null
}
/**
 * The same of all values of a decision. Away from what is said for them a part grows on either side
 * of it, as long as no value is zero or of the other sign: then the ends tell that all are near.
 */
function verdictOfAll({ said, least, largest }: DecidedColumn, place: number): boolean | null {
  const ends = [least[place]!, largest[place]!] as const
  const isOneSided = ends[0] > 0 ? said[place]! > 0 : ends[1] < 0 && said[place]! < 0
  return isOneSided && ends.every((end) => verdictOf(said[place]!, end) === false) ? false : null
}

type Misreading = {
  readonly value: string
  readonly label: string
  readonly said: string
  readonly off: string
  /** How much that is of a step, or of the number itself, in percent. */
  readonly percent: string
  readonly of: 'step' | 'value'
  readonly count: number
}
const OF: Readonly<Record<Misreading['of'], string>> = { step: 'the step', value: 'the number' }

/**
 * Protects readers from labels that are off by more than a twentieth of the step, or of the number.
 * What is usual for its kind is left alone where no two values read the same for it: whole percent,
 * cents, whole numbers of what is counted.
 */
export const misread: Check<Misreading> = {
  id: 'misread',
  title: 'Reads as another number',
  brings: { checks: ['same-label'] },
  weight: 'error',
  finds:
    'a label that is off by more than a twentieth of the step (on an axis) or of the number (elsewhere). Usual precision stays quiet if labels stay different: whole percent, cents, counts',
  find(proof) {
    const off = (at: number) => offBy(proof, at)
    const doubles = doublesOf(proof)
    const column = surfaces[proof.surface].hasTicks ? undefined : proof.column
    const byDoubles = (i: number) =>
      column ? verdictOf(column.said[proof.which[i]!]!, doubles![i]!) : null
    const isUsual = usualRounding(proof)
    const isFarOff = (i: number) =>
      !isZero(proof, i) &&
      (byDoubles(i) ?? isOver(off(i), MOST_OFF, measureOf(proof, i))) &&
      !isUsual?.(proof.decisions[proof.which[i]!]!)
    const at = placesWhere(
      proof,
      (decision, place) => isSure(decision) && (column ? verdictOfAll(column, place) : null),
      isFarOff,
    )
    if (at.length === 0) return null
    const worst = worstOff(proof, at, (i) => measureOf(proof, i))
    return {
      severity: 'error',
      params: {
        value: plainly(valueAt(proof, worst)),
        label: labelAt(proof, worst),
        said: plainly(saidAt(proof, worst)),
        off: plainly(off(worst)),
        percent: percentOf(off(worst), measureOf(proof, worst)),
        of: surfaces[proof.surface].hasTicks && proof.step ? 'step' : 'value',
        count: at.length,
      },
      at,
    }
  },
  message({ value, label, said, off, percent, of, count }) {
    const most = percentOf(decimal(MOST_OFF), decimal(1))
    const more = count === 1 ? '' : `; ${count} labels are off by more than ${most}%`
    return `${value} is written “${label}” and reads as ${said}: off by ${off}, ${percent}% of ${OF[of]}${more}.`
  },
  *propose(proof) {
    yield* shownSign(proof)
    yield* finer(proof)
  },
}
