import { sum } from '../../core/decimal/arithmetic'
import type { Decimal } from '../../core/decimal/decimal'
import { type Labeller, labeller } from '../../core/label/labeller'
import type { Surface } from '../../core/checks/types'
import { type Context, recordedIn } from '../../core/label/context'
import { resolve } from '../../core/label/resolve'
import type { Regions } from '../../core/label/region'
import type { Plan, Row, Value } from '../../core/label/types'
import { saidText } from '../../core/label/said'
import { amountOf, isFiniteAmount } from '../../core/label/value'
import { columnsOf } from '../../core/style/dependencies'
import type { FullStyle, Style } from '../../core/style/schemas'
import { type Speaker, speaker } from '../../core/text/spoken'
import type { Prose } from '../../core/text/prose'
import { spokenPlan, spokenStyle } from '../../core/text/words'
import { titled } from '../page/numbers'
import { ADJUSTED, adjustedBy } from '../page/totals'
import { placesShown } from '../page/rows'
import { pageSnapshot } from '../page/snapshot'
import type { PageValues } from '../page/values'
import { fileStem } from '../names'
import { type Cell, type Level, isPart, rowsBeside, styleOf, stylesIn } from '../quantities'
import type { DatasetMeta } from '../study/dataset'
import type { Quantity } from '../study/quantity'
import type { StudyDocument } from '../study/document'
import { ExportError } from './prove'

/** What an export is asked for. */
export interface Asked {
  readonly document: StudyDocument
  readonly quantity: Quantity
  readonly dataset: DatasetMeta
  readonly level: Level
  /** The cells of a column of the data set. */
  readonly cellsOf: (name: string) => Cell[]
  /** Tables of what `stylesToWrite` gives. */
  readonly regions: Regions
  /**
   * What stands in the place of the unit where a label lacks the row that names it; null where that
   * is an error.
   */
  readonly lacking?: string | null
}
/** What is written on a level of a quantity: its values, in order, and how. */
export interface Written {
  readonly quantity: Quantity
  readonly level: Level
  readonly title: string
  /** A file name without its ending. */
  readonly stem: string
  readonly style: FullStyle
  readonly context: Context
  readonly plan: Plan
  readonly writer: Labeller
  readonly say: Speaker
  readonly values: readonly Value[]
  readonly rows: readonly Row[] | undefined
  /** As they stand, those by hand among them. */
  readonly labels: readonly string[]
  /** Ticks that somebody wrote by hand, by their places. */
  readonly hand: ReadonlyMap<number, string>
  /** Labels that are moved so that all parts add up, by their places, without their sign. */
  readonly adjusted: ReadonlyMap<number, string>
  /** Columns of text that stand before the values. */
  readonly names: readonly { readonly title: string; readonly cells: readonly string[] }[]
  /** The ticks of an axis. */
  readonly ticks: readonly Decimal[] | null
  /** What stands in the place of a unit that no row names; null where that is an error. */
  readonly lacking: string | null
  /** The message that stands there, what it is written from, and what it says. */
  readonly message: WrittenMessage | null
}
interface WrittenMessage {
  readonly source: string
  readonly prose: Prose
  readonly text: string
}

/** A value as decimal text that keeps every digit; empty where it is missing. */
export function exactText(value: Value): string {
  const amount = amountOf(value)
  return amount === null ? '' : saidText(amount)
}

type Told = Pick<
  Written,
  'adjusted' | 'context' | 'hand' | 'message' | 'names' | 'rows' | 'ticks' | 'values'
>
const NONE: ReadonlyMap<number, string> = new Map()

/** The cells of the column in the rows that are shown, beside the columns of text. */
function onColumn(
  quantity: Quantity,
  dataset: DatasetMeta,
  {
    style,
    regions,
    cellsOf,
  }: { style: FullStyle; regions: Regions; cellsOf: (name: string) => Cell[] },
): Told {
  const kept = placesShown(quantity.filter, cellsOf)
  const shown = (name: string): Cell[] => {
    const cells = cellsOf(name)
    return kept ? kept.map((at) => cells[at]!) : cells
  }
  const values = shown(quantity.column)
  const rows = rowsBeside(columnsOf(style).map((name) => [name, shown(name)]))
  const texts = dataset.columns.filter(({ kind }) => kind === 'text')
  return {
    values,
    rows,
    context: { ...regions, values, rows, ...recordedIn(quantity) },
    names: texts.map(({ name }) => ({
      title: name,
      cells: shown(name).map((cell) => String(cell ?? '')),
    })),
    ...{ ticks: null, message: null, hand: NONE, adjusted: NONE },
  }
}

