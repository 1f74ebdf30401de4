import { compare, fitsDouble, magnitudeOf } from '../decimal/arithmetic'
import { type Decimal, decimal, toText } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { placesOf } from './numbers'
import { doublesOf, valueAt } from './proof'
import type { Check } from './types'
import { withoutEndZeros } from '../decimal/zeros'

/** From here on doubles skip integers. */
const LAST_EXACT = 2 ** 53
/** Doubles that stand for another number have this many digits or more; round figures have few. */
const TELLING_DIGITS = 16

/**
 * Whether a large integer looks like a double's text: all the digits that a double has, and zeros
 * behind them.
 */
function isCut(value: Decimal): boolean {
  if (compare(magnitudeOf(value), decimal(LAST_EXACT)) <= 0 || !fitsDouble(value)) return false
  const digits = toText(magnitudeOf(value))
  const telling = withoutEndZeros(digits).length
  return !digits.includes('.') && telling >= TELLING_DIGITS && telling < digits.length
}

/**
 * Protects whoever counts on every digit: whole numbers beyond 2⁵³ that had already lost some.
 * Decimals and texts are left alone; they hold all of theirs.
 */
export const inexactInput: Check<{ value: string }> = {
  id: 'inexact-input',
  title: 'Digits were lost before the import',
  weight: 'error',
  finds:
    'whole numbers beyond 2⁵³ that look like doubles: 16 significant digits or more, then zeros',
  find(proof) {
    const doubles = doublesOf(proof)
    const at = placesOf(
      proof,
      (i) => !(doubles && Math.abs(doubles[i]!) <= LAST_EXACT) && isCut(valueAt(proof, i)),
    )
    if (at.length === 0) return null
    return {
      severity: 'error',
      params: { value: plainly(valueAt(proof, at[0]!)) },
      at,
    }
  },
  message: ({ value }) =>
    `${value} is a whole number beyond 2⁵³ that was stored as a double, so its last digits became zeros. Import such numbers as text.`,
  propose: () => [],
}
