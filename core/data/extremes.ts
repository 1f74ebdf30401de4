import { type Decimal, fromNumber, parseDecimal } from '../decimal/decimal'
import { compare, magnitudeOf, subtract } from '../decimal/arithmetic'

/** The values of a set that tell most about how to write it. */
export interface Extremes {
  readonly largest: Decimal
  readonly smallest: Decimal
  /** The smallest by size, where it is neither of them; zero has no size. */
  readonly nearest: Decimal | null
  /** The two different values that lie closest together; null where all are equal. */
  readonly closest: readonly [Decimal, Decimal] | null
}

/**
 * Finds the largest and the smallest value, the one nearest to zero, and the closest pair.
 *
 * @param values finite
 * @param doubles the same as doubles, where these keep every digit: the closest pair of a long
 *   column is found by them
 * @returns null for an empty set
 * @example extremesOf([decimal(3), decimal(-70), decimal(4)]).smallest // -70
 */
export function extremesOf(values: readonly Decimal[], doubles?: Float64Array): Extremes | null {
  const [first] = values
  if (!first) return null
  let [largest, smallest] = [first, first]
  let nearest: Decimal | null = null
  for (const value of values) {
    if (compare(value, largest) > 0) largest = value
    if (compare(value, smallest) < 0) smallest = value
    const isNearer = !nearest || compare(magnitudeOf(value), magnitudeOf(nearest)) < 0
    if (value.coefficient !== 0n && isNearer) nearest = value
  }
  const isOwn = nearest && compare(nearest, largest) !== 0 && compare(nearest, smallest) !== 0
  return {
    largest,
    smallest,
    nearest: isOwn ? nearest : null,
    closest: doubles ? closestDoubles(doubles) : closestPair(values),
  }
}

/**
 * The two different values that lie closest together, ascending; null where all are equal.
 *
 * @example closestPair(['1', '4', '3.5'].map(decimal)) // 3.5 and 4
 */
export function closestPair(values: readonly Decimal[]): Extremes['closest'] {
  const sorted = [...values].sort(compare)
  return closestOf(sorted.slice(1).map((above, at) => [sorted[at]!, above] as const))
}

/** Of pairs, each ascending, the one that lies closest together, equal ones left out. */
function closestOf(pairs: Iterable<readonly [Decimal, Decimal]>): Extremes['closest'] {
  let best: readonly [Decimal, Decimal] | null = null
  let least: Decimal | null = null
  for (const pair of pairs) {
    const apart = subtract(pair[1], pair[0])
    if (apart.coefficient !== 0n && (!least || compare(apart, least) < 0))
      [best, least] = [pair, apart]
  }
  return best
}

/** What two doubles and the decimals that they mean can differ by, per unit of the larger. */
export const DOUBT = 2 ** -50

/**
 * The same of doubles, each meaning its shortest decimal: the few pairs that can be the closest are
 * found by doubles, and the closest among them exactly.
 *
 * @param doubles finite, in any order; they stay as they are
 * @example closestDoubles(Float64Array.of(1, 4, 3.5)) // 3.5 and 4
 */
export const closestDoubles = (doubles: Float64Array): Extremes['closest'] =>
  closestSorted(doubles.slice().sort())

const doubtBefore = (sorted: Float64Array, i: number): number =>
  DOUBT * Math.max(Math.abs(sorted[i - 1]!), Math.abs(sorted[i]!))

/**
 * What the closest two different of ascending doubles lie apart at most; Infinity where all are
 * equal.
 *
 * @param sorted finite doubles, ascending
 * @example leastGap(Float64Array.of(1, 3.5, 4)) // 0.5, and what doubles may be off by
 */
export function leastGap(sorted: Float64Array): number {
  let most = Infinity
  for (let i = 1; i < sorted.length; i++)
    if (sorted[i] !== sorted[i - 1])
      most = Math.min(most, sorted[i]! - sorted[i - 1]! + doubtBefore(sorted, i))
  return most
}

/**
 * The closest pair of ascending doubles.
 *
 * @param sorted finite doubles, ascending
 */
export function closestSorted(sorted: Float64Array): Extremes['closest'] {
  const most = leastGap(sorted)
  function* near(): Generator<readonly [Decimal, Decimal]> {
    for (let i = 1; i < sorted.length; i++) {
      if (
        sorted[i] !== sorted[i - 1] &&
        sorted[i]! - sorted[i - 1]! - doubtBefore(sorted, i) <= most
      )
        yield [fromNumber(sorted[i - 1]!), fromNumber(sorted[i]!)]
    }
  }
  return closestOf(near())
}

/**
 * Numbers from a column's cells, which are doubles or decimal text; missing ones are left out.
 *
 * @example finite([1.5, NaN, '12345678901234567890']) // two decimals
 */
export function finite(cells: Iterable<number | string | null>): Decimal[] {
  const found: Decimal[] = []
  for (const cell of cells) {
    if (typeof cell === 'number' && Number.isFinite(cell)) found.push(fromNumber(cell))
    else if (typeof cell === 'string') {
      const read = parseDecimal(cell)
      if (read) found.push(read)
    }
  }
  return found
}
