import { absolute, compare, magnitudeOf } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { roundToIncrement } from '../decimal/round'
import type { Precision } from './types'

/** The nearest multiple of the increment of a precision, in its own last place, unsigned. */
export function onIncrement(
  { increment, rounding }: Precision,
  value: Decimal,
): { digits: bigint; last: number } {
  const step = decimal(increment!)
  return { digits: absolute(roundToIncrement(value, step, rounding)), last: step.exponent }
}

/**
 * Whether the increment is more than a number counts in a level: 1,003K in sevens is fine, 1.003M
 * is not.
 *
 * @param number in the level
 */
export const isTooCoarse = ({ increment }: Precision, number: Decimal): boolean =>
  increment !== null && compare(magnitudeOf(number), decimal(increment)) < 0
