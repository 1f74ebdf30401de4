import { type Decimal, toExactText } from '~~/core/decimal/decimal'
import { today } from '~~/core/data/dates'
import { labeller } from '~~/core/label/labeller'
import { localeTableName, resolve } from '~~/core/label/resolve'
import en from '~~/core/locale/generated/locales/en.json'
import type { LocaleTable } from '~~/core/locale/types'
import { type Prose, type ProseColumn, type Said, sayMessage } from '~~/core/text/message'
import { orderIn } from '~~/shared/import/dates'
import { decimalOf, quantityOf, styleOf } from '~~/shared/quantities'
import type { Rows } from '~/composables/rows'
import type { SurfaceView } from '~/composables/surface'
import type { Drawing } from '~/desk/drawing'
import { type MessageId, messageOf, pluralBy, surfaceOf, variablesOf } from '~/desk/prose'
import { useRegions } from '~/stores/regions'
import { useStudy } from '~/stores/study'

/** A message: its source, and what it says of the rows that are shown. */
export interface ProseView {
  readonly source: ComputedRef<string>
  readonly said: ComputedRef<Said>
  /** What a source says, for one that is being typed. */
  say(source: string): Said
}

/**
 * What all messages of the page speak of: the chart's numbers, and the rows' columns without their
 * labels. It stays as it is while a style changes.
 */
export function useFacts(rows: Readonly<Ref<Rows | null>>, drawing: Readonly<Ref<Drawing | null>>) {
  const study = useStudy()
  const own = computed(() => study.quantity?.column)
  const columns = computed(() => {
    if (!rows.value) return []
    const numeric = new Set(study.dataset?.columns.filter(({ kind }) => kind === 'number').map(({ name }) => name))
    const orders = new Map(study.dataset?.columns.map(({ name, reason }) => [name, orderIn(reason)]))
    const others = [...rows.value.others].filter(([name]) => name !== own.value).map(([name, cells]) =>
      (numeric.has(name) ? { name, values: cells.map(decimalOf) } : { name, texts: cells.map((cell) => String(cell ?? '')), order: orders.get(name) }))
    return own.value === undefined ? others : [...others, { name: own.value, values: rows.value.values }]
  })
  return { columns, variables: computed(() => variablesOf(drawing.value, rows.value?.values ?? [])) }
}
type Facts = ReturnType<typeof useFacts>

/** What messages say: numbers of the chart and of columns, each as its own quantity is written on that surface. */
export function useProse(id: MessageId, view: SurfaceView, { columns, variables }: Facts): ProseView {
  const study = useStudy()
  const regions = useRegions()
  const source = computed(() => (study.quantity ? messageOf(study.quantity, id) : ''))
  const locale = computed(() => view.style.value.locale)

  /** Numbers of another column are written as its own quantity is on this surface. */
  function labelOf(name: string, values: readonly (Decimal | null)[]): ProseColumn['label'] {
    const { document, quantity } = study
    if (name === quantity?.column) return (value) => view.writer.value.label(toExactText(value))
    const other = document && quantity ? quantityOf(document, quantity.datasetId, name) : undefined
    if (!other || !document) return undefined
    const present = values.filter((value) => value !== null).map(toExactText)
    const writer = labeller(resolve(styleOf(document, other, surfaceOf(id)), { ...regions.loaded, values: present, recorded: other.recorded }))
    return (value) => writer.label(toExactText(value))
  }
  const counting = computed(() => {
    const name = localeTableName(locale.value)
    const count = labeller(resolve({ locale: locale.value, marks: view.style.value.marks, fraction: [0, 0] }, regions.loaded))
    return { count: (value: Decimal) => count.label(toExactText(value)), plural: pluralBy(regions.loaded.tables?.[name] ?? (en as LocaleTable), count) }
  })
  const prose = computed<Prose>(() => ({
    locale: locale.value, own: study.quantity?.column ?? '', variables: variables.value, today: today(), ...counting.value,
    columns: new Map([
      // Columns that are not fetched yet are known by name, so that an error can list them.
      ...(study.dataset?.columns.map(({ name }) => [name, {}] as const) ?? []),
      ...columns.value.map(({ name, ...column }) => [name, column.values ? { ...column, label: labelOf(name, column.values) } : column] as const),
    ]),
  }))
  const say = (text: string): Said => sayMessage(text, prose.value)
  return { source, say, said: computed(() => say(source.value)) }
}
