import { notationOf } from '../notations'
import {
  compare,
  fitsDouble,
  leadingPower,
  magnitudeOf,
  multiply,
  subtract,
  decimalsOf,
} from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { roundToPlace } from '../decimal/round'
import { fewerDecimals, toDecimals } from './changes'
import { isExact, isOver, isShort, largest, placesWhere } from './numbers'
import { doublesOf, labelAt, saidAt, valueAt, valuesOf } from './proof'
import type { Check } from './types'
import { tellingDigits, withoutEndZeros } from '../decimal/zeros'

/** Sums of doubles keep at least so many digits. */
const SOUND = 13
/** Steps between doubles that a short calculation can be off by. */
const MOST_STEPS = '16'
/** What doubles of a magnitude lie apart by at most, per unit: 2⁻⁵². */
const STEP = decimal(String(2 ** -52))

/** The short number that a double was meant to be; null where its digits are its own. */
function meant(value: Decimal): Decimal | null {
  if (value.coefficient === 0n || !fitsDouble(value)) return null
  const digits = withoutEndZeros(value.coefficient.toString()).length
  if (digits <= SOUND + 2) return null
  const place = leadingPower(value) - SOUND + 1
  const short = { coefficient: roundToPlace(value, place, 'halfExpand'), exponent: place }
  const left = tellingDigits(short).length
  const size = magnitudeOf(value)
  const off = magnitudeOf(subtract(value, short))
  return left < SOUND && !isOver(off, MOST_STEPS, multiply(size, STEP)) ? short : null
}

/**
 * A double scaled to so many digits is this near to a whole number of fewer, where it may be noise.
 */
const [SCALED_TO, NEAR] = [1e13, 0.1]
const [LEAST_SCALED, LARGEST_SCALED] = [1e-9, 1e22]
/**
 * Whether a double may be a short number with noise, as far as doubles tell: nearly all that are
 * not
 * are told apart here, without their digits.
 */
function mayBeNoise(double: number): boolean {
  let size = Math.abs(double)
  if (size < LEAST_SCALED || size > LARGEST_SCALED) return true
  while (size >= SCALED_TO) size /= 10
  while (size < SCALED_TO / 10) size *= 10
  const whole = Math.round(size)
  return whole % 10 === 0 && Math.abs(size - whole) < NEAR
}

/**
 * Protects readers from digits that only binary arithmetic put there. Numbers that were recorded
 * to as many digits are left alone: they are no short number's neighbours.
 */
export const floatNoise: Check<{ label: string; meant: string }> = {
  id: 'float-noise',
  title: 'Digits from binary arithmetic',
  weight: 'note',
  finds: 'digits from the 14th on that differ from a short number by at most 16 steps of a double',
  find(proof) {
    const doubles = doublesOf(proof)
    const at = placesWhere(
      proof,
      ({ written }) => (written.kind === 'number' ? null : false),
      (i) => {
        if (doubles && (isShort(doubles[i]!) || !mayBeNoise(doubles[i]!))) return false
        const short = meant(valueAt(proof, i))
        return short !== null && compare(saidAt(proof, i), short) !== 0 && isExact(proof, i)
      },
    )
    if (at.length === 0) return null
    const first = at[0]!
    return {
      severity: 'note',
      params: { label: labelAt(proof, first), meant: plainly(meant(valueAt(proof, first))!) },
      at,
    }
  },
  message: ({ label, meant }) => `“${label}” is ${meant} plus digits that binary arithmetic added.`,
  *propose(proof) {
    const short = valuesOf(proof).flatMap((value) => meant(value) ?? [])
    if (notationOf(proof.full).hasAllDigits) yield toDecimals(proof, largest(short.map(decimalsOf)))
    yield* fewerDecimals(proof)
  },
}
