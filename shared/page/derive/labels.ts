import { SURFACES } from '../../../core/surfaces'
import { STYLED_PARTS } from '../../forms/parts'
import { withTexts } from '../drawing'
import { binLabels } from '../legend'
import { markTexts, partNumbers } from '../marks'
import { shownAs } from '../totals'
import { presentIn, textsOf } from '../numbers'
import { pageSurfaces } from '../surfaces'
import { each, from, type PageValues, type Shows } from '../values'

/** What stands on the surfaces of a page, and its labels. */
export const labelDerivations = {
  ...each('numbers', SURFACES, (surface) => pageSurfaces[surface].numbers),
  ...each('numbers', STYLED_PARTS, (part) =>
    from(['drawing'], ({ drawing }) => (drawing ? presentIn(partNumbers[part](drawing)) : [])),
  ),
  ...each('shows', SURFACES, (surface) => {
    const { values, rows } = pageSurfaces[surface]
    return from(
      [`numbers.${surface}`, ...(values?.needs ?? []), ...(rows?.needs ?? [])],
      (page): Shows => ({
        values: values?.make(page as PageValues) ?? textsOf(page[`numbers.${surface}`]),
        rows: rows?.make(page as PageValues),
      }),
    )
  }),
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
