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
 * @example aggregate(['a', 'b', 'a'], [ONE, ONE, ONE], 'sum') // a 2, b 1
 */
export function aggregate(
  categories: readonly string[],
  values: readonly (Decimal | null)[],
  by: AggregateId,
): Group[] {
  const groups = new Map<string, Decimal[]>()
  categories.forEach((category, row) => {
    const value = values[row]
    if (!value) return
    const group = groups.get(category)
    if (group) group.push(value)
    else groups.set(category, [value])
  })
  return Array.from(groups, ([category, members]) => ({
    category,
    value: aggregates[by].of(members),
  }))
}
