import type { Decimal } from '~~/core/decimal/decimal'
import { columnsIn } from '~~/core/text/message'
import { type Cell, decimalOf } from '~~/shared/quantities'
import { againstOf } from '~/desk/marks'
import { MESSAGES, messageOf } from '~/desk/prose'
import { useColumns } from '~/stores/columns'
import { useStudy } from '~/stores/study'

export interface TextColumn {
  readonly name: string
  readonly cells: readonly string[]
}
/** Rows of the shown quantity's data set, with the columns that the page speaks of. */
export interface Rows {
  /** Where each row stands in the data set. */
  readonly places: readonly number[]
  readonly cells: readonly Cell[]
  readonly values: readonly (Decimal | null)[]
  readonly texts: readonly TextColumn[]
  readonly categories: readonly string[]
  /** The panel of each row, where there are panels. */
  readonly panels: readonly string[] | null
  /** The colour of each row's piece, where a column parts the marks. */
  readonly colours: readonly string[] | null
  /** The column that changes are told from, where marks tell one. */
  readonly against: readonly (Decimal | null)[] | null
  /** Other columns that the page speaks of, by name. */
  readonly others: ReadonlyMap<string, readonly Cell[]>
}
const MOST_TEXT_COLUMNS = 2

function picked(rows: Rows, keeps: (at: number) => boolean): Rows {
  const kept = rows.places.filter((_, at) => keeps(at))
  const pick = <One>(list: readonly One[]): One[] => kept.map((at) => list[at]!)
  return {
    places: kept, cells: pick(rows.cells), values: pick(rows.values), categories: pick(rows.categories), panels: rows.panels && pick(rows.panels), colours: rows.colours && pick(rows.colours), against: rows.against && pick(rows.against),
    texts: rows.texts.map(({ name, cells }) => ({ name, cells: pick(cells) })),
    others: new Map([...rows.others].map(([name, cells]) => [name, pick(cells)])),
  }
}

/** The rows of the quantity on the page: all of them, and those that the filter leaves. */
export function useRows() {
  const study = useStudy()
  const columns = useColumns()
  const all = shallowRef<Rows | null>(null)
  const filtering = shallowRef<readonly string[] | null>(null)
  const trouble = ref('')

  const spokenNames = stable(() => {
    const names = study.dataset?.columns.map(({ name }) => name) ?? []
    return study.quantity ? MESSAGES.flatMap((id) => columnsIn(messageOf(study.quantity!, id), names)) : []
  })
  const wanted = stable(() => {
    const { quantity, dataset } = study
    return quantity && dataset ? { dataset: dataset.id, column: quantity.column, category: quantity.chart.category, panels: quantity.chart.panels ?? null, colour: quantity.chart.colour ?? null, filter: quantity.filter?.column ?? null, against: againstOf(quantity.chart) ?? null, others: [...new Set([...spokenNames.value, ...quantity.columns ?? [], ...[quantity.chart.second, againstOf(quantity.chart)].filter((name) => name !== undefined)])] } : null
  })

  watch(wanted, async (asked, before) => {
    const { dataset } = study
    // A text that speaks of another column leaves what is shown in place until that column is here.
    if (asked?.dataset !== before?.dataset || asked?.column !== before?.column || asked?.category !== before?.category) all.value = null
    trouble.value = ''
    if (!asked || !dataset) return
    const named = (cells: readonly string[] | null) => cells?.map((cell) => cell || '(none)') ?? null
    const textOf = async (name: string | null) => (name === null ? null : (await columns.cells(dataset, name)).map((cell) => String(cell ?? '')))
    try {
      const names = dataset.columns.filter((column) => column.kind === 'text').slice(0, MOST_TEXT_COLUMNS).map((column) => column.name)
      const [cells, categories, panels, colours, filtered, others, ...texts] = await Promise.all([
        columns.cells(dataset, asked.column), textOf(asked.category), textOf(asked.panels), textOf(asked.colour), textOf(asked.filter),
        Promise.all(asked.others.map((name) => columns.cells(dataset, name))), ...names.map(textOf),
      ])
      if (asked !== wanted.value) return
      filtering.value = filtered
      all.value = {
        cells, values: cells.map(decimalOf), places: cells.map((_, at) => at),
        texts: texts.map((column, at) => ({ name: names[at]!, cells: column! })),
        categories: named(categories) ?? cells.map((_, at) => `row ${at + 1}`),
        panels: named(panels), colours: named(colours), against: asked.against === null ? null : others[asked.others.indexOf(asked.against)]!.map(decimalOf),
        others: new Map(asked.others.map((name, at) => [name, others[at]!])),
      }
    } catch (error) {
      trouble.value = (error as Error).message
    }
  }, { immediate: true })

  const filter = computed(() => study.quantity?.filter)
  const rows = computed(() => {
    const cells = filtering.value
    if (!all.value || !filter.value || !cells) return all.value
    const kept = new Set(filter.value.is)
    return picked(all.value, (at) => kept.has(cells[at]!))
  })
  return { all, rows, trouble }
}
