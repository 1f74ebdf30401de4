import { compare } from '../decimal/arithmetic'
import { type Decimal } from '../decimal/decimal'
import { sum } from '../decimal/arithmetic'

/** What a chart makes of the rows of one category. */
export const aggregates = {
  sum: { title: 'sum', of: (values: readonly Decimal[]): Decimal => sum(values) },
  largest: { title: 'largest', of: (values: readonly Decimal[]): Decimal => values.reduce((a, b) => (compare(b, a) > 0 ? b : a)) },
  least: { title: 'least', of: (values: readonly Decimal[]): Decimal => values.reduce((a, b) => (compare(b, a) < 0 ? b : a)) },
} as const
export type AggregateId = keyof typeof aggregates
export const AGGREGATE_IDS = Object.keys(aggregates) as [AggregateId, ...AggregateId[]]

export interface Group {
  readonly category: string
  readonly value: Decimal
}

/**
 * One exact number a category, in the order in which the categories first appear.
 *
 * @param categories one a row
 * @param values one a row; null where the cell is missing
 * @example aggregate(['a', 'b', 'a'], [ONE, ONE, ONE], 'sum') // a 2, b 1
 */
export function aggregate(categories: readonly string[], values: readonly (Decimal | null)[], by: AggregateId): Group[] {
  const groups = new Map<string, Decimal[]>()
  categories.forEach((category, row) => {
    const value = values[row]
    if (!value) return
    const group = groups.get(category)
    if (group) group.push(value)
    else groups.set(category, [value])
  })
  return Array.from(groups, ([category, members]) => ({ category, value: aggregates[by].of(members) }))
}
