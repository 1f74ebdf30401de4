import { scaleBand } from 'd3-scale'
import { pairs } from 'd3-array'
import { USUAL } from './places'
import type { ChartForm, Drawing, LabelSpot, Shape } from './types'
import { type Plot, upright, type UprightMarks } from './upright'

function marksIn({ left, right, places, y, along }: Plot, { stacks }: Drawing): UprightMarks {
  const band = scaleBand<number>()
    .domain(places)
    .range([left, right])
    .paddingInner(0.28)
    .paddingOuter(0.14)
  const width = band.bandwidth()
  const middle = (at: number) => band(at)! + width / 2
  const between = (at: number, from: number, to: number) => ({
    x: band(at)!,
    width,
    y: Math.min(y(from), y(to)),
    height: Math.abs(y(from) - y(to)),
  })
  const shapeAt = (value: number, at: number): Shape =>
    stacks
      ? {
          kind: 'stack',
          rects: pairs(along.stacks![at]!).map(([from, to]) => between(at, from, to)),
        }
      : { kind: 'rect', ...between(at, along.zero, value) }
  const labelAt = (value: number, at: number): LabelSpot => ({
    x: middle(at),
    y: y(Math.max(along.zero, value)) - 6,
    anchor: 'middle',
    rises: true,
  })
  return {
    across: { middle, step: band.step(), needs: 1 },
    shapes: along.marks.map(shapeAt),
    labels: along.marks.map(labelAt),
  }
}

/** Columns that stand on zero. */
export const columns: ChartForm = {
  ...USUAL,
  id: 'columns',
  title: 'Columns',
  name: 'Columns',
  most: 10,
  runs: false,
  axis: 'left',
  hasAreas: true,
  takesSecond: true,
  canLie: true,
  layout: (drawing, frame) => upright(drawing, frame, (plot) => marksIn(plot, drawing)),
  inside: (area, label, { width, height, line }) =>
    area.height < height || area.width < width
      ? null
      : { ...label, y: area.y + line, rises: false },
}
