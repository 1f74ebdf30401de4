import type { Drawing } from '../../forms/types'
import { numberStep } from '../axis'
import { textsOf } from '../numbers'
import { axisParts, drawnEnds, hasOwnScales, tickRows, tickValues } from '../scales'
import { from } from '../values'
import { AGGREGATED, aggregatedIn } from './aggregated'
import type { PageSurface } from './types'
import { MIXED, unitsOnScale } from './units'
import { USUAL } from './usual'

/** The axis of a page; if each panel has its own, all of them in order. */
export const axis: PageSurface = {
  ...USUAL,
  numbers: from(['drawing'], ({ drawing }) => (drawing ? tickValues(drawing) : [])),
  rows: from(['drawing', 'chart'], ({ drawing, chart }) =>
    drawing ? tickRows(drawing, chart.panels) : undefined,
  ),
  sharing: from(['chart', 'whole', 'wishes'], ({ chart, whole, wishes }) => ({
    values: textsOf(whole ? tickValues(whole) : []),
    rows: (whole && tickRows(whole, chart.panels)) ?? undefined,
    step: (whole && numberStep(whole.ticks, wishes)) ?? undefined,
  })),
  checked: from(
    [
      'whole',
      'wishes',
      'axisRooms',
      'tickLabels',
      'numbers.axis',
      'shows.axis',
      ...AGGREGATED,
      ...MIXED,
    ],
    (page) => {
      const { drawing, whole, wishes, axisRooms, tickLabels } = page
      const { rows } = page['shows.axis']
      const stepOf = (ticks: Drawing['ticks']) => numberStep(ticks, wishes) ?? undefined
      return {
        ...unitsOnScale(page),
        data: drawnEnds(whole ?? drawing!),
        ...aggregatedIn(page),
        values: page['numbers.axis'],
        rows,
        axes: axisParts(drawing!, rows, axisRooms, stepOf),
        step: stepOf(drawing!.ticks),
        room: axisRooms[0],
        // If the list is too short, the last ticks have no typed label.
        byHand: wishes.labels?.some((text) => text !== '')
          ? tickLabels.slice(0, wishes.labels.length)
          : undefined,
      }
    },
  ),
  // Panels with their own axes share no ticks.
  ticks: (drawing) => (hasOwnScales(drawing) ? null : drawing.ticks.values),
  byHand: ({ styledTicks, tickLabels }) =>
    new Map(
      styledTicks.flatMap((label, at) => {
        const text = tickLabels[at]!
        return text === label ? [] : [[at, text] as const]
      }),
    ),
  leadsTo: 'label',
  isAtLeft: true,
}
