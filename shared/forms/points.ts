import { USUAL } from './places'
import type { ChartForm } from './types'
import { acrossPoints, dotsAt, upright } from './upright'

/** Dots alone, in the order of the rows. */
export const points: ChartForm = {
  ...USUAL,
  id: 'points',
  title: 'Points',
  name: 'Points',
  most: 400,
  runs: true,
  axis: 'left',
  takesSecond: true,
  dot: { labelled: 4, bare: 4 },
  layout: (drawing, frame) =>
    upright(drawing, frame, (plot) => dotsAt(plot, acrossPoints(plot, drawing))),
}
