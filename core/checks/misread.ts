import { magnitudeOf, shift } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { divide, roundToPlace } from '../decimal/round'
import { finer, shownSign } from './changes'
import { isNumeral, isOffBeyond, isOver, offBy, placesWhere, worstOff } from './numbers'
import type { Check, Proof } from './types'

/** The share of a step, or of the number itself, by which a label may be off. */
const MOST_OFF = '0.05'

/** What an error is measured by: the step between ticks, or the number itself. */
const measureOf = (proof: Proof, at: number): Decimal => (proof.surface === 'axis' && proof.step ? proof.step : magnitudeOf(proof.values[at]!))
const percentOf = (part: Decimal, whole: Decimal): string => plainly({ coefficient: roundToPlace(shift(divide(part, whole), 2), 0, 'halfExpand'), exponent: 0 })

/** Read-back off by more than a twentieth of the step, or of the number. */
export const misread: Check = {
  id: 'misread',
  title: 'Reads as another number',
  find(proof) {
    const off = (at: number) => offBy(proof, at)
    const isFarOff = (i: number) => (proof.surface === 'axis' ? null : isOffBeyond(proof, i, Number(MOST_OFF))) ?? isOver(off(i), MOST_OFF, measureOf(proof, i))
    const at = placesWhere(proof, (i) => isNumeral(proof, i) && proof.values[i]!.coefficient !== 0n && isFarOff(i))
    if (at.length === 0) return null
    const worst = worstOff(proof, at, (i) => measureOf(proof, i))
    const of = proof.surface === 'axis' && proof.step ? 'a step' : 'itself'
    const more = at.length === 1 ? '' : `; ${at.length} labels are off by more than ${percentOf(decimal(MOST_OFF), decimal(1))} %`
    return {
      severity: 'error',
      message: `${plainly(proof.values[worst]!)} is written “${proof.labels[worst]}” and reads as ${plainly(proof.said[worst]!)}: off by ${plainly(off(worst))}, ${percentOf(off(worst), measureOf(proof, worst))} % of ${of}${more}.`,
      at,
    }
  },
  *propose(proof) {
    yield* shownSign(proof)
    yield* finer(proof)
  },
}
