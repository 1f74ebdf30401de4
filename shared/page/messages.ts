import type { Surface } from '../../core/surfaces'
import { type AggregateId, aggregates } from '../../core/data/aggregate'
import { compare, sum } from '../../core/decimal/arithmetic'
import { type Decimal, parseDecimal, toExactText } from '../../core/decimal/decimal'
import type { Labeller } from '../../core/label/labeller'
import type { LocaleTable } from '../../core/locale/types'
import { pluralOf } from '../../core/locale/plurals'
import { PROSE_FUNCTIONS } from '../../core/text/functions'
import { isDates } from '../import/dates'
import type { ColumnMeta } from '../study/dataset'
import type { Quantity } from '../study/quantity'
import { formOf } from '../forms'
import type { Drawing } from '../forms/types'

/** Surfaces that are written as messages. */
export const PROSAIC = ['headline', 'sentence'] as const satisfies readonly Surface[]
export type Prosaic = (typeof PROSAIC)[number]
export const isProsaic = (surface: Surface): surface is Prosaic =>
  PROSAIC.some((one) => one === surface)
export const MESSAGES = ['headline', 'sentence', 'callout'] as const
/** The messages of a quantity: a callout is a sentence that stands at a mark. */
export type MessageId = (typeof MESSAGES)[number]
const standsOn: Readonly<Record<MessageId, Prosaic>> = {
  headline: 'headline',
  sentence: 'sentence',
  callout: 'sentence',
}
export const surfaceOf = (id: MessageId): Prosaic => standsOn[id]

/** Names that a message takes apart by; anything else is put between bars. */
const NAME = /^[A-Za-z_][\w-]*$/
export const quoted = (name: string): string =>
  NAME.test(name) ? name : `|${name.replace(/[\\|{}]/g, '\\$&')}|`

/** Parts in which a date can be written, where it is not written whole. */
const DATED = [
  'month=long year=numeric',
  'month=short day=numeric',
  'day=numeric month=long year=numeric',
  'weekday=long day=numeric month=long',
  'year=numeric',
  'month=long',
  'weekday=long',
  'style=full',
  'style=short',
]
type Column = Pick<ColumnMeta, 'name' | 'kind' | 'reason'>
/**
 * What can be put into a message of a column: numbers of the chart, what its rows say, cells of the
 * row that holds its largest number, and totals of other columns; of a callout also its mark's.
 */
export function piecesFor(
  own: string,
  columns: readonly Column[],
  id: MessageId = 'sentence',
): string[] {
  const texts = columns.filter(({ kind }) => kind === 'text')
  const others = columns.filter(({ kind, name }) => kind === 'number' && name !== own)
  const isDate = ({ reason }: Column) => isDates(reason)
  return [
    ...(id === 'callout' ? ['{$name}', '{$value}'] : []),
    '{$total}',
    '{$largest}',
    '{$largestName}',
    '{$least}',
    '{$leastName}',
    ...PROSE_FUNCTIONS.filter(({ takes }) => takes === 'number').map(
      ({ name }) => `{${quoted(own)} :${name}}`,
    ),
    ...texts.map(({ name }) => `{${quoted(name)} :where largest=${quoted(own)}}`),
    ...texts
      .filter(isDate)
      .flatMap(({ name }) =>
        ['date', 'days'].map((how) => `{${quoted(name)} :${how} largest=${quoted(own)}}`),
      ),
    ...others.map(({ name }) => `{${quoted(name)} :total}`),
    ...texts
      .filter(isDate)
      .flatMap(({ name }) =>
        DATED.map((parts) => `{${quoted(name)} :date largest=${quoted(own)} ${parts}}`),
      ),
  ]
}

