import { type AggregateId, type Group, aggregate } from '../../core/data/aggregate'
import { add, compare } from '../../core/decimal/arithmetic'
import { type Decimal, ZERO } from '../../core/decimal/decimal'
import { formOf } from '../forms'
import type { Stacks } from '../forms/types'
import type { ChartWishes } from '../study/chart'

/** Colours that can be told apart; with more names the last stands for all the others. */
export const MOST_COLOURS = 6
export const OTHERS = 'others'
/** What parts of a group add up to the group. */
const ADDS_UP: ReadonlySet<AggregateId> = new Set(['sum', 'count'])
/** Whether what parts of a group have adds up to what the group has. */
export const addsUp = ({ aggregate: by }: Pick<ChartWishes, 'aggregate'>): boolean =>
  ADDS_UP.has(by)

/** What decides whether marks can be parted. */
interface Parted {
  /** Of the axis. */
  readonly kind: string
  readonly values: readonly (Decimal | null)[]
  readonly panels?: readonly string[] | null
}
/** Why marks cannot be parted by colours; empty where they can. */
export function stackTrouble(chart: ChartWishes, { kind, values, panels }: Parted): string {
  if (panels) return 'Panels and one colour for each do not go together; the colours are left out.'
  if (!formOf(chart).hasAreas) return 'Colours part columns and bars; this form has none to part.'
  if (!addsUp(chart))
    return `Pieces of a ${chart.aggregate} do not add up to it: one colour for each needs a sum or a count.`
  if (kind !== 'linear') return 'Pieces that are stacked need an axis of even steps.'
  return values.some((value) => value && value.coefficient < 0n)
    ? 'Numbers below zero cannot be stacked: one colour for each is left out.'
    : ''
}

/** The number of each colour in a group, by group and colour. */
function byColour(
  categories: readonly string[],
  values: readonly (Decimal | null)[],
  colours: readonly string[],
  by: AggregateId,
): Map<string, Map<string, Decimal>> {
  const rows = new Map<string, number[]>()
  categories.forEach((category, row) => {
    const own = rows.get(category)
    if (own) own.push(row)
    else rows.set(category, [row])
  })
  const pick = <One>(list: readonly One[], at: readonly number[]): One[] =>
    at.map((row) => list[row]!)
  return new Map(
    Array.from(rows, ([category, at]) => [
      category,
      new Map(
        aggregate(pick(colours, at), pick(values, at), by).map(({ category: colour, value }) => [
          colour,
          value,
        ]),
      ),
    ]),
  )
}

/**
 * Parts groups by the colours of their rows.
 *
 * @param groups as they are drawn
 * @param categories the group of each row; values and colours stand beside them
 */
export function stacksOf(
  groups: readonly Group[],
  categories: readonly string[],
  values: readonly (Decimal | null)[],
  colours: readonly string[],
  by: AggregateId,
): Stacks {
  const found = byColour(categories, values, colours, by)
  const totals = new Map<string, Decimal>()
  for (const { category } of groups)
    for (const [colour, value] of found.get(category) ?? [])
      totals.set(colour, add(totals.get(colour) ?? ZERO, value))
  const ordered = [...totals].sort((a, b) => compare(b[1], a[1])).map(([colour]) => colour)
  const isMore = ordered.length > MOST_COLOURS
  const named = isMore ? ordered.slice(0, MOST_COLOURS - 1) : ordered
  const placeOf = new Map(named.map((colour, at) => [colour, at]))
  const pieces = groups.map(({ category }) => {
    const own: Decimal[] = Array.from({ length: named.length + +isMore }, () => ZERO)
    for (const [colour, value] of found.get(category) ?? []) {
      const at = placeOf.get(colour) ?? named.length
      own[at] = add(own[at]!, value)
    }
    return own
  })
  return { names: isMore ? [...named, OTHERS] : named, pieces }
}
