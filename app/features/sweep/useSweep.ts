import {
  LARGEST_ORDER,
  LEAST_ORDER,
  type OrderRange,
  ORDERS,
  type Turn,
  turnsOf,
} from '~~/core/compare/magnitudes'
import { leadingPower } from '~~/core/decimal/arithmetic'
import { toExactText } from '~~/core/decimal/decimal'
import { resolve } from '~~/core/label/resolve'
import type { Plan } from '~~/core/label/types'
import { type Comparing, LABEL_SIZE } from '~/features/compare/useCompare'
import type { Page } from '~/features/page/usePage'
import { columnWidth, rowsIn, rowsOf } from './orderRows'
import { useLocaleTables } from '~/stores/localeTables'

/** A style of the sweep, ready to write every order of magnitude. */
export interface SweepColumn {
  readonly title: string
  readonly plan: Plan
}

/** Charts are about the orders below this one, where there are no data. */
const USUAL: OrderRange = { from: 9, to: 0 }
const inReach = (order: number) => Math.min(LARGEST_ORDER, Math.max(LEAST_ORDER, order))
/** The orders of the data on the page, with one more on each side. */
export function useDataOrders(page: Page): Readonly<Ref<OrderRange>> {
  return computed(() => {
    const powers = page['numbers.marks'].value.map(leadingPower).filter(Number.isFinite)
    if (powers.length === 0) return USUAL
    return {
      from: inReach(Math.max(...powers) + 1),
      to: inReach(Math.min(...powers) - 1),
    }
  })
}

/** Where any of the styles turns, once the rows in sight are there; null until then. */
export function useTurns(columns: Readonly<Ref<readonly SweepColumn[]>>) {
  const turns = shallowRef<readonly (Turn & { readonly at: number })[] | null>(null)
  watch(
    columns,
    async (now) => {
      const found: (Turn & { readonly at: number })[] = []
      for (const [at, { plan }] of now.entries()) {
        await whenIdle()
        if (columns.value !== now) return
        found.push(...turnsOf(plan).map((turn) => ({ ...turn, at })))
      }
      turns.value = found
    },
    { immediate: true },
  )
  return turns
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
export async function rehearse(columns: readonly SweepColumn[], first: number): Promise<void> {
  if (isRehearsed) return
  isRehearsed = true
  const rowOf = rowsOf(
    columns.map(({ plan }) => plan),
    columnWidth(innerWidth, columns.length),
    LABEL_SIZE,
  )
  const from = LARGEST_ORDER - first
  for (const order of ORDERS.slice(from, from + rowsIn(innerHeight, ORDERS.length))) {
    await whenIdle()
    rowOf(order)
  }
}
