import type { Subject } from '../../../core/checks/types'
import { endsDecide } from '../../../core/style/dependencies'
import { wayOf } from '../derive/totals'
import { toldOf } from '../mixed'
import { presentIn } from '../numbers'
import { packed } from '../packing'
import { from, type PageValues } from '../values'
import type { PageSurface } from './types'
import { USUAL } from './usual'

const SUMMED = ['quantity', 'hasTotal', 'total', 'selected', 'summed'] as const
/** Returns the total and what it sums, unless its parts are adjusted or explained. */
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

/** The quantity's column in the table of a page. */
export const table: PageSurface = {
  ...USUAL,
  numbers: from(['rows'], ({ rows }) => presentIn(rows?.values ?? [])),
  values: from(['rows'], ({ rows }) => rows?.cells ?? []),
  rows: from(['tableRows'], ({ tableRows }) => tableRows),
  sharing: from(['asked.table', 'allEnds', 'allRows', 'caseRows'], (page) => ({
    values: endsDecide(page['asked.table']) ? page.allEnds : (page.allRows?.cells ?? []),
    rows: page.caseRows,
  })),
  checked: from(['rows', 'tableRows', 'dataset', 'mixed', 'addsUp', ...SUMMED], (page) => ({
    ...(page.mixed && page.hasTotal && !page.addsUp
      ? { mixed: toldOf(page.mixed, 'rowsTotal') }
      : {}),
    cells: packed(page.rows?.cells ?? []),
    caseRows: page.tableRows,
    shares: page.quantity.kind === 'shares',
    texts: page.dataset.columns.find(({ name }) => name === page.quantity.column)?.unread,
    ...summedIn(page),
  })),
  numberAt: ({ rows }, _, at) => rows?.values[at],
  nameAt: ({ rows }, at) => rows?.categories[at] ?? null,
  // Rows may be out of sight.
  leadsTo: 'head',
}
