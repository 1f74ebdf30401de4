import { SURFACES, type Surface } from '../../core/checks/types'
import { sum } from '../../core/decimal/arithmetic'
import { type Decimal, toExactText } from '../../core/decimal/decimal'
import { type Labeller, labeller } from '../../core/label/labeller'
import { type Context, type Regions, resolve } from '../../core/label/resolve'
import type { Plan, Row, Value } from '../../core/label/types'
import { columnsOf, endsDecide } from '../../core/style/columns'
import type { FullStyle } from '../../core/style/fields'
import { type Said, sayMessage } from '../../core/text/message'
import { type Cell, rowsBeside, styleOf } from '../quantities'
import { type DatasetMeta, type Quantity, type StudyDocument, type StyledPart } from '../study'
import { endsOf } from './columns'
import { type Drawing, drawingOf, withTexts } from './drawing'
import { binEdges } from './legend'
import { markTexts } from './marks'
import { type MessageId, messageOf, variablesOf } from './messages'
import { factsOf, proseOf } from './prose'
import { filteredRows, type Rows, rowsOf, wantedColumns } from './rows'
import { categoryRows, markedOf, sourcesOf, textsOf } from './sources'
import { type PlacedSubject, subjectsOf } from './subjects'

/** Where a page takes what it shows. */
export interface StillSources {
  readonly document: StudyDocument
  readonly quantity: Quantity
  readonly dataset: DatasetMeta
  /** The cells of a column of its data set. */
  readonly cellsOf: (name: string) => readonly Cell[]
  /** Tables of all regions that its styles name. */
  readonly regions: Regions
}
/** What stands on one surface. */
export interface StillSurface {
  readonly style: FullStyle
  readonly context: Context
  readonly plan: Plan
  readonly writer: Labeller
  /** Its values in order, and beside each the row that its case looks at. */
  readonly values: readonly Value[]
  readonly rows: readonly Row[] | undefined
}
/** The page of a quantity as it stands, all at once. */
export interface StillPage {
  readonly shown: readonly Surface[]
  readonly on: Readonly<Record<Surface, StillSurface>>
  readonly rows: Rows
  readonly drawing: Drawing
  readonly said: Readonly<Record<MessageId, Said>>
  readonly subjects: readonly PlacedSubject[]
}

/** The surfaces that are on the page. */
export const shownSurfaces = (
  { page }: Pick<StudyDocument, 'page'>,
  edges: readonly Decimal[],
): Surface[] =>
  SURFACES.filter(
    (surface) => !page?.without?.includes(surface) && (surface !== 'legend' || edges.length > 0),
  )

const byName = <Key extends string, Value>(keys: readonly Key[], of: (key: Key) => Value) =>
  Object.fromEntries(keys.map((key) => [key, of(key)])) as Record<Key, Value>

/** The total that stands under the table where nothing was done about what its parts miss, and what it sums. */
function summedOf(
  { total, selected }: Quantity,
  { places, values }: Rows,
): { total?: Decimal; selection?: number[] } {
  if ((total ?? 'plain') !== 'plain' || (total === undefined && !selected?.length)) return {}
  const ticked = new Set(selected)
  const selection = places.flatMap((row, at) => (values[at] && ticked.has(row) ? [at] : []))
  const isAll = selection.length === 0
  return {
    total: sum(
      isAll ? values.filter((value) => value !== null) : selection.map((at) => values[at]!),
    ),
    ...(isAll ? {} : { selection }),
  }
}

/**
 * Works the page of a quantity out at once, as the desk does bit by bit: what each surface writes,
 * and what is checked of it. What hangs on pixels, whether labels have room, is not known here.
 *
 * @throws StyleError where a style cannot be resolved
 * @returns null where there is no number to show
 */
