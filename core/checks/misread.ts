import { DOUBT } from '../data/extremes'
import { magnitudeOf, shift } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { divide, roundToPlace } from '../decimal/round'
import type { DecidedColumn } from '../label/fast/column'
import { finer, shownSign } from './changes'
import { isNumeral, isOver, isZero, offBy, placesWhere, worstOff } from './numbers'
import { doublesOf, labelAt, saidAt, valueAt } from './proof'
import type { Check, Proof } from './types'

/** The share of a step, or of the number itself, by which a label may be off. */
const MOST_OFF = '0.05'

/** What an error is measured by: the step between ticks, or the number itself. */
const measureOf = (proof: Proof, at: number): Decimal =>
  proof.surface === 'axis' && proof.step ? proof.step : magnitudeOf(valueAt(proof, at))
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

/** Read-back off by more than a twentieth of the step, or of the number. */
export const misread: Check = {
  id: 'misread',
  title: 'Reads as another number',
  weight: 'error',
  finds:
    'a label that is off by more than a twentieth: of the step on an axis, of the number elsewhere',
  find(proof) {
    const off = (at: number) => offBy(proof, at)
    const doubles = doublesOf(proof)
    const column = proof.surface === 'axis' ? undefined : proof.column
    const byDoubles = (i: number) =>
      column ? verdictOf(column.said[proof.which[i]!]!, doubles![i]!) : null
    const isFarOff = (i: number) =>
      !isZero(proof, i) && (byDoubles(i) ?? isOver(off(i), MOST_OFF, measureOf(proof, i)))
    const at = placesWhere(
      proof,
      (decision, place) => isNumeral(decision) && (column ? verdictOfAll(column, place) : null),
      isFarOff,
    )
    if (at.length === 0) return null
    const worst = worstOff(proof, at, (i) => measureOf(proof, i))
    const of = proof.surface === 'axis' && proof.step ? 'a step' : 'itself'
    const more =
      at.length === 1
        ? ''
        : `; ${at.length} labels are off by more than ${percentOf(decimal(MOST_OFF), decimal(1))} %`
    return {
      severity: 'error',
      message: `${plainly(valueAt(proof, worst))} is written “${labelAt(proof, worst)}” and reads as ${plainly(saidAt(proof, worst))}: off by ${plainly(off(worst))}, ${percentOf(off(worst), measureOf(proof, worst))} % of ${of}${more}.`,
      at,
    }
  },
  *propose(proof) {
    yield* shownSign(proof)
    yield* finer(proof)
  },
}
