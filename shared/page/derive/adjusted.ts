import { compare, sum } from '../../../core/decimal/arithmetic'
import {
  adjustedBy,
  adjustedByNumber,
  type AdjustedParts,
  type DrawnPart,
  NONE_ADJUSTED,
} from '../totals'
import { from, type PageValues } from '../values'
import { NEEDS, partsIn, SETTLES, wayOf } from './totals'

const OF_MARKS = ['quantity', 'drawing', 'rows', 'summed', 'total', 'caseColumns'] as const
/**
 * The marks whose labels are adjusted, in the order of the rows, so that equal ones are adjusted
 * alike on every surface: those that stand for summed rows alone and add up to the total. Marks of
 * several panels are left as they are, and so are any that are no sums.
 */
function partsDrawn(page: Pick<PageValues, (typeof OF_MARKS)[number]>): readonly DrawnPart[] {
  const { quantity, drawing, rows, summed, total, caseColumns } = page
  if (wayOf(quantity) !== 'adjust' || !rows || !total || caseColumns.length > 0) return []
  if (drawing?.panels.length !== 1) return []
  const places = new Map<string, number[]>()
  rows.categories.forEach((category, at) => {
    const own = places.get(category)
    if (own) own.push(at)
    else places.set(category, [at])
  })
  const isSummed = new Set(summed)
  const of = ({ category }: DrawnPart) => places.get(category) ?? []
  const marks = drawing.all
    .filter((group) => of(group).length > 0 && of(group).every((at) => isSummed.has(at)))
    .sort((a, b) => of(a)[0]! - of(b)[0]!)
  return compare(sum(marks.map(({ value }) => value)), total) === 0 ? marks : []
}

const OF_PARTS = ['partsDrawn', 'recorded', 'total'] as const
type Drawn = Pick<PageValues, (typeof OF_PARTS)[number]>
/** The labels of drawn parts that are adjusted where a Plan writes them, by their places. */
function adjustedAmong(
  { partsDrawn: parts, recorded, total }: Drawn,
  { plan }: PageValues['written.marks'],
): AdjustedParts {
  if (parts.length === 0) return NONE_ADJUSTED
  const values = parts.map(({ value }) => value)
  return adjustedBy({ plan, recorded, total: total!, values, rows: values.map(() => undefined) })
}
/** The same for some of the marks that are drawn, by their places among these. */
function adjustedOf(
  page: Drawn & Pick<PageValues, 'drawing'>,
  writing: PageValues['written.marks'],
  groups: readonly number[],
): AdjustedParts {
  const byCategory = new Map(
    [...adjustedAmong(page, writing)].map(([at, part]) => [page.partsDrawn[at]!.category, part]),
  )
  if (byCategory.size === 0) return NONE_ADJUSTED
  return new Map(
    groups.flatMap((group, at) => {
      const part = byCategory.get(page.drawing!.groups[group]!.category)
      return part ? [[at, part] as const] : []
    }),
  )
}
/** The same for the numbers of a message. */
const adjustedNumbers = (page: Drawn, writing: PageValues['written.marks']) =>
  adjustedByNumber(
    page.partsDrawn.map(({ value }) => value),
    adjustedAmong(page, writing),
  )

const prosaic = (surface: 'headline' | 'sentence') =>
  from([...OF_PARTS, `written.${surface}`], (page) =>
    adjustedNumbers(page, page[`written.${surface}`]),
  )

/** Labels that are adjusted so that the printed parts of a total add up, on each surface. */
export const adjustedDerivations = {
  partsDrawn: from(OF_MARKS, partsDrawn),
  'adjusted.table': from(
    ['quantity', ...NEEDS],
    (page) => {
      const parts = wayOf(page.quantity) === 'adjust' ? partsIn(page) : null
      if (!parts) return NONE_ADJUSTED
      return new Map([...adjustedBy(parts)].map(([i, part]) => [page.summed[i]!, part]))
    },
    { settles: SETTLES },
  ),
  'adjusted.marks': from([...OF_PARTS, 'drawing', 'written.marks'], (page) =>
    adjustedOf(page, page['written.marks'], page.drawing?.labelled ?? []),
  ),
  'adjusted.tooltip': from([...OF_PARTS, 'drawing', 'written.tooltip'], (page) =>
    adjustedOf(page, page['written.tooltip'], [...(page.drawing?.groups.keys() ?? [])]),
  ),
  'adjusted.headline': prosaic('headline'),
  'adjusted.sentence': prosaic('sentence'),
}
