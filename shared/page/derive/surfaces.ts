import { SURFACES, type Surface } from '../../../core/checks/types'
import { labeller } from '../../../core/label/labeller'
import type { Context } from '../../../core/label/context'
import { resolve } from '../../../core/label/resolve'
import { endsDecide, looksAtValues } from '../../../core/style/dependencies'
import type { FullStyle } from '../../../core/style/fields'
import { STYLED_PARTS } from '../../forms/parts'
import { hasOwnStyle, styleOf } from '../../quantities'
import { numberStep } from '../axis'
import { shownSurfaces } from '../shown'
import { textsOf, titled } from '../numbers'
import { categoryRows, groupValues, markedOf } from '../sources'
import { each, from, type PageValues, type Writing } from '../values'

type Sharing = Pick<Context, 'values' | 'rows' | 'step'>
const ofMarks = ({ chart, whole, agreedInAll }: PageValues): Sharing => ({
  values: textsOf(markedOf(whole)),
  rows: categoryRows(chart, whole, whole?.labelled ?? [], agreedInAll),
})
/** What messages share a rung over: the marks and the two ends, which are of no row. */
function said(page: PageValues): Sharing {
  const { values, rows } = ofMarks(page)
  return {
    values: [...values!, ...page.allEnds],
    rows: rows && [...rows, ...page.allEnds.map(() => ({}))],
  }
}
/**
 * What decides the labels of a surface besides its style: values that share a rung, and rows that
 * cases look at; of all rows, so that a filter changes no unit.
 */
const sharing: Readonly<Record<Surface, (page: PageValues) => Sharing>> = {
  axis: ({ whole, wishes }) => ({
    values: textsOf(whole?.ticks.values ?? []),
    step: (whole && numberStep(whole.ticks, wishes)) ?? undefined,
  }),
  marks: ofMarks,
  table: (page) => ({
    values: endsDecide(page['style.table']) ? page.allEnds : (page.allRows?.cells ?? []),
    rows: page.caseRows,
  }),
  tooltip: ({ chart, whole, agreedInAll }) => ({
    values: textsOf(groupValues(whole)),
    rows: categoryRows(chart, whole, [...(whole?.groups.keys() ?? [])], agreedInAll),
  }),
  legend: ({ edges }) => ({ values: textsOf(edges) }),
  headline: said,
  sentence: said,
}

const writingOf = (style: FullStyle, context: Context): Writing => {
  const plan = resolve(style, context)
  return { plan, writer: labeller(plan) }
}

/** Plans that look at no values are the same for all surfaces of one style: so many are kept. */
const MOST_KEPT = 12
/** Makes each Plan that looks at no values once. */
function planMemory({ setting, recorded }: Pick<PageValues, 'setting' | 'recorded'>) {
  const kept = new Map<string, Writing>()
  /** The same by the style itself: surfaces on which nothing is set share one. */
  const known = new WeakMap<FullStyle, Writing>()
  function keptFor(style: FullStyle): Writing {
    const key = JSON.stringify(style)
    const found = kept.get(key) ?? writingOf(style, { ...setting, ...recorded })
    if (!kept.has(key) && kept.size >= MOST_KEPT) kept.delete(kept.keys().next().value!)
    kept.set(key, found)
    return found
  }
  return (style: FullStyle): Writing => {
    const found = known.get(style) ?? keptFor(style)
    known.set(style, found)
    return found
  }
}

/**
 * The styles of surfaces and parts; each stays the same while it says the same, so that a move on
 * one surface leaves the others as they are.
 */
const styles = {
  quantityStyle: from(
    ['document', 'quantity'],
    ({ document, quantity }) => styleOf(document, quantity),
    { same: true },
  ),
  ...each('style', SURFACES, (surface) =>
    from(
      ['document', 'quantity', 'quantityStyle'],
      ({ document, quantity, quantityStyle }) =>
        hasOwnStyle(document, quantity, surface)
          ? styleOf(document, quantity, surface)
          : quantityStyle,
      { same: true },
    ),
  ),
  ...each('partStyle', STYLED_PARTS, (part) =>
    from(['document', 'quantity'], ({ document, quantity }) => styleOf(document, quantity, part), {
      same: true,
    }),
  ),
}

/** How each surface of a page writes. */
export const surfaceDerivations = {
  ...styles,
  plans: from(['setting', 'recorded'], planMemory),
  ...each('context', SURFACES, (surface) =>
    from(
      [
        'setting',
        'recorded',
        'chart',
        'wishes',
        'whole',
        'allEnds',
        'allRows',
        'caseRows',
        'agreedInAll',
        'edges',
        'style.table',
      ],
      (page): Context => ({
        ...page.setting,
        ...sharing[surface](page as PageValues),
        ...page.recorded,
      }),
    ),
  ),
  ...each('written', SURFACES, (surface) =>
    from([`style.${surface}`, `context.${surface}`, 'plans'], (page): Writing => {
      const style = page[`style.${surface}`]
      return looksAtValues(style) ? writingOf(style, page[`context.${surface}`]) : page.plans(style)
    }),
  ),
  ...each('title', SURFACES, (surface) =>
    from(['quantity', `written.${surface}`], (page) =>
      titled(page.quantity.title, page[`written.${surface}`].plan),
    ),
  ),
  shown: from(['layout', 'edges'], ({ layout, edges }) => shownSurfaces(layout, edges), {
    same: true,
  }),
}
