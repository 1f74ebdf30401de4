import { agreedCells } from '../agreed'
import { extent } from '../../../core/data/extent'
import type { Setting } from '../../../core/label/context'
import { SURFACES } from '../../../core/surfaces'
import { columnsOf } from '../../../core/style/dependencies'
import type { PageValues } from '../values'
import { shownUnitOf } from '../../../core/ticks/shown'
import { directionOf } from '../../../core/locale/direction'
import { formOf } from '../../forms'
import { mirroredForm } from '../../forms/mirror'
import { membersWith } from '../../study/together'
import { looksAtWidth, rowsBeside, unitsByRow } from '../../quantities'
import type { AxisWishes } from '../axis'
import { commonUnitOf, recordedInCommon } from '../commonUnit'
import { countedIn } from '../counted'
import { drawingOf } from '../drawing'
import { stackedWhereNarrow, USUAL_SIZE } from '../layout'
import { binEdges } from '../legend'
import { textsOf } from '../numbers'
import { mixedRows } from '../mixed'
import { filteredRows, rowsOf } from '../rows'
import { quantitiesBeside, wantedOf } from '../wanted'
import { categoryRows, groupValues } from '../sources'
import { from } from '../values'

const NO_LAYOUT = {}

/** What is decided about a page besides its styles. */
const decided = {
  chart: from(['quantity'], ({ quantity }) => quantity.chart),
  wishes: from(
    ['quantity', 'asked.axis', 'recorded'],
    ({ quantity, 'asked.axis': axis, recorded }): AxisWishes => ({
      ...quantity.ticks,
      counted: countedIn(quantity),
      shown: shownUnitOf(axis, recorded),
    }),
    { same: true },
  ),
  role: from(
    ['quantity', 'dataset'],
    ({ quantity, dataset }) =>
      dataset.columns.find(({ name }) => name === quantity.column)?.reading?.role,
    { same: true },
  ),
  rates: from(['document'], ({ document }) => document.rates, { same: true }),
  recordedAs: from(
    ['quantity'],
    ({ quantity: { recorded, measure, kind, currency } }) => ({
      ...{ recorded, measure, kind, currency },
    }),
    { same: true },
  ),
  byRow: from(
    ['document', 'quantity'],
    ({ document, quantity }) => unitsByRow(document, quantity),
    { same: true },
  ),
  pageWidth: from(
    ['document', 'size'],
    ({ document, size }) =>
      looksAtWidth(document) ? Math.round((size ?? USUAL_SIZE).width) : undefined,
    { same: true },
  ),
  setting: from(['regions', 'pageWidth'], ({ regions, pageWidth }): Setting => ({
    ...regions,
    pageWidth,
  })),
  filter: from(['quantity'], ({ quantity }) => quantity.filter),
  readers: from(['document'], ({ document }) => document.readers),
  rules: from(['document'], ({ document }) => document.rules),
  members: from(
    ['document', 'quantity'],
    ({ document, quantity }) => membersWith(document, quantity.id),
    { same: true },
  ),
  layout: from(
    ['document', 'size'],
    ({ document, size }) => stackedWhereNarrow(document.page ?? NO_LAYOUT, size ?? USUAL_SIZE),
    { same: true },
  ),
  ticked: from(['quantity'], ({ quantity }) => quantity.selected),
  // A page is read as its headline is.
  direction: from(['style.headline'], (page) => directionOf(page['style.headline'].locale)),
  form: from(['chart', 'direction'], ({ chart, direction }) =>
    direction === 'rtl' ? mirroredForm(formOf(chart)) : formOf(chart),
  ),
}

