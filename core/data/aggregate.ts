import { compare, multiply, sum } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { divide } from '../decimal/round'

const HALF = decimal('0.5')
const whole = (count: number): Decimal => ({ coefficient: BigInt(count), exponent: 0 })

function median(values: readonly Decimal[]): Decimal {
  const sorted = [...values].sort(compare)
  const middle = sorted.length >> 1
  return sorted.length % 2 === 1
    ? sorted[middle]!
    : multiply(HALF, sum([sorted[middle - 1]!, sorted[middle]!]))
}

/** What a chart makes of the rows of one category: at least one value each. */
export const aggregates = {
  sum: { title: 'sum', of: (values: readonly Decimal[]): Decimal => sum(values) },
  mean: {
    title: 'mean',
    of: (values: readonly Decimal[]): Decimal => divide(sum(values), whole(values.length)),
  },
  median: { title: 'median', of: median },
  count: { title: 'count', of: (values: readonly Decimal[]): Decimal => whole(values.length) },
  least: {
    title: 'least',
    of: (values: readonly Decimal[]): Decimal =>
      values.reduce((a, b) => (compare(b, a) < 0 ? b : a)),
  },
  largest: {
    title: 'largest',
    of: (values: readonly Decimal[]): Decimal =>
      values.reduce((a, b) => (compare(b, a) > 0 ? b : a)),
  },
} as const
export type AggregateId = keyof typeof aggregates
export const AGGREGATE_IDS = Object.keys(aggregates) as [AggregateId, ...AggregateId[]]

/**
 * A mean in which each value counts as often as its weight says: of ratios, weighted by what they
 * were divided by, it is the ratio of the sums.
 *
 * @returns null where the weights add up to nothing
 * @example weightedMean([decimal('0.5'), decimal('0.2')], [decimal(2), decimal(10)]) // 3 ÷ 12: 0.25
 */
export function weightedMean(
  values: readonly Decimal[],
  weights: readonly Decimal[],
): Decimal | null {
  const whole = sum(weights)
  if (whole.coefficient === 0n) return null
  return divide(sum(values.map((value, at) => multiply(value, weights[at]!))), whole)
}

export interface Group {
  readonly category: string
  readonly value: Decimal
}

/**
 * One exact number a category, in the order in which the categories first appear; a mean is rounded
 * to 60 digits where it does not end.
 *
 * @param categories one a row
 * @param values one a row; null where the cell is missing
 * @param weights one a row, where means are weighted; rows without one are left out
 * @example aggregate(['a', 'b', 'a'], [ONE, ONE, ONE], 'sum') // a 2, b 1
 */
export function aggregate(
  categories: readonly string[],
  values: readonly (Decimal | null)[],
  by: AggregateId,
  weights: readonly (Decimal | null)[] | null = null,
): Group[] {
  const groups = new Map<string, number[]>()
  categories.forEach((category, row) => {
    if (!values[row] || (weights && !weights[row])) return
    const group = groups.get(category)
    if (group) group.push(row)
    else groups.set(category, [row])
  })
  return [...groups].flatMap(([category, rows]) => {
    const members = rows.map((row) => values[row]!)
    const value = weights
      ? weightedMean(
          members,
          rows.map((row) => weights[row]!),
        )
      : aggregates[by].of(members)
    return value ? [{ category, value }] : []
  })
}
