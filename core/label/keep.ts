import { absolute, leadingPower, tenTo } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { roundToPlace } from '../decimal/round'
import { onIncrement } from './increments'
import type { Precision, Written } from './types'

export type Kept = Pick<Written, 'digits' | 'place' | 'decimals'>

/**
 * The places that a precision names for a number: the last digit kept, and the last whose zero is
 * written.
 */
interface DigitPlaces {
  readonly last: number
  readonly least: number
}

function placesFor({ fraction, significant, priority }: Precision, lead: number): DigitPlaces {
  const byFraction = fraction && { last: -fraction[1], least: -fraction[0] }
  const bySignificant = significant && {
    last: lead - significant[1] + 1,
    least: lead - significant[0] + 1,
  }
  if (!byFraction || !bySignificant) return (byFraction || bySignificant)!
  // Ties go to the significant digits where more precision is asked for (ECMA-402,
  // FormatNumericToString).
  const fractionIsFiner = byFraction.last < bySignificant.last
  return fractionIsFiner === (priority === 'morePrecision') ? byFraction : bySignificant
}

/**
 * The place of the last digit that a precision keeps.
 *
 * @param lead power of ten of the number's leading digit
 */
export function lastPlace(precision: Precision, lead: number): number {
  return precision.increment === null
    ? placesFor(precision, lead).last
    : decimal(precision.increment).exponent
}

/** The power of the leading digit of digits × 10^place. */
const leadOf = (digits: bigint, place: number): number =>
  digits === 0n ? 0 : leadingPower({ coefficient: digits, exponent: place })

/**
 * The digits that a precision keeps of a number, rounded; the sign is left to others.
 *
 * @param value as it stands before its rung or exponent
 * @example keep(precision, decimal('9.996')) // with 3 significant digits: 100n, place -1
 */
export function keep(precision: Precision, value: Decimal): Kept {
  const lead = value.coefficient === 0n ? 0 : leadingPower(value)
  let { last, least } = placesFor(precision, lead)
  let digits: bigint
  if (precision.increment !== null) {
    ;({ digits, last } = onIncrement(precision, value))
    least = placesFor(precision, leadOf(digits, last)).least
  } else {
    digits = absolute(roundToPlace(value, last, precision.rounding))
    const carried = placesFor(precision, leadOf(digits, last))
    if (leadOf(digits, last) > lead && carried.last >= last) {
      digits /= tenTo(carried.last - last)
      ;({ last, least } = carried)
    }
  }
  return trim(precision, digits, last, least)
}

/** Leaves out the zeros at the end that nothing asks for. */
function trim(precision: Precision, digits: bigint, last: number, least: number): Kept {
  let place = last
  const floor = Math.min(least, 0)
  while (place < floor && digits % 10n === 0n) {
    digits /= 10n
    place++
  }
  const shown = Math.max(0, -Math.min(place, floor))
  const isWhole = place >= 0 || digits % tenTo(-place) === 0n
  if (!precision.strip || !isWhole || shown === 0) return { digits, place, decimals: shown }
  return place >= 0
    ? { digits, place, decimals: 0 }
    : { digits: digits / tenTo(-place), place: 0, decimals: 0 }
}