/** The rows of a page, and what the chart draws of them. */
export const rowDerivations = {
  ...decided,
  wanted: from(
    ['document', 'quantity', 'dataset'],
    ({ document, quantity, dataset }) => wantedOf(document, quantity, dataset),
    { same: true },
  ),
  spokenOf: from(
    ['document', 'quantity', 'wanted'],
    ({ document, quantity, wanted }) => quantitiesBeside(document, quantity, wanted),
    { same: true },
  ),
  common: from(
    ['loaded', 'byRow', 'rates', 'recordedAs'],
    ({ loaded, byRow, rates, recordedAs }) =>
      loaded && loaded.wanted.units === byRow?.column
        ? commonUnitOf(
            byRow,
            { column: loaded.wanted.column, kind: recordedAs.kind },
            loaded.cellsOf,
            rates,
          )
        : null,
  ),
  recorded: from(
    ['recordedAs', 'common', 'rates'],
    ({ recordedAs, common, rates }) => recordedInCommon(recordedAs, common, rates),
    { same: true },
  ),
  allRows: from(
    ['loaded', 'common', 'recordedAs'],
    ({ loaded, common, recordedAs }) =>
      loaded && rowsOf(loaded.wanted, loaded.cellsOf, common, recordedAs.recorded),
  ),
  rows: from(
    ['allRows', 'filter'],
    ({ allRows, filter }) => allRows && filteredRows(allRows, filter),
  ),
  hasOwnScales: from(
    ['chart', 'mixed'],
    ({ chart, mixed }) => mixed !== null && chart.panels === mixed.column,
  ),
  drawing: from(
    ['chart', 'wishes', 'rows', 'hasOwnScales'],
    ({ chart, wishes, rows, hasOwnScales }) =>
      rows && drawingOf(chart, wishes, { ...rows, hasOwnScales }),
  ),
  whole: from(['chart', 'wishes', 'rows', 'allRows', 'drawing', 'hasOwnScales'], (page) => {
    const { rows, allRows, drawing, hasOwnScales } = page
    if (rows === allRows) return drawing
    return allRows && drawingOf(page.chart, page.wishes, { ...allRows, hasOwnScales })
  }),
  // Numbers that share no scale share no bins.
  edges: from(['chart', 'drawing', 'hasOwnScales'], ({ chart, drawing, hasOwnScales }) =>
    chart.shaded && !hasOwnScales ? binEdges(groupValues(drawing)) : [],
  ),
  allEnds: from(['allRows'], ({ allRows }) => textsOf(extent(allRows?.values ?? []))),
}

function agreedIn(
  { columns }: PageValues['dataset'],
  rows: PageValues['rows'],
  cells: PageValues['caseRows'],
): PageValues['agreed'] {
  if (!cells || !rows) return null
  const texts = new Set(columns.filter(({ kind }) => kind === 'text').map(({ name }) => name))
  return agreedCells(rows, cells, (column) => texts.has(column))
}

/** The cells that cases and currencies look at. */
export const caseDerivations = {
  caseColumns: from(
    [...SURFACES.map((surface) => `asked.${surface}` as const), 'dataset', 'byRow'],
    (page) => {
      const known = new Set(page.dataset.columns.map(({ name }) => name))
      const styles = new Set(SURFACES.map((surface) => page[`asked.${surface}`]))
      const looked = [...[...styles].flatMap(columnsOf), ...(page.byRow ? [page.byRow.column] : [])]
      return [...new Set(looked)].filter((name) => known.has(name))
    },
    { same: true },
  ),
  caseRows: from(['caseCells'], ({ caseCells }) => rowsBeside(caseCells)),
  tableRows: from(['caseRows', 'rows', 'allRows'], ({ caseRows, rows, allRows }) =>
    caseRows && rows && rows !== allRows ? rows.places.map((at) => caseRows[at]!) : caseRows,
  ),
  mixed: from(['byRow', 'common', 'rows', 'tableRows'], ({ byRow, common, rows, tableRows }) =>
    byRow && rows && !common ? mixedRows(byRow.column, rows, tableRows) : null,
  ),
  agreed: from(['tableRows', 'rows', 'dataset'], ({ tableRows, rows, dataset }) =>
    agreedIn(dataset, rows, tableRows),
  ),
  // What units there are is decided by all rows, so that a filter changes none.
  agreedInAll: from(
    ['agreed', 'caseRows', 'rows', 'allRows', 'dataset'],
    ({ agreed, caseRows, rows, allRows, dataset }) =>
      rows === allRows ? agreed : agreedIn(dataset, allRows, caseRows),
  ),
  markRows: from(['chart', 'drawing', 'agreed'], ({ chart, drawing, agreed }) =>
    categoryRows(chart, drawing, drawing?.labelled ?? [], agreed),
  ),
  tipRows: from(['chart', 'drawing', 'agreed'], ({ chart, drawing, agreed }) =>
    categoryRows(chart, drawing, [...(drawing?.groups.keys() ?? [])], agreed),
  ),
}
