import { sum } from '../../core/decimal/arithmetic'
import { toExactText } from '../../core/decimal/decimal'
import { type Labeller, labeller } from '../../core/label/labeller'
import { type Surface, surfaces } from '../../core/surfaces'
import { recordedOf } from '../../core/label/context'
import { resolve } from '../../core/label/resolve'
import type { Plan, Value } from '../../core/label/types'
import { saidText } from '../../core/label/said'
import { amountOf, isFiniteAmount } from '../../core/label/value'
import { unitColumn } from '../../core/style/dependencies'
import type { FullStyle, Style } from '../../core/style/schemas'
import { type Speaker, speaker } from '../../core/text/spoken'
import { spokenPlan, spokenStyle } from '../../core/text/words'
import { titled } from '../page/numbers'
import { adjustedBy, type AdjustedParts, NONE_ADJUSTED, shownAs } from '../page/totals'
import { pageSnapshot } from '../page/snapshot'
import { fileStem } from '../names'
import { isSurface, type Level, styleOf, stylesIn } from '../quantities'
import type { Quantity } from '../study/quantity'
import { frozen } from './frozen'
import { type Asked, onColumn, onSurface, type Told } from './told'

/** What is written on a level of a quantity: its values, in order, and how. */
export interface Written extends Omit<Told, 'inCommon' | 'inRow'>, Required<Pick<Told, 'inRow'>> {
  readonly quantity: Quantity
  readonly level: Level
  readonly title: string
  /** A file name without its ending. */
  readonly stem: string
  readonly style: FullStyle
  readonly plan: Plan
  readonly writer: Labeller
  readonly say: Speaker
  /** As they stand, those by hand and adjusted ones among them, these without their sign. */
  readonly labels: readonly string[]
  /** What stands in the place of a unit that no row names; null where that is an error. */
  readonly lacking: string | null
}

/** A value as decimal text that keeps every digit; empty where it is missing. */
export function exactText(value: Value): string {
  const amount = amountOf(value)
  return amount === null ? '' : saidText(amount)
}

/**
 * The surface that a level is, where its page decides what is written there: a table writes the
 * column alone, since a page of a long one takes a while.
 */
const surfaceOf = (level: Level): Surface | null =>
  isSurface(level) && !surfaces[level].isByRow ? level : null

/** The styles whose tables are needed to write a level and to say its labels. */
export const stylesToWrite = ({
  document,
  quantity,
  level,
}: Pick<Asked, 'document' | 'quantity' | 'level'>): Style[] => [
  ...stylesIn({ ...document, quantities: [quantity] }),
  spokenStyle(styleOf(document, quantity, level)),
]

/** Which rows of its table a quantity shows, in words; empty where it shows all. */
export const rowsSaid = ({ quantity: { filter } }: Pick<Written, 'quantity'>): string =>
  filter ? `the rows that are shown, where ${filter.column} is ${filter.is.join(', ') || '…'}` : ''

/** Labels as the table lists them: a sign stands before those that are adjusted. */
export const listed = ({ labels, adjusted }: Pick<Written, 'labels' | 'adjusted'>): string[] =>
  labels.map((label, at) => shownAs(adjusted.get(at), label))
/** The number that a label says: another than its value where a part is adjusted. */
export function saidValue({ values, rows, adjusted, inRow }: Written, at: number): Value {
  const part = adjusted.get(at)
  return part ? inRow(toExactText(part.value), rows?.[at]) : values[at]
}

/** The parts of the total that are adjusted in the table, as the page does. */
function adjustedRows(
  { quantity }: Asked,
  { plan: own, style }: Pick<Written, 'plan' | 'style'>,
  told: Told,
): AdjustedParts {
  const { total, selected } = quantity
  if (total !== 'adjust') return NONE_ADJUSTED
  const { rows, inCommon, places } = told
  const ticked = new Set(selected)
  const plan = inCommon ? resolve(style, inCommon.context) : own
  const { values, context } = inCommon ?? told
  const parts = values.flatMap((value, at) => {
    const amount = amountOf(value)
    const isSummed = ticked.size === 0 || ticked.has(places?.[at] ?? at)
    return isSummed && isFiniteAmount(amount) ? [{ at, amount }] : []
  })
  const amounts = parts.map(({ amount }) => amount)
  const moved = adjustedBy({
    ...{ plan, recorded: recordedOf(context), values: amounts, total: sum(amounts) },
    rows: parts.map(({ at }) => rows?.[at]),
  })
  return new Map([...moved].map(([at, part]) => [parts[at]!.at, part]))
}

/**
 * A style with what all values share, decided in their common unit: in the units of their rows each
 * unit would decide for itself.
 */
const sharedBefore = (style: FullStyle, { inCommon }: Told): FullStyle =>
  inCommon && unitColumn(style) === null ? frozen(style, resolve(style, inCommon.context)) : style

/**
 * What is written on a level: the column, in the rows that are shown, for the quantity and the
 * table, and what the page shows for other surfaces.
 *
 * @throws ExportError where the page has no number to write
 */
export function writtenOn(asked: Asked): Written {
  const { document, quantity, dataset, level, cellsOf, regions } = asked
  const decidedStyle = styleOf(document, quantity, level)
  const given = { document, quantity, dataset, regions, cellsOf, size: null, machine: false }
  const surface = surfaceOf(level)
  const told = surface ? onSurface(pageSnapshot(given), surface) : onColumn(asked, decidedStyle)
  const style = sharedBefore(decidedStyle, told)
  const plan = resolve(style, told.context)
  const writer = labeller(plan)
  const isTable = level === 'quantity' || (isSurface(level) && surfaces[level].isByRow)
  const adjusted = isTable ? adjustedRows(asked, { plan, style }, told) : told.adjusted
  return {
    ...told,
    inRow: told.inRow ?? ((value) => value),
    quantity,
    level,
    lacking: asked.lacking ?? null,
    title: titled(quantity.title, plan),
    stem: fileStem([quantity.title, ...(level === 'quantity' ? [] : [level])].join(' '), 'labels'),
    style,
    plan,
    writer,
    say: speaker(plan, spokenPlan(plan, style, told.context)),
    labels: writer
      .labels(told.values, told.rows)
      .map((label, at) => told.hand.get(at) ?? adjusted.get(at)?.label ?? label),
    adjusted,
  }
}
