import type { Row } from '../../core/label/types'
import type { Decimal } from '../../core/decimal/decimal'
import type { Drawing } from '../forms/types'
import type { ChartWishes } from '../study/chart'
import { UNNAMED } from './rows'

/** The numbers of the marks that carry a label. */
export const markedOf = (drawing: Drawing | null): readonly Decimal[] =>
  drawing?.labelled.map((at) => drawing.groups[at]!.value) ?? []

/** The numbers of all marks. */
export const groupValues = (drawing: Drawing | null): readonly Decimal[] =>
  drawing?.groups.map(({ value }) => value) ?? []

/**
 * The cells of marks that cases look at: the category of each, and its panel.
 *
 * @param places of the marks among the drawing's groups
 */
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
