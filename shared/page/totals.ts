import type { Recorded } from '../../core/label/context'
import { aggregate } from '../../core/data/aggregate'
import { compare, sum } from '../../core/decimal/arithmetic'
import { type Decimal, toExactText } from '../../core/decimal/decimal'
import { plainly } from '../../core/decimal/plainly'
import { saidBy } from '../../core/label/cells'
import { decide } from '../../core/label/decide'
import type { Regions } from '../../core/label/region'
import { resolve } from '../../core/label/resolve'
import type { Plan, Row, Value } from '../../core/label/types'
import { textOf } from '../../core/label/write'
import { decimalsText } from '../../core/style/counts'
import { withDecimals } from '../../core/style/decimals'
import type { FullStyle, Style } from '../../core/style/fields'
import { type Adjusted, adjustedLabels } from '../../core/totals/adjust'
import type { Quantity } from '../study/quantity'
import type { Rows } from './rows'

/** More parts than these are nobody's to read one by one. */
const MOST_PARTS = 5000
const MOST_SUBTOTALS = 60
const NO_ROWS: ReadonlySet<number> = new Set()
/** What stands under a total that its printed parts miss. */
export const NOTE = 'Parts may miss the total because each is rounded.'

/**
 * Parts that are summed, each with the row that its case looks at, and what they are written by.
 */
export interface Parts {
  readonly plan: Plan
  readonly recorded: Recorded
  readonly values: readonly Decimal[]
  readonly rows: readonly (Row | undefined)[]
  readonly total: Decimal
}
/** The total of one category. */
export interface Subtotal {
  readonly category: string
  readonly label: string
}

/**
 * The ticked rows among those that are shown: they are kept as rows of the data set, so that a
 * filter hides some and brings them back.
 */
export function selectedRows({ places }: Rows, ticked: Quantity['selected']): ReadonlySet<number> {
  if (!ticked?.length) return NO_ROWS
  const rows = new Set(ticked)
  return new Set(places.flatMap((row, at) => (rows.has(row) ? [at] : [])))
}
/** The places of rows that are summed: those that have a number, and are ticked where any is. */
export const summedRows = ({ values }: Rows, selected: ReadonlySet<number>): number[] =>
  values.flatMap((value, at) => (value && (selected.size === 0 || selected.has(at)) ? [at] : []))

const written = (plan: Plan, value: Decimal, row?: Row): string =>
  textOf(plan, decide(plan, value, row))
/** What parts add up to as they are printed, and what the printed total says. */
const printed = ({ plan, values, rows, total }: Parts): readonly [Decimal, Decimal] => [
  sum(values.map((value, at) => saidBy(plan, decide(plan, value, rows[at])))),
  saidBy(plan, decide(plan, total)),
]

/** The total of each category of the summed rows, in the table's own wording. */
export const subtotalsOf = (
  plan: Plan,
  { categories, values }: Rows,
  summed: readonly number[],
): Subtotal[] =>
  aggregate(
    summed.map((at) => categories[at]!),
    summed.map((at) => values[at]!),
    'sum',
  )
    .slice(0, MOST_SUBTOTALS)
    .map(({ category, value }) => ({ category, label: written(plan, value) }))

/**
 * What the printed parts add up to, where that is not the printed total; null where it is, or where
 * nobody would add up so many.
 */
export function missedBy(parts: Parts): string | null {
  if (parts.values.length > MOST_PARTS) return null
  const [said, total] = printed(parts)
  return compare(said, total) === 0 ? null : plainly(said)
}
/** What stands before a label that was moved so that all add up. */
export const ADJUSTED = '†'
/** What is said of such labels where they stand. */
export const ADJUSTED_NOTE = `${ADJUSTED} Adjusted so that the printed parts add up to the total.`
/** What is drawn of a part of a total. */
export interface DrawnPart {
  readonly category: string
  readonly value: Decimal
}
/** A part whose label was moved so that all add up: the label without its sign, and what it says. */
export type AdjustedPart = Pick<Adjusted, 'label' | 'value'>
export type AdjustedParts<Key = number> = ReadonlyMap<Key, AdjustedPart>
export const NONE_ADJUSTED: AdjustedParts<never> = new Map<never, AdjustedPart>()
/** The number that a label says: another than its value where the part is adjusted. */
export const valueSaid = (part: AdjustedPart | undefined, value: Value): Value =>
  part ? toExactText(part.value) : value
