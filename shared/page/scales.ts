import type { Room, Subject } from '../../core/checks/types'
import { extent } from '../../core/data/extent'
import type { Decimal } from '../../core/decimal/decimal'
import type { Row } from '../../core/label/types'
import type { Drawing, Panel } from '../forms/types'

/** Whether the panels of a drawing have an axis each. */
export const hasOwnScales = ({ panels }: Pick<Drawing, 'panels'>): boolean =>
  panels.some(({ scale }) => scale !== null)

/** A list of each axis of a drawing: one for all panels, or one for each. */
const ofEachAxis = <One>(
  drawing: Drawing,
  of: (axis: { ticks: Drawing['ticks']; panel: Panel | null }) => One,
): One[] =>
  hasOwnScales(drawing)
    ? drawing.panels.map((panel) => of({ ticks: panel.scale!.ticks, panel }))
    : [of({ ticks: drawing.ticks, panel: null })]

/** The values of all ticks, of one axis after the other. */
export const tickValues = (drawing: Drawing): Decimal[] =>
  ofEachAxis(drawing, ({ ticks }) => ticks.values).flat()

/** Where the ticks of each panel's axis begin among all of them. */
export function firstTicks(drawing: Drawing): number[] {
  let first = 0
  return drawing.panels.map(({ scale }) => {
    const own = first
    first += scale?.ticks.values.length ?? 0
    return own
  })
}

/**
 * The rows that ticks stand for: of a panel with its own axis, the cell that names the panel.
 *
 * @param column whose values the panels are
 * @returns undefined where one axis is for all
 */
export const tickRows = (drawing: Drawing, column: string | undefined): Row[] | undefined =>
  column === undefined || !hasOwnScales(drawing)
    ? undefined
    : ofEachAxis(drawing, ({ ticks, panel }) =>
        ticks.values.map(() => ({ [column]: panel!.name })),
      ).flat()

/** The least and the largest number that is drawn. */
export function drawnEnds({ groups }: Pick<Drawing, 'groups'>): Subject['data'] {
  const [least, largest] = extent(groups.map(({ value }) => value))
  return least && largest && [least, largest]
}

/** What is checked of one axis beside those of other panels. */
export interface AxisPart extends Pick<Subject, 'rows' | 'data' | 'step' | 'room'> {
  readonly values: readonly Decimal[]
}

/**
 * What is checked of each axis; undefined where one axis is for all panels.
 *
 * @param rows that the ticks of all axes stand for
 * @param rooms of each panel's axis, where they are laid out
 * @param stepOf the step of an axis, where it has one
 */
export function axisParts(
  drawing: Drawing,
  rows: readonly Row[] | undefined,
  rooms: readonly (Room | undefined)[],
  stepOf: (ticks: Drawing['ticks']) => Decimal | undefined,
): AxisPart[] | undefined {
  if (!hasOwnScales(drawing)) return undefined
  const first = firstTicks(drawing)
  return drawing.panels.map(({ scale, from, to }, at) => {
    const { ticks } = scale!
    return {
      values: ticks.values,
      rows: rows?.slice(first[at], first[at]! + ticks.values.length),
      data: drawnEnds({ groups: drawing.groups.slice(from, to) }),
      step: stepOf(ticks),
      room: rooms[at],
    }
  })
}
