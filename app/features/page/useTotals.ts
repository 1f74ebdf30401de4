import { partsIn, wayOf } from '~~/shared/page/derive/totals'
import { type TotalChoice, totalChoices, unrounded } from '~~/shared/page/totals'
import type { PageValues } from '~~/shared/page/values'
import { useLocaleTables } from '~/stores/localeTables'
import { useStudy } from '~/stores/study'
import { totals as words } from './words'

type Slice =
  | 'rows'
  | 'selected'
  | 'hasTotal'
  | 'summed'
  | 'recorded'
  | 'tableRows'
  | 'total'
  | 'totalLabel'
  | 'subtotals'
  | 'missed'
  | 'adjusted'
  | 'style.table'
  | 'written.table'

/** The total under the table, and what is done with it. */
export function useTotals(page: Live<Pick<PageValues, Slice>>) {
  const study = useStudy()
  const tables = useLocaleTables()

  const select = (what: string, ticked: readonly number[]) =>
    study.changeQuantity(what, (one) => ({
      ...one,
      selected: ticked.length > 0 ? [...ticked] : undefined,
    }))
  /** Counts a row of the table in, or leaves it out. */
  function toggle(at: number) {
    const row = page.rows.value!.places[at]!
    const before = study.quantity?.selected ?? []
    const isIn = before.includes(row)
    const next = isIn ? before.filter((one) => one !== row) : [...before, row]
    select(
      words.totalRow(isIn ? words.leaveOut : words.countIn, row + 1),
      next.sort((a, b) => a - b),
    )
  }
  const clear = () => select(words.totalCountAllRows, [])

  const way = computed(() => wayOf(study.quantity ?? {}))
  const isAll = computed(() => page.selected.value.size === 0)
  const parts = () =>
    partsIn({
      rows: page.rows.value,
      recorded: page.recorded.value,
      summed: page.summed.value,
      tableRows: page.tableRows.value,
      total: page.total.value,
      'written.table': page['written.table'].value,
    })
  function choices(): TotalChoice[] {
    const now = parts()
    return now ? totalChoices(now, page['style.table'].value, tables.loaded) : []
  }
  function take({ title, total, style }: TotalChoice) {
    study.changeStyled(words.total(title), 'table', style, (one) => ({ ...one, total }))
  }
  const exactly = computed(() => {
    const now = parts()
    return now ? unrounded(now) : ''
  })
  const { selected, hasTotal, summed, totalLabel, subtotals, missed, adjusted } = page
  return {
    selected,
    hasTotal,
    summed,
    totalLabel,
    subtotals,
    missed,
    adjusted,
    toggle,
    clear,
    way,
    isAll,
    choices,
    take,
    exactly,
  }
}
export type Totals = ReturnType<typeof useTotals>
