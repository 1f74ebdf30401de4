import { ORDERS } from '~~/core/compare/magnitudes'
import { toExactText } from '~~/core/decimal/decimal'
import { resolve } from '~~/core/label/resolve'
import type { Plan } from '~~/core/label/types'
import { type Comparing, LABEL_SIZE } from '~/features/compare/useCompare'
import type { Page } from '~/features/page/usePage'
import { columnWidth, FIRST, placeOf, rowsIn, rowsOf } from './orderRows'
import { useLocaleTables } from '~/stores/localeTables'

/** A style of the sweep, ready to write every order of magnitude. */
export interface SweepColumn {
  readonly title: string
  readonly plan: Plan
}

/** The compared styles as the sweep writes them: what the marks share stays as it is on them. */
export function useSweep(
  page: Page,
  ways: Comparing['ways'],
): Readonly<Ref<readonly SweepColumn[]>> {
  const regions = useLocaleTables()
  return computed(() => {
    const values = page['numbers.marks'].value.map(toExactText)
    return ways.value.map(({ title, style }) => ({
      title,
      plan: resolve(style, { ...regions.loaded, values }),
    }))
  })
}

let isRehearsed = false
/**
 * Writes the rows that the sweep would show first, one at a time while nothing else is to be done.
 * Its code has then run when the sweep is opened; once is enough.
 */
export async function rehearse(columns: readonly SweepColumn[]): Promise<void> {
  if (isRehearsed) return
  isRehearsed = true
  const rowOf = rowsOf(
    columns.map(({ plan }) => plan),
    columnWidth(innerWidth, columns.length),
    LABEL_SIZE,
  )
  const from = placeOf(FIRST)
  for (const order of ORDERS.slice(from, from + rowsIn(innerHeight))) {
    await whenIdle()
    rowOf(order)
  }
}
