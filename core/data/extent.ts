import { compare } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'

/**
 * The least and the largest of some values, missing ones left out.
 *
 * @returns none where all are missing
 * @example extent([decimal(3), null, decimal(-70)]) // -70 and 3
 */
export function extent(values: readonly (Decimal | null)[]): [] | [Decimal, Decimal] {
  let [least, largest]: (Decimal | null)[] = [null, null]
  for (const value of values) {
    if (!value) continue
    if (!least || compare(value, least) < 0) least = value
    if (!largest || compare(value, largest) > 0) largest = value
  }
  return least && largest ? [least, largest] : []
}
