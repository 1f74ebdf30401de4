import { styleOf } from '../../quantities'
import { type Subject, type Surface, SURFACES } from '../../../core/checks/types'
import type { Derivation } from '../../graph/derivation'
import type { Drawing } from '../../forms/types'
import { numberStep } from '../axis'
import { changesOf, partsOf } from '../marks'
import { mixedGroups, toldOf } from '../mixed'
import { packed } from '../packing'
import { axisParts, drawnEnds, hasOwnScales } from '../scales'
import { groupValues } from '../sources'
import { type CheckedSubject, partsOn, type PlacedSubject } from '../subjects'
import { each, from, type PageValues } from '../values'
import { wayOf } from './totals'

/** What is checked of messages: their own numbers, and the texts that these stand in. */
const inWords = (...said: readonly PageValues['said.headline'][]) => ({
  values: said.flatMap(({ numbers }) => numbers),
  rows: said.flatMap(({ rows }) => rows),
  text: said.map(({ ownText }) => ownText).join(' '),
})

const SUMMED = ['quantity', 'hasTotal', 'total', 'selected', 'summed'] as const
/**
 * The total under the table and what is summed, where nothing was done about what its parts miss.
 */
function summedIn({
  quantity,
  hasTotal,
  total,
  selected,
  summed,
}: Pick<PageValues, (typeof SUMMED)[number]>): Pick<Subject, 'total' | 'selection'> {
  if (!hasTotal || wayOf(quantity) !== 'plain') return {}
  return { total: total ?? undefined, ...(selected.size > 0 ? { selection: summed } : {}) }
}

const AGGREGATED = ['chart', 'drawing', 'rows'] as const
/** How the rows of marks are put together, where some mark stands for several. */
function aggregatedIn({
  chart,
  drawing,
  rows,
}: Pick<PageValues, (typeof AGGREGATED)[number]>): Pick<Subject, 'aggregate'> {
  const isEach = !rows || rows.values.length <= (drawing?.all.length ?? 0)
  return isEach ? {} : { aggregate: chart.aggregate }
}
const CHANGED = ['chart', 'drawing', 'partStyle.change'] as const
const MIXED = ['mixed', 'drawing', 'rows'] as const
type Mixed = Pick<PageValues, (typeof MIXED)[number]>
/** Units that stand side by side on one scale. */
const onScale = ({ mixed, drawing }: Mixed): Pick<Subject, 'mixed'> =>
  mixed && drawing && !hasOwnScales(drawing) ? { mixed: toldOf(mixed, 'scale') } : {}
/** Marks that were put together from rows of several units. */
function inMarks(
  { mixed, drawing, rows }: Mixed,
  places: readonly number[],
): Pick<Subject, 'mixed'> {
  if (!mixed || !drawing || !rows) return {}
  const groups = new Set(mixedGroups(drawing, rows, mixed))
  const at = places.flatMap((place, i) => (groups.has(place) ? [i] : []))
  return at.length > 0 ? { mixed: toldOf(mixed, 'sum', at) } : {}
}
const aboutAll = ({ mixed }: Mixed): Pick<Subject, 'mixed'> =>
  mixed ? { mixed: toldOf(mixed, 'words') } : {}

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

type Own = CheckedSubject extends infer One
  ? One extends unknown
    ? Omit<One, 'surface' | 'style'>
    : never
  : never
/** What is checked of each surface besides its style. */
const checked: { readonly [S in Surface]: Derivation<PageValues, Own> } = {
  axis: from(
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
        ...onScale(page),
        data: drawnEnds(whole ?? drawing!),
        ...aggregatedIn(page),
        values: page['numbers.axis'],
        rows,
        axes: axisParts(drawing!, rows, axisRooms, stepOf),
        step: stepOf(drawing!.ticks),
        room: axisRooms[0],
        // A list that is too short leaves the last ticks without a label of its own.
        byHand: wishes.labels?.some((text) => text !== '')
          ? tickLabels.slice(0, wishes.labels.length)
          : undefined,
      }
    },
  ),
  marks: from(
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
      ...inMarks(page, page.drawing?.labelled ?? []),
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
  table: from(['rows', 'tableRows', 'dataset', 'mixed', 'addsUp', ...SUMMED], (page) => ({
    ...(page.mixed && page.hasTotal && !page.addsUp
      ? { mixed: toldOf(page.mixed, 'rowsTotal') }
      : {}),
    cells: packed(page.rows?.cells ?? []),
    caseRows: page.tableRows,
    shares: page.quantity.kind === 'shares',
    texts: page.dataset.columns.find(({ name }) => name === page.quantity.column)?.unread,
    ...summedIn(page),
  })),
  tooltip: from(['tipRows', ...MIXED], (page) => ({
    ...inMarks(page, [...(page.drawing?.groups.keys() ?? [])]),
    values: groupValues(page.drawing),
    rows: page.tipRows,
  })),
  legend: from(['edges', 'drawing'], ({ edges, drawing }) => ({
    values: edges,
    binned: groupValues(drawing),
  })),
  headline: from(['said.headline', ...MIXED], (page) => ({
    ...inWords(page['said.headline']),
    ...aboutAll(page),
  })),
  sentence: from(['said.sentence', 'said.callout', 'calledOut', ...MIXED], (page) => ({
    ...(page.calledOut === null
      ? inWords(page['said.sentence'])
      : inWords(page['said.sentence'], page['said.callout'])),
    ...aboutAll(page),
  })),
}

/** What is checked of a page. */
export const checkedDerivations = {
  ...each('together', SURFACES, (surface) =>
    from(
      ['document', 'members'],
      ({ document, members }) =>
        members.map((one) => ({ title: one.title, style: styleOf(document, one, surface) })),
      { same: true },
    ),
  ),
  ...each('subject', SURFACES, (surface) =>
    from(
      [
        'quantity',
        'role',
        'readers',
        'rules',
        `together.${surface}`,
        `readable.${surface}`,
        `context.${surface}`,
        ...checked[surface].needs,
      ],
      (page): CheckedSubject => ({
        surface,
        style: page[`readable.${surface}`].style,
        refused: page[`readable.${surface}`].refused ?? undefined,
        context: page[`context.${surface}`],
        kind: page.quantity.kind,
        divisor: page.quantity.divisor,
        role: page.role,
        title: page.quantity.title,
        readers: page.readers,
        rules: page.rules,
        together: page[`together.${surface}`],
        ...checked[surface].make(page as PageValues),
      }),
    ),
  ),
  subjects: from(
    ['drawing', 'shown', 'second', ...SURFACES.map((surface) => `subject.${surface}` as const)],
    (page): PlacedSubject[] => {
      if (!page.drawing) return []
      const found = page.shown.map((surface) => ({ surface, subject: page[`subject.${surface}`] }))
      if (!page.second || !page.shown.includes('axis')) return found
      const { id, title, subject } = page.second
      return [...found, { surface: 'axis', other: { id, title }, subject }]
    },
  ),
}
