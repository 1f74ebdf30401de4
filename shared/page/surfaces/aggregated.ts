import type { Subject } from '../../../core/checks/types'
import type { PageValues } from '../values'

/** What tells how the rows of marks are put together. */
export const AGGREGATED = ['chart', 'drawing', 'rows'] as const

/** How the rows of marks are put together, where some mark stands for several. */
export function aggregatedIn({
  chart,
  drawing,
  rows,
}: Pick<PageValues, (typeof AGGREGATED)[number]>): Pick<Subject, 'aggregate'> {
  const isEach = !rows || rows.values.length <= (drawing?.all.length ?? 0)
  return isEach ? {} : { aggregate: chart.aggregate }
}