/** The label of a part as it stands: a sign tells that it was adjusted. */
export const shownAs = (part: AdjustedPart | undefined, label: string): string =>
  part ? ADJUSTED + part.label : label
/**
 * Adjusted parts by their numbers, where all that are equal are adjusted alike.
 *
 * @param values of all parts, by the places of the adjusted ones
 */
export function adjustedByNumber(
  values: readonly Decimal[],
  adjusted: AdjustedParts,
): AdjustedParts<string> {
  if (adjusted.size === 0) return NONE_ADJUSTED
  const found = new Map<string, AdjustedPart | null>()
  values.forEach((value, at) => {
    const key = toExactText(value)
    const part = adjusted.get(at) ?? null
    const before = found.get(key)
    found.set(key, before === undefined || before?.label === part?.label ? part : null)
  })
  return new Map([...found].flatMap(([key, part]) => (part ? [[key, part]] : [])))
}
/** Parts whose labels are moved so that all add up, by their places among the parts. */
export function adjustedBy({ plan, values, total, rows }: Parts): AdjustedParts {
  if (values.length > MOST_PARTS) return NONE_ADJUSTED
  const labels = adjustedLabels(plan, values, total, rows) ?? []
  return new Map(
    labels.flatMap(({ label, value, isAdjusted }, at) =>
      isAdjusted ? [[at, { label, value }]] : [],
    ),
  )
}

const SHOWN_PARTS = 3
const MOST_MORE = 6
/** Something that can be done about a total that its printed parts miss. */
export interface TotalChoice {
  readonly title: string
  /** The first parts and the total as they would be printed. */
  readonly sample: string
  readonly total: Quantity['total']
  readonly style: Style
}
/** The first of some parts, and the whole: "3 + 4 + 5 + … = 20". */
export const sumText = (texts: readonly string[], whole: string): string =>
  `${texts.slice(0, SHOWN_PARTS).join(' + ')}${texts.length > SHOWN_PARTS ? ' + …' : ''} = ${whole}`

/** The fewest more decimals with which the printed parts add up. */
function finer(parts: Parts, style: FullStyle, regions: Regions): TotalChoice[] {
  const { plan, recorded, values, rows, total } = parts
  const context = {
    ...regions,
    ...recorded,
    values: values.map(toExactText),
    rows: rows.every(Boolean) ? (rows as Row[]) : undefined,
  }
  const now = Math.max(0, ...values.map((value, at) => decide(plan, value, rows[at]).decimals))
  for (let count = now + 1; count <= now + MOST_MORE; count++) {
    const patch = withDecimals(style, count)
    const own = resolve({ ...style, ...patch }, context)
    const [said, whole] = printed({ ...parts, plan: own })
    if (compare(said, whole) !== 0) continue
    const labels = values.map((value, at) => written(own, value, rows[at]))
    const sample = sumText(labels, written(own, total))
    return [{ title: `Write ${decimalsText(count)}`, sample, total: 'plain', style: patch }]
  }
  return []
}
/** Parts moved to where they add up, the largest remainders first. */
function moved({ plan, values, rows, total }: Parts): TotalChoice[] {
  const labels = adjustedLabels(plan, values, total, rows)
  if (!labels) return []
  const count = labels.filter(({ isAdjusted }) => isAdjusted).length
  const texts = labels.map(({ label }) => label)
  return [
    {
      title: `Adjust ${count} of the printed parts`,
      sample: sumText(texts, written(plan, total)),
      total: 'adjust',
      style: {},
    },
  ]
}
/** What can be done where printed parts miss their total, each with its numbers. */
export function totalChoices(parts: Parts, style: FullStyle, regions: Regions): TotalChoice[] {
  const { plan, values, rows, total } = parts
  const labels = values.map((value, at) => written(plan, value, rows[at]))
  const noted: TotalChoice = {
    title: 'Leave it, with a note',
    sample: `${sumText(labels, written(plan, total))}; ${NOTE}`,
    total: 'note',
    style: {},
  }
  return [...finer(parts, style, regions), ...moved(parts), noted]
}
/** The parts and their sum with all digits. */
export const unrounded = ({ values, total }: Parts): string =>
  sumText(values.slice(0, SHOWN_PARTS + 1).map(plainly), plainly(total))
