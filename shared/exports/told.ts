import { NONE_BY_HAND } from '../page/surfaces/usual'
import { isProsaic } from '../page/messages'
import { pageSurfaces } from '../page/surfaces'
import type { Surface } from '../../core/surfaces'
import type { Decimal } from '../../core/decimal/decimal'
import type { Context } from '../../core/label/context'
import type { Regions } from '../../core/label/region'
import type { Row, Value } from '../../core/label/types'
import { columnsOf } from '../../core/style/dependencies'
import type { FullStyle } from '../../core/style/schemas'
import type { Prose } from '../../core/text/prose'
import { columnInCommon, inUnitOfRow, recordedInCommon, withUnits } from '../page/commonUnit'
import { placesShown } from '../page/rows'
import { type AdjustedParts, NONE_ADJUSTED } from '../page/totals'
import type { PageValues } from '../page/values'
import { type Cell, type Level, rowsBeside } from '../quantities'
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
export interface WrittenMessage {
  readonly source: string
  readonly prose: Prose
  readonly text: string
}

/** What stands on a level: its values in order, and what they are written with. */
export interface Told {
  readonly context: Context
  readonly values: readonly Value[]
  readonly rows: readonly Row[] | undefined
  /** Ticks that somebody wrote by hand, by their places. */
  readonly hand: ReadonlyMap<number, string>
  /** Parts whose labels are adjusted so that all add up, by their places. */
  readonly adjusted: AdjustedParts
  /** The rows that are shown of a column, by their places in it; absent where all are. */
  readonly places?: readonly number[]
  /** Columns of text that stand before the values. */
  readonly names: readonly { readonly title: string; readonly cells: readonly string[] }[]
  /** The ticks of an axis. */
  readonly ticks: readonly Decimal[] | null
  /** The message that stands there, what it is written from, and what it says. */
  readonly message: WrittenMessage | null
  /** The values in the common unit of their rows, with the context that writes them. */
  readonly inCommon?: Pick<Told, 'context' | 'values'>
  /** A value of the page as a program has it: in the unit that its row names. */
  readonly inRow?: (value: Value, row?: Row) => Value
}

/**
 * The columns that labels look at: those of the style, and that of the units where values are in the
 * units of their rows.
 */
export const columnsLookedAt = ({
  style,
  context,
}: {
  readonly style: FullStyle
  readonly context: Context
}): string[] => [
  ...new Set([
    ...columnsOf(style),
    ...(context.units?.valuesIn === 'row' ? [context.units.column] : []),
  ]),
]

/** The cells of the column in the rows that are shown, beside the columns of text. */
export function onColumn(
  { document, quantity, dataset, regions, cellsOf }: Asked,
  style: FullStyle,
): Told {
  const kept = placesShown(quantity.filter, cellsOf)
  const pick = <One>(all: readonly One[]): One[] => (kept ? kept.map((at) => all[at]!) : [...all])
  const shown = (name: string): Cell[] => (kept ? pick(cellsOf(name)) : cellsOf(name))
  const { rates } = document
  const names = new Set(dataset.columns.map(({ name }) => name))
  const { cells, common, recorded } = columnInCommon(
    withUnits(document, quantity),
    rates,
    (name) => (names.has(name) ? cellsOf(name) : undefined),
  )!
  const values = shown(quantity.column)
  const own = { ...regions, ...recordedInCommon(quantity, common, rates, 'row') }
  const looked = columnsLookedAt({ style, context: own })
  const rows = rowsBeside(looked.map((name) => [name, shown(name)]))
  const texts = dataset.columns.filter(({ kind }) => kind === 'text')
  const inCommon = common && pick(cells)
  return {
    values,
    rows,
    ...(kept && { places: kept }),
    context: { ...own, values, rows },
    ...(inCommon && {
      inCommon: { values: inCommon, context: { ...regions, ...recorded, values: inCommon, rows } },
    }),
    names: texts.map(({ name }) => ({
      title: name,
      cells: shown(name).map((cell) => String(cell ?? '')),
    })),
    ...{ ticks: null, message: null, hand: NONE_BY_HAND, adjusted: NONE_ADJUSTED },
  }
}

/** The message of a surface that is prose; null where nothing is said, or not all of it can be. */
function messageOn(page: Readonly<PageValues>, surface: Surface): WrittenMessage | null {
  if (!isProsaic(surface)) return null
  const { text, problems } = page[`said.${surface}`]
  if (text === '' || problems.length > 0) return null
  return { source: page[`source.${surface}`], prose: page[`prose.${surface}`], text }
}

/**
 * The values of a surface as a program has them: each in the unit that its row names, of a mark over
 * rows of several units in the common one.
 */
function inUnitsOfRows(
  page: Readonly<PageValues>,
  surface: Surface,
): Pick<Told, 'values' | 'rows' | 'context' | 'inCommon' | 'inRow'> {
  const { values, rows } = page[`shows.${surface}`]
  const context = page[`context.${surface}`]
  const { common } = page
  if (!common || !rows) return { values, rows, context }
  const named = (one: readonly Row[] | undefined) =>
    one?.map((row) => ({ ...row, [common.column]: row[common.column] ?? common.unit }))
  const inRow = (value: Value, row?: Row) => inUnitOfRow(common, value, row, page.recorded)
  const shared = [...(context.values ?? [])]
  return {
    values: values.map((value, at) => inRow(value, rows[at])),
    rows: named(rows),
    inCommon: { values, context },
    inRow,
    context: {
      ...context,
      values: shared.map((value, at) => inRow(value, context.rows?.[at])),
      rows: named(context.rows),
      units: { column: common.column, valuesIn: 'row' },
    },
  }
}

/** What the page shows on a surface, beside the categories of its marks. */
export function onSurface(page: Readonly<PageValues>, surface: Surface): Told {
  const { drawing, chart } = page
  if (!drawing)
    throw new ExportError('The page shows no number; choose other rows, or another quantity.')
  const { marks, ticks, byHand, adjusted } = pageSurfaces[surface]
  const cells = marks?.(drawing).map((at) => drawing.groups[at]!.category)
  return {
    ...inUnitsOfRows(page, surface),
    names: cells && chart.category !== null ? [{ title: chart.category, cells }] : [],
    ticks: ticks(drawing),
    message: messageOn(page, surface),
    hand: byHand(page),
    adjusted: adjusted(page),
  }
}