/** The number of the chart that a headline begins with, by how rows are put together. */
const headlines: Readonly<Partial<Record<AggregateId, string>>> = {
  sum: '{$total}',
  least: '{$least}',
}
/** What of a chart decides how its two ends are told. */
type Told = Pick<Drawing, 'all'> | null
/** One mark has no other end, equal ones have none; only what adds up from zero is had most of. */
function endsOf({ chart }: Quantity, drawing: Told): string {
  const values = drawing?.all.map(({ value }) => value) ?? []
  const [first, ...rest] = values
  if (first && rest.length === 0) return '{$largestName}: {$largest}.'
  if (first && rest.every((value) => compare(value, first) === 0)) return 'All have {$largest}.'
  const addsUp = chart.aggregate === 'sum' || chart.aggregate === 'count'
  return addsUp && values.every(({ coefficient }) => coefficient >= 0n)
    ? '{$largestName} has the most with {$largest}, {$leastName} the least with {$least}.'
    : '{$largestName} is highest with {$largest}, {$leastName} lowest with {$least}.'
}
/** What the program says where nobody wrote anything: what the chart shows, and its two ends. */
const usual: Readonly<Record<MessageId, (quantity: Quantity, drawing: Told) => string>> = {
  headline: ({ chart }) =>
    formOf(chart).messages?.headline ?? headlines[chart.aggregate] ?? '{$largest}',
  sentence: (quantity, drawing) =>
    formOf(quantity.chart).messages?.sentence ?? endsOf(quantity, drawing),
  callout: () => '{$name}: {$value}',
}
/**
 * The source of a message.
 *
 * @param drawing what the chart shows, which decides how the program's own is worded
 */
export const messageOf = (quantity: Quantity, id: MessageId, drawing: Told = null): string =>
  quantity.texts?.[id] ?? usual[id](quantity, drawing)

/** A text as a message says it, with nothing in it put in. */
const verbatim = (text: string): string => text.replace(/[\\{}]/g, '\\$&')
type OfMixed = (quantity: Quantity, units: readonly string[]) => string
const shareNoScale: OfMixed = (_, units) => `${units.map(verbatim).join(', ')} share no scale yet.`
const ofMixed: Readonly<Record<MessageId, OfMixed>> = {
  headline: ({ title }) => verbatim(title),
  sentence: shareNoScale,
  callout: shareNoScale,
}
/**
 * The source of a message about rows in units that share no scale: no number stands for all of them.
 *
 * @param units the units, the one of most rows first
 */
export function mixedMessageOf(
  quantity: Quantity,
  id: MessageId,
  units: readonly string[],
): string {
  return quantity.texts?.[id] ?? ofMixed[id](quantity, units)
}

const byValue = (groups: Drawing['groups']) => [...groups].sort((a, b) => compare(b.value, a.value))

/** Numbers and names of the chart that a message can put in. */
export function variablesOf(
  drawing: Pick<Drawing, 'all' | 'density'> | null,
  values: readonly (Decimal | null)[],
): Record<string, Decimal | string> {
  const sorted = byValue(drawing?.all ?? [])
  const [largest, least] = [sorted[0], sorted.at(-1)]
  const rows = values.filter((value) => value !== null)
  const median = drawing?.density
    ? drawing.all.find(({ category }) => category === 'median')
    : undefined
  return {
    ...(median ? { median: median.value } : {}),
    ...(rows.length > 0 ? { total: sum(rows), mean: aggregates.mean.of(rows) } : {}),
    ...(largest && least
      ? {
          largest: largest.value,
          largestName: largest.category,
          least: least.value,
          leastName: least.category,
        }
      : {}),
  }
}

/** The plural that a written count takes in a region. */
export function pluralBy(table: LocaleTable, count: Labeller): (value: Decimal) => string {
  return (value) => {
    const parts = count.parts(toExactText(value))
    const digits = (type: string) =>
      parts
        .filter((part) => part.type === type)
        .map((part) => part.value)
        .join('')
    const whole = parseDecimal(digits('integer')) ? digits('integer') : String(value.coefficient)
    return pluralOf(table.plurals, { whole, fraction: digits('fraction') })
  }
}
