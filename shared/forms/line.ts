import { line as path } from 'd3-shape'
import { USUAL } from './places'
import type { ChartForm } from './types'
import { acrossPoints, dotsAt, spotsOf, upright } from './upright'

/** A line through its marks, in the order of the rows. */
export const line: ChartForm = {
  ...USUAL,
  id: 'line',
  title: 'A line',
  name: 'Line',
  most: 400,
  runs: true,
  axis: 'left',
  takesSecond: true,
  layout: (drawing, frame) =>
    upright(drawing, frame, (plot) => {
      const across = acrossPoints(plot, drawing)
      return { ...dotsAt(plot, across), line: path()(spotsOf(plot, across)) }
    }),
}
