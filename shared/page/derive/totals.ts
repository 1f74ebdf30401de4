import { compare, sum } from '../../../core/decimal/arithmetic'
import type { Quantity } from '../../study/quantity'
import {
  ADJUSTED,
  adjustedBy,
  missedBy,
  type Parts,
  selectedRows,
  subtotalsOf,
  summedRows,
} from '../totals'
import { from, type PageValues } from '../values'

/** The printed sum follows when the hand rests. */
const SETTLES = 80
const NONE: ReadonlySet<number> = new Set()
const NONE_ADJUSTED: ReadonlyMap<number, string> = new Map()

/** What is done where the printed parts miss the total. */
export const wayOf = ({ total }: Pick<Quantity, 'total'>): NonNullable<Quantity['total']> =>
  total ?? 'plain'

const NEEDS = ['rows', 'recorded', 'summed', 'tableRows', 'total', 'written.table'] as const
/** The parts of the total; null where there is none. */
export function partsIn(page: Pick<PageValues, (typeof NEEDS)[number]>): Parts | null {
  const { rows, recorded, summed, tableRows, total } = page
  if (!rows || !total) return null
  return {
    plan: page['written.table'].plan,
    recorded,
    values: summed.map((at) => rows.values[at]!),
    rows: summed.map((at) => tableRows?.[at]),
    total,
  }
}

const OF_MARKS = [
  'quantity',
  'drawing',
  'rows',
  'recorded',
  'summed',
  'total',
  'caseColumns',
  'written.marks',
] as const
/** The marks that stand for summed rows alone, in the order of the rows. */
function summedMarks({ drawing, rows, summed }: Pick<PageValues, 'drawing' | 'rows' | 'summed'>) {
  const places = new Map<string, number[]>()
  rows!.categories.forEach((category, at) =>
    places.set(category, [...(places.get(category) ?? []), at]),
  )
  const isSummed = new Set(summed)
  const of = ({ category }: { readonly category: string }) => places.get(category) ?? []
  return drawing!.all
    .filter((group) => of(group).length > 0 && of(group).every((at) => isSummed.has(at)))
    .sort((a, b) => of(a)[0]! - of(b)[0]!)
}
/**
 * The marks' labels where those of the table are moved: the marks of what is summed add up to the
 * same total, in the order of the rows, so that equal ones are moved alike. Marks of several panels
 * are not moved, nor any that do not add up to it: they are no sums.
 */
function adjustedMarksIn(page: Pick<PageValues, (typeof OF_MARKS)[number]>) {
  const { quantity, drawing, rows, recorded, total, caseColumns } = page
  if (wayOf(quantity) !== 'adjust' || !rows || !total || caseColumns.length > 0)
    return NONE_ADJUSTED
  if (drawing?.panels.length !== 1) return NONE_ADJUSTED
  const marks = summedMarks(page)
  const values = marks.map(({ value }) => value)
  if (compare(sum(values), total) !== 0) return NONE_ADJUSTED
  const moved = adjustedBy({
    ...{ plan: page['written.marks'].plan, recorded, total, values },
    rows: values.map(() => undefined),
  })
  const byCategory = new Map([...moved].map(([at, label]) => [marks[at]!.category, label]))
  return new Map(
    drawing.labelled.flatMap((group, at) => {
      const label = byCategory.get(drawing.groups[group]!.category)
      return label === undefined ? [] : [[at, ADJUSTED + label] as const]
    }),
  )
}

/** The total under the table. */
export const totalDerivations = {
  selected: from(['rows', 'ticked'], ({ rows, ticked }) =>
    rows ? selectedRows(rows, ticked) : NONE,
  ),
  hasTotal: from(
    ['quantity', 'selected'],
    ({ quantity, selected }) => quantity.total !== undefined || selected.size > 0,
  ),
  summed: from(['rows', 'selected'], ({ rows, selected }) =>
    rows ? summedRows(rows, selected) : [],
  ),
  addsUp: from(
    ['mixed', 'summed'],
    ({ mixed, summed }) => !mixed || new Set(summed.map((at) => mixed.unitAt[at])).size < 2,
  ),
  total: from(['hasTotal', 'addsUp', 'rows', 'summed'], ({ hasTotal, addsUp, rows, summed }) =>
    hasTotal && addsUp ? sum(summed.map((at) => rows!.values[at]!)) : null,
  ),
  subtotals: from(['quantity', 'hasTotal', 'addsUp', 'rows', 'summed', 'written.table'], (page) =>
    page.hasTotal && page.addsUp && page.quantity.subtotals && page.rows
      ? subtotalsOf(page['written.table'].plan, page.rows, page.summed)
      : [],
  ),
  missed: from(
    NEEDS,
    (page) => {
      const parts = partsIn(page)
      return parts && missedBy(parts)
    },
    { settles: SETTLES },
  ),
  adjusted: from(
    ['quantity', ...NEEDS],
    (page) => {
      const parts = wayOf(page.quantity) === 'adjust' ? partsIn(page) : null
      if (!parts) return NONE_ADJUSTED
      return new Map([...adjustedBy(parts)].map(([i, label]) => [page.summed[i]!, label]))
    },
    { settles: SETTLES },
  ),
  adjustedMarks: from(OF_MARKS, adjustedMarksIn),
}
