import type { Room } from '~~/core/checks/types'
import { type Decimal, toExactText } from '~~/core/decimal/decimal'
import { labeller } from '~~/core/label/labeller'
import { machineLabel } from '~~/core/label/machine'
import { type Context, resolve } from '~~/core/label/resolve'
import type { Plan, Row, Value } from '~~/core/label/types'
import { endsDecide, looksAtValues } from '~~/core/style/columns'
import { type Cell, decimalOf } from '~~/shared/quantities'
import { type PlacedSubject, useFindings } from '~/composables/findings'
import { useSideColumns } from '~/composables/sides'
import { useTotals } from '~/composables/totals'
import { useWords } from '~/composables/words'
import { flaggedBy, type Places, type Shown, standing } from '~/desk/cards'
import { drawingOf, numberStep, withTexts } from '~/desk/drawing'
import { endsOf } from '~/desk/present'
import { useColumns } from '~/stores/columns'
import { useRegions } from '~/stores/regions'
import { useStudy } from '~/stores/study'

export interface TextColumn {
  readonly name: string
  readonly cells: readonly string[]
}
interface Rows {
  readonly cells: readonly Cell[]
  readonly values: readonly (Decimal | null)[]
  readonly texts: readonly TextColumn[]
  readonly categories: readonly string[]
}
const MOST_TEXT_COLUMNS = 2

