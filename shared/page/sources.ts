import type { Row } from '../../core/label/types'
import type { Decimal } from '../../core/decimal/decimal'
import type { Prose } from '../../core/text/prose'
import type { Drawing } from '../forms/types'
import type { ChartWishes } from '../study/chart'
import { type Agreed, markKey } from './agreed'
import { UNNAMED } from './rows'

/** The numbers of the marks that carry a label. */
export const markedOf = (drawing: Drawing | null): readonly Decimal[] =>
  drawing?.labelled.map((at) => drawing.groups[at]!.value) ?? []

/** The numbers of all marks. */
export const groupValues = (drawing: Drawing | null): readonly Decimal[] =>
  drawing?.groups.map(({ value }) => value) ?? []

/** What a category has as its cell. */
const cellOf = <Name>(name: Name | string): Name | string => (name === UNNAMED ? '' : name)

const NONE: Agreed = new Map()
/**
 * The cells of marks that cases look at: the category of each, its panel, and what all of its rows
 * have alike.
 *
 * @param places of the marks among the drawing's groups
 */
export function categoryRows(
  { category, panels }: Pick<ChartWishes, 'category' | 'panels'>,
  drawing: Drawing | null,
  places: readonly number[],
  agreed: Agreed | null = null,
): readonly Row[] | undefined {
  if (!drawing || (!category && !panels && !agreed)) return undefined
  const panelAt = (at: number) => drawing.panels.find((panel) => at < panel.to)?.name
  return places.map((at) => {
    const own = drawing.groups[at]!.category
    return {
      ...(agreed ?? NONE).get(markKey(own, panels ? panelAt(at) : null)),
      ...(category ? { [category]: cellOf(own) } : {}),
      ...(panels ? { [panels]: cellOf(panelAt(at)) } : {}),
    }
  })
}

/**
 * The cells beside the numbers of a chart that a message can put in: the category of the largest
 * and of the least. Over panels a category stands in several, and none is told.
 *
 * @param variables what the message can put in, the names of both among it
 */
export function besideOf(
  { category, panels }: Pick<ChartWishes, 'category' | 'panels'>,
  { largestName, leastName }: Prose['variables'],
  agreed: Agreed | null = null,
): Record<string, Row> {
  if (!category || panels || largestName === undefined || leastName === undefined) return {}
  const rowOf = (name: string): Row => ({
    ...agreed?.get(markKey(name, null)),
    [category]: cellOf(name),
  })
  return { largest: rowOf(String(largestName)), least: rowOf(String(leastName)) }
}
