import { SURFACES } from '../../../core/checks/types'
import { STYLED_PARTS } from '../../forms/parts'
import { withTexts } from '../drawing'
import { binLabels } from '../legend'
import { markTexts, partNumbers } from '../marks'
import { shownAs } from '../totals'
import { presentIn, textsOf } from '../numbers'
import { tickRows, tickValues } from '../scales'
import { groupValues, markedOf } from '../sources'
import { each, from, type PageValues, type Shows } from '../values'
import type { Surface } from '../../../core/checks/types'
import type { Decimal } from '../../../core/decimal/decimal'

/** The numbers of each surface, in their order. */
const numbers: { readonly [S in Surface]: (page: PageValues) => readonly Decimal[] } = {
  axis: ({ drawing }) => (drawing ? tickValues(drawing) : []),
  marks: ({ drawing }) => markedOf(drawing),
  table: ({ rows }) => presentIn(rows?.values ?? []),
  tooltip: ({ drawing }) => groupValues(drawing),
  legend: ({ edges }) => edges,
  headline: (page) => page['said.headline'].numbers,
  sentence: (page) => page['said.sentence'].numbers,
}
/** The rows that cases look at on each surface; none on the others. */
const rowsOn: { readonly [S in Surface]?: (page: PageValues) => Shows['rows'] } = {
  axis: ({ drawing, chart }) => (drawing ? tickRows(drawing, chart.panels) : undefined),
  marks: ({ markRows }) => markRows,
  table: ({ tableRows }) => tableRows,
  tooltip: ({ tipRows }) => tipRows,
}
const LOOKED_AT = ['chart', 'drawing', 'rows', 'edges', 'markRows', 'tableRows', 'tipRows'] as const

/** What stands on the surfaces of a page, and its labels. */
export const labelDerivations = {
  ...each('numbers', SURFACES, (surface) =>
    from([...LOOKED_AT, 'said.headline', 'said.sentence'], (page) =>
      numbers[surface](page as PageValues),
    ),
  ),
  ...each('numbers', STYLED_PARTS, (part) =>
    from(['drawing'], ({ drawing }) => (drawing ? presentIn(partNumbers[part](drawing)) : [])),
  ),
  ...each('shows', SURFACES, (surface) =>
    from([...LOOKED_AT, `numbers.${surface}`], (page): Shows => ({
      values: surface === 'table' ? (page.rows?.cells ?? []) : textsOf(page[`numbers.${surface}`]),
      rows: rowsOn[surface]?.(page as PageValues),
    })),
  ),
  styledTicks: from(['written.axis', 'shows.axis'], (page) => {
    const { values, rows } = page['shows.axis']
    return page['written.axis'].writer.labels(values, rows)
  }),
  tickLabels: from(['styledTicks', 'wishes'], ({ styledTicks, wishes }) =>
    withTexts(styledTicks, wishes.labels),
  ),
  markLabels: from(['written.marks', 'shows.marks', 'adjusted.marks'], (page) => {
    const { values, rows } = page['shows.marks']
    const labels = page['written.marks'].writer.labels(values, rows)
    const adjusted = page['adjusted.marks']
    return adjusted.size === 0
      ? labels
      : labels.map((label, at) => shownAs(adjusted.get(at), label))
  }),
  beside: from(
    [
      'drawing',
      'chart',
      'context.marks',
      'markRows',
      'partStyle.share',
      'partStyle.seriesShare',
      'partStyle.change',
      'partStyle.against',
    ],
    (page) =>
      page.drawing
        ? markTexts(
            page.drawing,
            page.chart,
            (part) => page[`partStyle.${part}`],
            page['context.marks'],
            page.markRows,
          )
        : [],
    { same: true },
  ),
  legendLabels: from(['written.legend', 'edges'], (page) =>
    binLabels(page['written.legend'].plan, page.edges),
  ),
}
