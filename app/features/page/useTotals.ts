import { toExactText } from '~~/core/decimal/decimal'
import { partsIn, wayOf } from '~~/shared/page/derive/totals'
import { type TotalChoice, totalChoices, unrounded } from '~~/shared/page/totals'
import type { PageValues } from '~~/shared/page/values'
import { useLocaleTables } from '~/stores/localeTables'
import { useStudy } from '~/stores/study'
import type { TotalCells } from './columnWidths'
import { words as catalogue } from '~~/words'

const words = catalogue.page.totals

type Slice =
  | 'rows'
  | 'selected'
  | 'hasTotal'
  | 'summed'
  | 'recorded'
  | 'tableRows'
  | 'total'
  | 'subtotals'
  | 'missed'
  | 'adjusted.table'
  | 'otherColumns'
  | 'style.table'
  | 'written.table'

/** The parts of the totals, which stand under their columns; null where there is none. */
function totalCells(
  page: Live<Pick<PageValues, 'total' | 'written.table' | 'otherColumns' | 'selected'>>,
  exactly: string,
): TotalCells | null {
  const total = page.total.value
  if (!total) return null
  const others = page.otherColumns.value.map(
    (other) => [other.name, other.total(page.selected.value)] as const,
  )
  const { writer } = page['written.table'].value
  return { own: writer.parts(toExactText(total)), others: new Map(others), exactly }
}

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
      words.toggleRow({ action: isIn ? words.exclude : words.include, row: row + 1 }),
      next.sort((a, b) => a - b),
    )
  }
  const clear = () => select(words.includeAll, [])

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
    study.changeStyled(words.set({ option: title }), 'table', style, (one) => ({ ...one, total }))
  }
  const exactly = computed(() => {
    const now = parts()
    return now ? unrounded(now) : ''
  })
  const cells = computed(() => totalCells(page, exactly.value))
  const { selected, hasTotal, summed, subtotals, missed } = page
  return {
    selected,
    hasTotal,
    summed,
    subtotals,
    missed,
    adjusted: page['adjusted.table'],
    toggle,
    clear,
    way,
    isAll,
    choices,
    take,
    exactly,
    cells,
  }
}
export type Totals = ReturnType<typeof useTotals>
