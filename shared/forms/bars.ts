import { pairs } from 'd3-array'
import { scaleBand, scaleLinear } from 'd3-scale'
import {
  areCutAlike,
  BARE,
  NAME_CHARACTER,
  placesAlong,
  ticksBelow,
  TITLE,
  TO_BASELINE,
  USUAL,
} from './places'
import type { ChartForm, Drawing, Frame, Geometry, LabelSpot, Shape } from './types'

const TOP = TITLE + 4
/** Names take no more of the width than this. */
const MOST_NAMES = 0.3
const GAP = 6
/** Between the end of a bar and a label inside it. */
const INSET = 5
const [TIP_ASIDE, TIP_WIDTH] = [60, 110]

/** Names at the left, the axis below, labels behind the bars' ends. */
function layout(drawing: Drawing, frame: Frame): Geometry {
  const { width, height, fontSize, names, ends, under } = frame
  const { ticks, marks, zero, stacks } = placesAlong(drawing)
  const room = Math.min(width * MOST_NAMES, names)
  const characters = Math.floor(room / NAME_CHARACTER)
  const byEnd = areCutAlike(drawing, characters)
  const bottom = height - fontSize * 2 - under
  const x = scaleLinear().range([room, width - ends])
  const places = drawing.groups.map((_, at) => at)
  const band = scaleBand<number>()
    .domain(places)
    .range([TOP, bottom])
    .paddingInner(0.3)
    .paddingOuter(0.15)
  const middle = (at: number) => band(at)! + band.bandwidth() / 2 + fontSize * TO_BASELINE
  const between = (at: number, from: number, to: number) => ({
    x: Math.min(x(from), x(to)),
    width: Math.abs(x(to) - x(from)),
    y: band(at)!,
    height: band.bandwidth(),
  })
  const shapeAt = (value: number, at: number): Shape =>
    stacks
      ? { kind: 'stack', rects: pairs(stacks[at]!).map(([from, to]) => between(at, from, to)) }
      : { kind: 'rect', ...between(at, zero, value) }
  const labelAt = (value: number, at: number): LabelSpot => ({
    x: Math.max(x(zero), x(value)) + GAP,
    y: middle(at),
    anchor: 'start',
    rises: false,
  })
  return {
    ...BARE,
    ticks: ticksBelow(drawing, ticks, x, { bottom, fontSize }),
    marks: marks.map((value, at) => ({ shape: shapeAt(value, at), label: labelAt(value, at) })),
    names: places.map((at) => ({
      at,
      x: room - 8,
      y: middle(at),
      anchor: 'end',
      room: characters,
      lines: 1,
      byEnd,
    })),
    marksWidth: ends - GAP,
    isAlone: true,
  }
}

/** Bars that lie, each behind its name. */
export const bars: ChartForm = {
  ...USUAL,
  id: 'bars',
  title: 'Bars',
  name: 'Bars',
  most: 10,
  runs: false,
  axis: 'below',
  hasAreas: true,
  labelsEnds: true,
  layout,
  inside: (area, label, { width, height }) =>
    area.height < height || area.width < width + 2 * INSET
      ? null
      : { ...label, x: area.x + area.width - INSET, anchor: 'end' },
  tooltip: ({ x, y }, width) => ({
    x: Math.min(x + TIP_ASIDE, width - TIP_WIDTH),
    y,
    across: '0',
    up: '-50%',
  }),
}
