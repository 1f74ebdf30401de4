import { textsOf } from '../numbers'
import { groupValues } from '../sources'
import { from } from '../values'
import type { PageSurface } from './types'
import { USUAL } from './usual'

/** The legend of a page. */
export const legend: PageSurface = {
  ...USUAL,
  numbers: from(['edges'], ({ edges }) => edges),
  sharing: from(['edges'], ({ edges }) => ({ values: textsOf(edges) })),
  checked: from(['edges', 'drawing'], ({ edges, drawing }) => ({
    values: edges,
    binned: groupValues(drawing),
  })),
  numberAt: () => null,
  // Its title comes before its labels.
  leadsTo: 'head',
  isAtLeft: true,
}
