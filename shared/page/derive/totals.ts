import { sum } from '../../../core/decimal/arithmetic'
import type { Quantity } from '../../study/quantity'
import { missedBy, type Parts, selectedRows, subtotalsOf, summedRows } from '../totals'
import { from, type PageValues } from '../values'

/** The printed sum follows when the hand rests. */
export const SETTLES = 80
const NONE: ReadonlySet<number> = new Set()

/** What is done where the printed parts miss the total. */
export const wayOf = ({ total }: Pick<Quantity, 'total'>): NonNullable<Quantity['total']> =>
  total ?? 'plain'

export const NEEDS = ['rows', 'recorded', 'summed', 'tableRows', 'total', 'written.table'] as const
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
}
