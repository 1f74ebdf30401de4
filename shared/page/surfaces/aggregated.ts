import type { Subject } from '../../../core/checks/types'
import type { PageValues } from '../values'

/** The page values that tell whether marks aggregate rows. */
export const AGGREGATED = ['chart', 'drawing', 'rows'] as const

/** Returns how marks aggregate rows, if any mark stands for several. */
export function aggregatedIn({
  chart,
  drawing,
  rows,
}: Pick<PageValues, (typeof AGGREGATED)[number]>): Pick<Subject, 'aggregate'> {
  const isEach = !rows || rows.values.length <= (drawing?.all.length ?? 0)
  return isEach ? {} : { aggregate: chart.aggregate }
}
