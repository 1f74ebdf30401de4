import type { Drawing } from '../../forms/types'
import { textsOf } from '../numbers'
import { categoryRows, groupValues } from '../sources'
import { from } from '../values'
import { SHARED_BY_MARKS } from './marks'
import type { PageSurface } from './types'
import { MIXED, unitsInMarks } from './units'
import { USUAL } from './usual'

const everyMark = (drawing: Drawing | null): number[] => [...(drawing?.groups.keys() ?? [])]

/** The tooltips of a page. */
export const tooltip: PageSurface = {
  ...USUAL,
  numbers: from(['drawing'], ({ drawing }) => groupValues(drawing)),
  rows: from(['tipRows'], ({ tipRows }) => tipRows),
  sharing: from(SHARED_BY_MARKS, ({ chart, whole, agreedInAll }) => ({
    values: textsOf(groupValues(whole)),
    rows: categoryRows(chart, whole, everyMark(whole), agreedInAll),
  })),
  checked: from(['tipRows', ...MIXED], (page) => ({
    ...unitsInMarks(page, everyMark(page.drawing)),
    values: groupValues(page.drawing),
    rows: page.tipRows,
  })),
  marks: everyMark,
  adjusted: (page) => page['adjusted.tooltip'],
}
