import { leadingPower } from './arithmetic'
import type { Decimal } from './decimal'
import { roundToPlace } from './round'
import { withoutEndZeros } from './zeros'

/**
 * A number rounded to so many digits, without zeros at its end.
 *
 * @example toSignificant(decimal('9.99996'), 3) // 10
 */
export function toSignificant(value: Decimal, digits: number): Decimal {
  if (value.coefficient === 0n) return value
  const exponent = leadingPower(value) - digits + 1
  const text = String(roundToPlace(value, exponent, 'halfEven'))
  const kept = withoutEndZeros(text)
  return { coefficient: BigInt(kept), exponent: exponent + text.length - kept.length }
}
