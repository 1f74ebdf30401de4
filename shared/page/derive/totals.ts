import { sum } from '../../../core/decimal/arithmetic'
import type { Quantity } from '../../study/quantity'
import { adjustedBy, missedBy, type Parts, selectedRows, subtotalsOf, summedRows } from '../totals'
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
  total: from(['hasTotal', 'rows', 'summed'], ({ hasTotal, rows, summed }) =>
    hasTotal ? sum(summed.map((at) => rows!.values[at]!)) : null,
  ),
  subtotals: from(['quantity', 'hasTotal', 'rows', 'summed', 'written.table'], (page) =>
    page.hasTotal && page.quantity.subtotals && page.rows
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
}
