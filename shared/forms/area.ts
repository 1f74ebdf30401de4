import { area as fill, line as path } from 'd3-shape'
import { USUAL } from './places'
import type { ChartForm } from './types'
import { acrossPoints, dotsAt, spotsOf, upright } from './upright'

/** A line with all between it and zero filled. */
export const area: ChartForm = {
  ...USUAL,
  id: 'area',
  title: 'An area',
  name: 'Area',
  most: 400,
  runs: true,
  axis: 'left',
  takesSecond: true,
  layout: (drawing, frame) =>
    upright(drawing, frame, (plot) => {
      const across = acrossPoints(plot, drawing)
      const spots = spotsOf(plot, across)
      const filled = fill<[number, number]>()
        .x(([x]) => x)
        .y0(plot.y(plot.along.zero))
        .y1(([, y]) => y)
      return { ...dotsAt(plot, across), line: path()(spots), area: filled(spots) }
    }),
}
