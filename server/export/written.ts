import { fitsDouble } from '../../core/decimal/arithmetic'
import { type Decimal, toNumber, toText } from '../../core/decimal/decimal'
import { type Labeller, labeller } from '../../core/label/labeller'
import { type Context, type Regions, resolve } from '../../core/label/resolve'
import type { Plan, Row, Value } from '../../core/label/types'
import { saidText } from '../../core/label/said'
import { amountOf } from '../../core/label/value'
import { joinRegions } from '../../core/locale/needs'
import { columnsOf } from '../../core/style/columns'
import type { FullStyle, Style } from '../../core/style/schemas'
import { type Speaker, speaker } from '../../core/text/spoken'
import { spokenPlan, spokenStyle } from '../../core/text/words'
import { titled } from '../../shared/page/sources'
import { stillPage } from '../../shared/page/still'
import { fileStem } from '../../shared/names'
import {
  type Cell,
  type Level,
  isPart,
  rowsBeside,
  styleOf,
  stylesIn,
} from '../../shared/quantities'
import type { DatasetMeta, Quantity, StudyDocument } from '../../shared/study'
import { columnCells } from '../db/columns'
import type { Db } from '../db/database'
import { ExportError } from './prove'
import type { ReadRuntime } from './runtime'

/** Where an export takes what it is made of. */
export interface Sources {
  readonly runtime: ReadRuntime
  regionsFor(style: Style): Promise<Regions>
}
/** What an export is asked for. */
export interface Asked {
  readonly document: StudyDocument
  readonly datasets: readonly DatasetMeta[]
  readonly quantity: Quantity
  readonly level: Level
}
/** What is written on a level of a quantity: its values, in order, and how. */
export interface Written {
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
  readonly labels: readonly string[]
  /** Columns of text that stand before the values. */
  readonly names: readonly { readonly title: string; readonly cells: readonly string[] }[]
  /** The ticks with their labels, of an axis. */
  readonly ticks: readonly { readonly value: Value; readonly label: string }[] | null
}

/** A value as decimal text that keeps every digit; empty where it is missing. */
export function exactText(value: Value): string {
  const amount = amountOf(value)
  return amount === null ? '' : saidText(amount)
}
/** A value as a program takes it: a double where that is the same number, else text. */
const asNumber = (value: Decimal): Value => (fitsDouble(value) ? toNumber(value) : toText(value))

/**
 * What is written on a level: all cells of the column for the quantity and the table, and what the
 * page shows for other surfaces.
 *
 * @throws ExportError where the page has no number to write
 */
export async function writtenOn(
  db: Db,
  { document, datasets, quantity, level }: Asked,
  sources: Sources,
): Promise<Written> {
  const dataset = datasets.find(({ id }) => id === quantity.datasetId)!
  const cellsOf = (name: string): Cell[] => columnCells(db, quantity.datasetId, name)
  const style = styleOf(document, quantity, level)
  const regions = joinRegions(
    await Promise.all(
      [...stylesIn({ ...document, quantities: [quantity] }), spokenStyle(style)].map((one) =>
        sources.regionsFor(one),
      ),
    ),
  )
  const surface =
    level === 'quantity' || level === 'house' || isPart(level) || level === 'table' ? null : level
  // The column alone is written there; a page of a long one takes a while.
  const page = surface && stillPage({ document, quantity, dataset, cellsOf, regions })
  if (surface && !page)
    throw new ExportError('The page shows no number; choose other rows, or another quantity.')
  const shown = surface && page!.on[surface]
  const values: readonly Value[] = shown ? shown.values : cellsOf(quantity.column)
  const rows = shown
    ? shown.rows
    : rowsBeside(columnsOf(style).map((name) => [name, cellsOf(name)]))
  const context: Context = shown
    ? shown.context
    : { ...regions, values, rows, recorded: quantity.recorded }
  const plan = resolve(style, context)
  const writer = labeller(plan)
  const categories =
    page && quantity.chart.category !== null
      ? page.drawing.groups.map(({ category }) => category)
      : null
  const named: Partial<Record<Level, readonly string[] | null>> = {
    marks: categories && page!.drawing.labelled.map((at) => categories[at]!),
    tooltip: categories,
  }
  const texts = shown
    ? [{ title: quantity.chart.category ?? '', cells: named[level] ?? [] }]
    : dataset.columns
        .filter(({ kind }) => kind === 'text')
        .map(({ name }) => ({
          title: name,
          cells: cellsOf(name).map((cell) => String(cell ?? '')),
        }))
  const labels = writer.labels(values, rows)
  return {
    title: titled(quantity.title, plan),
    stem: fileStem([quantity.title, ...(level === 'quantity' ? [] : [level])].join(' '), 'labels'),
    style,
    context,
    plan,
    writer,
    say: speaker(plan, spokenPlan(plan, style, context)),
    values,
    rows,
    labels,
    names: texts.filter(({ cells }) => cells.length > 0),
    ticks:
      level === 'axis'
        ? page!.drawing.ticks.values.map((value, at) => ({
            value: asNumber(value),
            label: labels[at]!,
          }))
        : null,
  }
}