/** What the page shows of the quantity on it: drawing, labels and findings, all following the style. */
export function usePage() {
  const study = useStudy()
  const columns = useColumns()
  const regions = useRegions()
  const rows = shallowRef<Rows | null>(null)
  const trouble = ref('')

  const source = computed(() => {
    const { quantity, dataset } = study
    return quantity && dataset ? JSON.stringify([dataset.id, quantity.column, quantity.chart.category]) : ''
  })

  async function load() {
    const { quantity, dataset } = study
    rows.value = null
    trouble.value = ''
    if (!quantity || !dataset) return
    const wanted = source.value
    try {
      const names = dataset.columns.filter((column) => column.kind === 'text').slice(0, MOST_TEXT_COLUMNS).map((column) => column.name)
      const asked = quantity.chart.category === null ? [] : [quantity.chart.category]
      const [cells, categories, ...texts] = await Promise.all([
        columns.cells(dataset, quantity.column),
        Promise.all(asked.map((name) => columns.cells(dataset, name))),
        ...names.map((name) => columns.cells(dataset, name)),
      ])
      if (wanted !== source.value) return
      rows.value = {
        cells,
        values: cells.map(decimalOf),
        texts: texts.map((column, at) => ({ name: names[at]!, cells: column.map((cell) => String(cell ?? '')) })),
        categories: categories[0]?.map((cell) => String(cell ?? '(none)')) ?? cells.map((_, at) => `row ${at + 1}`),
      }
    } catch (error) {
      trouble.value = (error as Error).message
    }
  }
  watch(source, () => void load(), { immediate: true })

  // A change of style leaves these as they are, and with them the drawing.
  const chart = computed(() => study.quantity?.chart)
  const ticks = computed(() => study.quantity?.ticks)
  const drawing = computed(() => (chart.value && ticks.value && rows.value ? drawingOf(chart.value, ticks.value, rows.value.categories, rows.value.values) : null))
  const recorded = computed(() => study.quantity?.recorded ?? 0)

  const tickValues = computed(() => drawing.value?.ticks.values.map(toExactText) ?? [])
  const markValues = computed(() => drawing.value?.groups.map(({ value }) => toExactText(value)) ?? [])
  /** The cells that cases and currencies look at: a table's own, and a mark's category. */
  const rowsOf: Record<Shown, ComputedRef<readonly Row[] | undefined>> = {
    axis: computed(() => undefined),
    marks: computed(() => {
      const name = chart.value?.category
      return name ? drawing.value?.groups.map(({ category }) => ({ [name]: category })) : undefined
    }),
    table: useSideColumns(),
  }
  /** The Plan of all surfaces, where the style looks at no values and no rows. */
  const common = computed(() => (looksAtValues(study.style) ? null : resolve(study.style, { ...regions.loaded, recorded: recorded.value })))
  const commonWriter = computed(() => common.value && labeller(common.value))
  /** What a table's rungs are shared over: its two ends, where those decide. */
  const ends = computed(() => endsOf(rows.value?.values ?? []).map(toExactText))
  const tableValues = computed<readonly Value[]>(() => (endsDecide(study.style) ? ends.value : rows.value?.cells ?? []))
  const contextOf = (surface: Shown, values: () => Iterable<Value>) =>
    computed<Context>(() => ({ ...regions.loaded, values: values(), rows: rowsOf[surface].value, recorded: recorded.value }))
  const contexts = {
    axis: contextOf('axis', () => tickValues.value),
    marks: contextOf('marks', () => markValues.value),
    table: contextOf('table', () => tableValues.value),
  }
  const planOf = (surface: Shown) => computed(() => common.value ?? resolve(study.style, contexts[surface].value))
  const plans = { axis: planOf('axis'), marks: planOf('marks'), table: planOf('table') }
  const writers = {
    axis: computed(() => commonWriter.value ?? labeller(plans.axis.value)),
    marks: computed(() => commonWriter.value ?? labeller(plans.marks.value)),
    table: computed(() => commonWriter.value ?? labeller(plans.table.value)),
  }
  /** A title says rung and unit where the labels do not. */
  const titled = (plan: Plan) => [study.quantity?.title, plan.title].filter(Boolean).join(', ')
  const titles = { axis: computed(() => titled(plans.axis.value)), table: computed(() => titled(plans.table.value)) }
  /** The axis's labels as the style writes them, and as they stand: texts by hand in their place. */
  const styledTicks = computed(() => writers.axis.value.labels(tickValues.value))
  const byHand = computed(() => ticks.value?.labels)
  const tickLabels = computed(() => withTexts(styledTicks.value, byHand.value))
  const markLabels = computed(() => writers.marks.value.labels(markValues.value, rowsOf.marks.value))

  const words = {
    marks: useWords(plans.marks, () => study.style, contexts.marks),
    table: useWords(plans.table, () => study.style, contexts.table),
  }
  /** The chart in words: every category with its label. */
  const description = computed(() => {
    const say = words.marks.value
    return drawing.value?.groups.map(({ category }, at) => `${category}: ${say ? say(markValues.value[at], rowsOf.marks.value?.[at]) : ''}`).join('; ') ?? ''
  })

  /** Where the marks stand, once they are drawn. */
  const marksRoom = shallowRef<Room>()
  const setMarksRoom = (room: Room) => (marksRoom.value = room)
  const totals = useTotals({ rows, sides: rowsOf.table, plan: plans.table })
  /** The parts are checked against their total where it stands under them and nothing was done about what they miss. */
  const summed = computed(() => (totals.isShown.value && totals.way.value === 'plain' ? { total: totals.exact.value ?? undefined, selection: totals.isAll.value ? undefined : totals.places.value } : {}))
  /** The column as a worker takes it at once. */
  const packed = computed(() => {
    const cells = rows.value?.cells ?? []
    return cells.every((cell) => typeof cell !== 'string') ? Float64Array.from(cells as (number | null)[], (cell) => cell ?? NaN) : cells
  })
  const unread = computed(() => study.dataset?.columns.find(({ name }) => name === study.quantity?.column)?.unread)
  const subjects = computed<PlacedSubject[]>(() => {
    if (!drawing.value || !ticks.value) return []
    const kind = study.quantity?.kind
    const subject = (surface: Shown) => ({ surface, style: study.style, context: contexts[surface].value, kind, readers: study.readers })
    const { ticks: placed, groups } = drawing.value
    const hasTexts = byHand.value?.some((text) => text !== '')
    return [
      { surface: 'axis', subject: { ...subject('axis'), values: placed.values, step: numberStep(placed, ticks.value) ?? undefined, byHand: hasTexts ? [...tickLabels.value] : undefined } },
      { surface: 'marks', subject: { ...subject('marks'), values: groups.map(({ value }) => value), rows: rowsOf.marks.value, room: marksRoom.value } },
      { surface: 'table', subject: { ...subject('table'), cells: packed.value, sides: rowsOf.table.value, shares: kind === 'shares', texts: unread.value, ...summed.value } },
    ]
  })
  const { findings: found, trouble: checkTrouble, ...checks } = useFindings(subjects)
  const findings = computed(() => standing(found.value, study.left))

  /** Places of labels with an error or a warning, a surface at a time. */
  const flaggedOn = (surface: Shown) => flaggedBy(findings.value.filter((finding) => finding.surface === surface))
  const flagged = computed<Record<Shown, Places>>(() => ({ axis: flaggedOn('axis'), marks: flaggedOn('marks'), table: flaggedOn('table') }))

  return { rows, rowsOf, plans, totals, setMarksRoom, words, description, drawing, trouble, findings, checks, checkTrouble, flagged, writers, titles, tickValues, markValues, styledTicks, tickLabels, markLabels, machineLabel }
}
export type Page = ReturnType<typeof usePage>
