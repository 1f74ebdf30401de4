import type { Subject } from '../../../core/checks/types'
import { changesOf, partsOf } from '../marks'
import { textsOf } from '../numbers'
import { categoryRows, markedOf } from '../sources'
import { partsOn } from '../subjects'
import { from, type PageValues } from '../values'
import { AGGREGATED, aggregatedIn } from './aggregated'
import type { PageSurface, Sharing } from './types'
import { MIXED, unitsInMarks } from './units'
import { USUAL } from './usual'

const CHANGED = ['chart', 'drawing', 'partStyle.change'] as const
/** Changes that marks print, and what they are written in where that is not the marks' own way. */
function changesIn(
  page: Pick<PageValues, (typeof CHANGED)[number]>,
): Pick<Subject, 'changes' | 'changeStyle'> {
  const { parts, partStyles } = page.chart
  if (!parts?.includes('change')) return {}
  return {
    changes: changesOf(page.drawing!),
    changeStyle: partStyles?.change && page['partStyle.change'],
  }
}

const SHARED = ['chart', 'drawing', 'partStyle.share', 'numbers.share'] as const
/** Shares that marks print, where every one of the whole has its label. */
function sharesIn({
  chart,
  drawing,
  'partStyle.share': style,
  'numbers.share': values,
}: Pick<PageValues, (typeof SHARED)[number]>): Pick<Subject, 'shareParts'> {
  if (!drawing || !partsOf(chart).includes('share')) return {}
  return values.length > 1 && values.length === drawing.all.length
    ? { shareParts: { style, values } }
    : {}
}

export const SHARED_BY_MARKS = ['chart', 'whole', 'agreedInAll'] as const
/** Returns what decides the rung of data labels; messages share it. */
export const sharingOfMarks = ({
  chart,
  whole,
  agreedInAll,
}: Pick<PageValues, (typeof SHARED_BY_MARKS)[number]>): Sharing => ({
  values: textsOf(markedOf(whole)),
  rows: categoryRows(chart, whole, whole?.labelled ?? [], agreedInAll),
})

/** The data labels of a page. */
export const marks: PageSurface = {
  ...USUAL,
  numbers: from(['drawing'], ({ drawing }) => markedOf(drawing)),
  rows: from(['markRows'], ({ markRows }) => markRows),
  sharing: from(SHARED_BY_MARKS, sharingOfMarks),
  checked: from(
    [
      'numbers.marks',
      'markRows',
      'marksRoom',
      'beside',
      'shown',
      'style.tooltip',
      ...CHANGED,
      ...SHARED,
      ...AGGREGATED,
      ...MIXED,
    ],
    (page) => ({
      ...aggregatedIn(page),
      ...unitsInMarks(page, page.drawing?.labelled ?? []),
      values: page['numbers.marks'],
      rows: page.markRows,
      room: page.marksRoom,
      around: partsOn(page.beside, 'around'),
      below: partsOn(page.beside, 'below'),
      others: page.shown.includes('tooltip')
        ? [{ surface: 'tooltip', style: page['style.tooltip'] }]
        : [],
      ...changesIn(page),
      ...sharesIn(page),
    }),
  ),
  nameAt: ({ drawing }, at) => drawing?.groups[drawing.labelled[at]!]?.category ?? null,
  marks: ({ labelled }) => labelled,
  adjusted: (page) => page['adjusted.marks'],
  leadsTo: 'label',
}