/** The message of a surface that is prose; null where nothing is said, or not all of it can be. */
function messageOn(page: Readonly<PageValues>, surface: Surface): WrittenMessage | null {
  if (surface !== 'headline' && surface !== 'sentence') return null
  const { text, problems } = page[`said.${surface}`]
  if (text === '' || problems.length > 0) return null
  return { source: page[`source.${surface}`], prose: page[`prose.${surface}`], text }
}

/** What stands by hand in the place of a tick's label. */
function handOn({ styledTicks, tickLabels }: Readonly<PageValues>): ReadonlyMap<number, string> {
  return new Map(
    styledTicks.flatMap((label, at) => {
      const text = tickLabels[at]!
      return text === label ? [] : [[at, text] as const]
    }),
  )
}
/** Labels of marks that were moved as the parts in the table are, without their sign. */
const movedOn = ({ adjustedMarks }: Readonly<PageValues>): ReadonlyMap<number, string> =>
  new Map([...adjustedMarks].map(([at, label]) => [at, label.slice(ADJUSTED.length)]))

/** What the page shows on a surface, beside the categories of its marks. */
function onSurface(page: Readonly<PageValues>, surface: Surface): Told {
  const { drawing, chart } = page
  if (!drawing)
    throw new ExportError('The page shows no number; choose other rows, or another quantity.')
  const places: Partial<Record<Surface, readonly number[]>> = {
    marks: drawing.labelled,
    tooltip: [...drawing.groups.keys()],
  }
  const cells = places[surface]?.map((at) => drawing.groups[at]!.category)
  const { values, rows } = page[`shows.${surface}`]
  return {
    values,
    rows,
    context: page[`context.${surface}`],
    names: cells && chart.category !== null ? [{ title: chart.category, cells }] : [],
    ticks: surface === 'axis' ? drawing.ticks.values : null,
    message: messageOn(page, surface),
    hand: surface === 'axis' ? handOn(page) : NONE,
    adjusted: surface === 'marks' ? movedOn(page) : NONE,
  }
}

/**
 * The surface that a level is, where its page decides what is written there: a table writes the
 * column alone, since a page of a long one takes a while.
 */
const surfaceOf = (level: Level): Surface | null =>
  level === 'quantity' || level === 'house' || isPart(level) || level === 'table' ? null : level

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

/** Labels as the table lists them: a sign stands before those that it moves. */
export const listed = ({ labels, adjusted }: Pick<Written, 'labels' | 'adjusted'>): string[] =>
  labels.map((label, at) => (adjusted.has(at) ? ADJUSTED + adjusted.get(at)! : label))

/** What a table that adds all of its rows up moves, as the page does. */
function adjustedIn(
  { quantity }: Asked,
  plan: Plan,
  { values, rows }: Told,
): ReadonlyMap<number, string> {
  const { total, selected } = quantity
  if (total !== 'adjust' || (selected?.length ?? 0) > 0) return NONE
  const parts = values.flatMap((value, at) => {
    const amount = amountOf(value)
    return isFiniteAmount(amount) ? [{ at, amount }] : []
  })
  const amounts = parts.map(({ amount }) => amount)
  const moved = adjustedBy({
    ...{ plan, recorded: recordedIn(quantity), values: amounts, total: sum(amounts) },
    rows: parts.map(({ at }) => rows?.[at]),
  })
  return new Map([...moved].map(([part, label]) => [parts[part]!.at, label]))
}

/**
 * What is written on a level: the column, in the rows that are shown, for the quantity and the
 * table, and what the page shows for other surfaces.
 *
 * @throws ExportError where the page has no number to write
 */
export function writtenOn(asked: Asked): Written {
  const { document, quantity, dataset, level, cellsOf, regions } = asked
  const style = styleOf(document, quantity, level)
  const given = { document, quantity, dataset, regions, cellsOf, size: null, machine: false }
  const surface = surfaceOf(level)
  const told = surface
    ? onSurface(pageSnapshot(given), surface)
    : onColumn(quantity, dataset, { style, regions, cellsOf })
  const plan = resolve(style, told.context)
  const writer = labeller(plan)
  const isTable = level === 'table' || level === 'quantity'
  return {
    ...told,
    quantity,
    level,
    lacking: asked.lacking ?? null,
    title: titled(quantity.title, plan),
    stem: fileStem([quantity.title, ...(level === 'quantity' ? [] : [level])].join(' '), 'labels'),
    style,
    plan,
    writer,
    say: speaker(plan, spokenPlan(plan, style, told.context)),
    labels: writer.labels(told.values, told.rows).map((label, at) => told.hand.get(at) ?? label),
    adjusted: isTable ? adjustedIn(asked, plan, told) : told.adjusted,
  }
}
