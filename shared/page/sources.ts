import type { Surface } from '../../core/checks/types'
import { type Decimal, toExactText } from '../../core/decimal/decimal'
import type { Plan, Row, Value } from '../../core/label/types'
import type { ChartWishes } from '../study'
import type { Drawing } from './drawing'
import { UNNAMED } from './rows'

export const textsOf = (values: readonly Decimal[]): string[] => values.map(toExactText)
/** A title with rung and unit, where the labels do not say them. */
export const titled = (title: string | undefined, plan: Pick<Plan, 'title'>): string =>
  [title, plan.title].filter(Boolean).join(', ')
/** The numbers of the marks that carry a label. */
export const markedOf = (drawing: Drawing | null): readonly Decimal[] =>
  drawing?.labelled.map((at) => drawing.groups[at]!.value) ?? []

/** The cells of marks that cases look at: the category of each, and its panel. */
export function categoryRows(
  { category, panels }: Pick<ChartWishes, 'category' | 'panels'>,
  drawing: Drawing | null,
  places: readonly number[],
): readonly Row[] | undefined {
  if (!drawing || (!category && !panels)) return undefined
  const panelAt = (at: number) => drawing.panels.find((panel) => at < panel.to)?.name
  const cellOf = (name: string | null | undefined) => (name === UNNAMED ? '' : name)
  return places.map((at) => ({
    ...(category ? { [category]: cellOf(drawing.groups[at]!.category) } : {}),
    ...(panels ? { [panels]: cellOf(panelAt(at)) } : {}),
  }))
}

/** What decides the labels of a surface besides its style: values that share a rung, and rows that cases look at. */
export interface SurfaceSource {
  readonly values: () => Iterable<Value>
  readonly rows: () => readonly Row[] | undefined
}

/** What a page shows, asked for as it is needed. `whole` is what all rows would draw: a filter changes no unit that is shared. */
export interface ShownNow {
  chart(): Pick<ChartWishes, 'category' | 'panels'>
  whole(): Drawing | null
  edges(): readonly Decimal[]
  /** The least and the largest of all rows. */
  ends(): readonly string[]
  /** What the table's rungs are shared over. */
  tableValues(): readonly Value[]
  /** The rows of the data set with the columns that cases look at. */
  sides(): readonly Row[] | undefined
}

/** The source of each surface. */
export function sourcesOf({
  chart,
  whole,
  edges,
  ends,
  tableValues,
  sides,
}: ShownNow): Readonly<Record<Surface, SurfaceSource>> {
  const none = () => undefined
  const groups = () => whole()?.groups.map(({ value }) => value) ?? []
  const said = () => [...textsOf(markedOf(whole())), ...ends()]
  return {
    axis: { values: () => textsOf(whole()?.ticks.values ?? []), rows: none },
    marks: {
      values: () => textsOf(markedOf(whole())),
      rows: () => categoryRows(chart(), whole(), whole()?.labelled ?? []),
    },
    table: { values: tableValues, rows: sides },
    tooltip: {
      values: () => textsOf(groups()),
      rows: () =>
        categoryRows(
          chart(),
          whole(),
          groups().map((_, at) => at),
        ),
    },
    legend: { values: () => textsOf(edges()), rows: none },
    headline: { values: said, rows: none },
    sentence: { values: said, rows: none },
  }
}
