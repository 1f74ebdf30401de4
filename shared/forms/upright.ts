import { scaleLinear, scalePoint } from 'd3-scale'
import { line } from 'd3-shape'
import type { Drawing, Frame, Geometry, LabelSpot, NamePlace, Shape } from './types'
import {
  areCutAlike,
  BARE,
  LEADING,
  NAME_CHARACTER,
  placesAlong,
  type AlongAxis,
  TITLE,
  TO_BASELINE,
} from './places'

const RIGHT = 8
const MOST_NAME = 12

/** How marks stand beside each other. */
export interface Across {
  middle(at: number): number
  /** From one mark to the next, in CSS pixels. */
  readonly step: number
  /**
   * Characters of which a name must show some; where names have less room, only every second, third
   * … is written.
   */
  readonly needs: number
}
/** Where an upright chart has its room. */
export interface Plot {
  readonly left: number
  readonly right: number
  readonly places: readonly number[]
  y(along: number): number
  readonly along: AlongAxis
}
/** What a form says of its own marks. */
export interface UprightMarks {
  readonly across: Across
  readonly shapes: readonly Shape[]
  readonly labels: readonly LabelSpot[]
  readonly line?: string | null
  readonly area?: string | null
}

/** Marks at points, as far apart as there is room. */
export function acrossPoints({ left, right, places }: Plot, { groups }: Drawing): Across {
  const point = scalePoint<number>()
    .domain(places)
    .range([left + 10, right - 10])
    .padding(places.length === 1 ? 0.5 : 0)
  const longest = Math.min(MOST_NAME, Math.max(...groups.map(({ category }) => category.length)))
  return {
    middle: (at) => point(at)!,
    step: Math.max(1, point.step()),
    needs: (longest + 1) * NAME_CHARACTER,
  }
}

/** Dots at points, each with its label above; at the ends a label keeps within the chart. */
export function dotsAt(
  plot: Plot,
  across: Across,
): Pick<UprightMarks, 'across' | 'shapes' | 'labels'> {
  const { along, left, right, y } = plot
  const label = (value: number, at: number): LabelSpot => ({
    x: Math.min(Math.max(across.middle(at), left + 24), right - 24),
    y: y(value) - 9,
    anchor: 'middle',
    rises: true,
  })
  return {
    across,
    shapes: along.marks.map((value, at) => ({ kind: 'dot', x: across.middle(at), y: y(value) })),
    labels: along.marks.map(label),
  }
}
/** The places of dots, for what joins them. */
export const spotsOf = ({ along, y }: Plot, { middle }: Across): [number, number][] =>
  along.marks.map((value, at) => [middle(at), y(value)])

const charactersIn = (pixels: number): number => Math.floor(pixels / NAME_CHARACTER)
/** How marks are named: every so many of them, and whether by the ends of their names. */
interface Naming {
  readonly every: number
  readonly byEnd: boolean
}
/**
 * All marks that have room are named; of names that would be cut until they read alike, as many as
 * can stand in full, where that is several, and all by their ends where it is not.
 */
function namingOf(drawing: Drawing, { needs, step }: Across): Naming {
  const own = Math.max(1, Math.ceil(needs / step))
  if (!areCutAlike(drawing, charactersIn(step * own))) return { every: own, byEnd: false }
  const longest = Math.max(...drawing.groups.map(({ category }) => category.length))
  const every = Math.max(own, Math.ceil(((longest + 1) * NAME_CHARACTER) / step))
  return every > drawing.groups.length / 2 ? { every: own, byEnd: true } : { every, byEnd: false }
}

/** Lays a chart out whose axis stands upright at the left. */
export function upright(
  drawing: Drawing,
  frame: Frame,
  marksIn: (plot: Plot) => UprightMarks,
): Geometry {
  const { width, height, fontSize, left, lines, second } = frame
  const along = placesAlong(drawing)
  const lineHeight = fontSize * LEADING
  const right = width - (second?.room ?? RIGHT)
  const y = scaleLinear().range([height - 2 * lineHeight - 8, TITLE + lines * lineHeight + 6])
  const plot: Plot = { left, right, places: drawing.groups.map((_, at) => at), y, along }
  const { across, shapes, labels, ...joined } = marksIn(plot)
  const { every, byEnd } = namingOf(drawing, across)
  const nameAt = (at: number): NamePlace => {
    const room = Math.max(4, charactersIn(across.step * every))
    const half = (Math.min(room, drawing.groups[at]!.category.length) * NAME_CHARACTER) / 2
    const x =
      every > 1 ? Math.max(half, Math.min(across.middle(at), width - half)) : across.middle(at)
    return { at, x, y: height - lineHeight - 6, anchor: 'middle', room, lines: 2, byEnd }
  }
  const secondLine = line<number | null>()
    .defined((value) => value !== null)
    .x((_, at) => across.middle(at))
    .y((value) => y(value!))
  return {
    ...BARE,
    ticks: along.ticks.map((value, at) => ({
      x: left - 8,
      y: y(value) + fontSize * TO_BASELINE,
      anchor: 'end',
      line: [left, y(value), right, y(value)],
      isZero: drawing.ticks.values[at]!.coefficient === 0n,
    })),
    marks: shapes.map((shape, at) => ({ shape, label: labels[at]! })),
    names: plot.places.filter((at) => at % every === 0).map(nameAt),
    second:
      second?.ticks.map((value) => ({
        x: right + 8,
        y: y(value) + fontSize * TO_BASELINE,
        anchor: 'start' as const,
      })) ?? [],
    secondLine: second && secondLine([...second.marks]),
    ...joined,
    marksWidth: right - left,
  }
}