export function stillPage({
  document,
  quantity,
  dataset,
  cellsOf,
  regions,
}: StillSources): StillPage | null {
  const { chart, ticks } = quantity
  const { all, filtering } = rowsOf(wantedColumns(quantity, dataset), cellsOf)
  const rows = filteredRows(all, filtering, quantity.filter)
  const drawing = drawingOf(chart, ticks, rows)
  if (!drawing) return null
  const whole = rows === all ? drawing : drawingOf(chart, ticks, all)
  const edges = chart.shaded ? binEdges(drawing.groups.map(({ value }) => value)) : []
  const ends = textsOf(endsOf(all.values))
  const tableStyle = styleOf(document, quantity, 'table')
  const sides = rowsBeside(columnsOf(tableStyle).map((name) => [name, cellsOf(name)]))
  const sources = sourcesOf({
    chart: () => chart,
    whole: () => whole,
    edges: () => edges,
    ends: () => ends,
    tableValues: () => (endsDecide(tableStyle) ? ends : all.cells),
    sides: () => sides,
  })

  const written = byName(SURFACES, (surface) => {
    const style = styleOf(document, quantity, surface)
    const context: Context = {
      ...regions,
      values: sources[surface].values(),
      rows: sources[surface].rows(),
      recorded: quantity.recorded,
    }
    const plan = resolve(style, context)
    return { style, context, plan, writer: labeller(plan) }
  })
  const facts = factsOf(quantity, dataset, rows)
  const called = drawing.groups.find(({ category }) => category === chart.callout?.at)
  const say = (
    id: MessageId,
    surface: 'headline' | 'sentence',
    more: Record<string, Decimal | string> = {},
  ): Said =>
    sayMessage(
      messageOf(quantity, id),
      proseOf({
        document,
        quantity,
        dataset,
        id,
        facts,
        regions,
        variables: { ...variablesOf(drawing, rows.values), ...more },
        style: written[surface].style,
        own: (value) => written[surface].writer.label(toExactText(value)),
      }),
    )
  const said = {
    headline: say('headline', 'headline'),
    sentence: say('sentence', 'sentence'),
    callout: say('callout', 'sentence', called && { name: called.category, value: called.value }),
  }

  const groups = drawing.groups.map(({ value }) => value)
  const tableRows = sides && (rows === all ? sides : rows.places.map((at) => sides[at]!))
  const markRows = categoryRows(chart, drawing, drawing.labelled)
  const tipRows = categoryRows(
    chart,
    drawing,
    groups.map((_, at) => at),
  )
  const tickTexts = textsOf(drawing.ticks.values)
  const shows: Readonly<Record<Surface, Pick<StillSurface, 'values' | 'rows'>>> = {
    axis: { values: tickTexts, rows: undefined },
    marks: { values: textsOf(markedOf(drawing)), rows: markRows },
    table: { values: rows.cells, rows: tableRows },
    tooltip: { values: textsOf(groups), rows: tipRows },
    legend: { values: textsOf(edges), rows: undefined },
    headline: { values: textsOf(said.headline.numbers), rows: undefined },
    sentence: { values: textsOf(said.sentence.numbers), rows: undefined },
  }
  const on = byName(SURFACES, (surface) => ({ ...written[surface], ...shows[surface] }))
  const shown = shownSurfaces(document, edges)
  const styleOfPart = (part: StyledPart) => styleOf(document, quantity, part)
  const subjects = subjectsOf({
    quantity,
    dataset,
    readers: document.readers,
    shown,
    on: byName(SURFACES, (surface) => ({ style: on[surface].style, context: on[surface].context })),
    drawing,
    column: rows.cells,
    tableRows,
    markRows,
    tipRows,
    edges,
    tickLabels: withTexts(on.axis.writer.labels(tickTexts), ticks.labels),
    beside: markTexts(drawing, chart, styleOfPart, on.marks.context, markRows),
    changeStyle: chart.partStyles?.change && styleOfPart('change'),
    summed: summedOf(quantity, rows),
    said,
    hasCallout: called !== undefined,
  })
  return { shown, on, rows, drawing, said, subjects }
}
