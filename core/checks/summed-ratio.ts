import { plainly } from '../decimal/plainly'
import { surfaces } from '../surfaces'
import { fix } from './fixes'
import { valueAt } from './proof'
import type { Check } from './types'

/**
 * Protects readers from a sum of ratios, which is the ratio of nothing: prices, rates and means are
 * averaged. Shares of one whole do add up and are left alone, and so are bars of one row each.
 */
export const summedRatio: Check<{ what: 'total' | 'marks'; first: string; count: number }> = {
  id: 'summed-ratio',
  title: 'Ratios are added up',
  weight: 'warning',
  finds: 'a total, or marks of several rows, that add up ratios or means',
  find(proof) {
    const { kind, role, total, aggregate, surface, values } = proof
    const isRatio = (kind ?? role) === 'ratio'
    const what = total !== undefined ? 'total' : 'marks'
    const isSummed = total !== undefined || (surfaces[surface].isOfMarks && aggregate === 'sum')
    if (!isRatio || !isSummed || proof.shares || values.length === 0) return null
    return {
      severity: 'warning',
      params: { what, first: plainly(total ?? valueAt(proof, 0)), count: values.length },
      at: Array.from({ length: values.length }, (_, at) => at),
    }
  },
  message: ({ what, first, count }) =>
    what === 'total'
      ? `The total ${first} adds up ${count} ratios, which has no meaning. Use their mean.`
      : `Each of ${count} marks adds up the ratios of its rows (the first: ${first}), which has no meaning. Use their mean.`,
  *propose({ style, total, aggregate, divisor }) {
    if (aggregate === 'sum' && divisor !== undefined)
      yield fix(
        'ratio-of-sums',
        { divisor },
        { way: 'weight', style, aggregate: 'mean', weight: divisor },
      )
    if (aggregate === 'sum') yield fix('mean', {}, { way: 'aggregate', style, aggregate: 'mean' })
    if (total !== undefined) yield fix('no-total', {}, { way: 'total', style, dropsTotal: true })
  },
}
