import { type Decimal, toExactText } from '~~/core/decimal/decimal'
import { today } from '~~/core/data/dates'
import { labeller } from '~~/core/label/labeller'
import { localeTableName, resolve } from '~~/core/label/resolve'
import en from '~~/core/locale/generated/locales/en.json'
import type { LocaleTable } from '~~/core/locale/types'
import { type Prose, type ProseColumn, type Said, sayMessage } from '~~/core/text/message'
import { decimalOf, styleOf } from '~~/shared/quantities'
import type { Rows } from '~/composables/rows'
import type { SurfaceView } from '~/composables/surface'
import type { Drawing } from '~/desk/drawing'
import { messageOf, pluralBy, type Prosaic, variablesOf } from '~/desk/prose'
import { useRegions } from '~/stores/regions'
import { useStudy } from '~/stores/study'

/** A headline or sentence: its source, and what it says of the rows that are shown. */
export interface ProseView {
  readonly source: ComputedRef<string>
  readonly said: ComputedRef<Said>
  /** What a source says, for one that is being typed. */
  say(source: string): Said
}

/** What messages say: numbers of the chart and of columns, each as its own quantity is written on that surface. */
export function useProse(surface: Prosaic, view: SurfaceView, rows: Readonly<Ref<Rows | null>>, drawing: Readonly<Ref<Drawing | null>>): ProseView {
  const study = useStudy()
  const regions = useRegions()
  const source = computed(() => (study.quantity ? messageOf(study.quantity, surface) : ''))
  const locale = computed(() => view.style.value.locale)

  /** Numbers of another column are written as its own quantity is on this surface. */
  function labelOf(name: string, values: readonly (Decimal | null)[]): ProseColumn['label'] {
    const { document, quantity } = study
    if (name === quantity?.column) return (value) => view.writer.value.label(toExactText(value))
    const other = document?.quantities.find((one) => one.datasetId === quantity?.datasetId && one.column === name)
    if (!other || !document) return undefined
    const present = values.filter((value) => value !== null).map(toExactText)
    const writer = labeller(resolve(styleOf(document, other, surface), { ...regions.loaded, values: present, recorded: other.recorded }))
    return (value) => writer.label(toExactText(value))
  }
  /** Columns without their labels stay as they are while a style changes. */
  const cells = computed(() => {
    const numeric = new Set(study.dataset?.columns.filter(({ kind }) => kind === 'number').map(({ name }) => name))
    const own = study.quantity && rows.value ? [[study.quantity.column, rows.value.cells] as const] : []
    return [...(rows.value?.others ?? []), ...own].map(([name, column]) =>
      (numeric.has(name) ? { name, values: column.map(decimalOf) } : { name, texts: column.map((cell) => String(cell ?? '')) }))
  })
  const variables = computed(() => variablesOf(drawing.value, rows.value?.values ?? []))
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
      ...cells.value.map(({ name, ...column }) => [name, column.values ? { ...column, label: labelOf(name, column.values) } : column] as const),
    ]),
  }))
  const say = (text: string): Said => sayMessage(text, prose.value)
  return { source, say, said: computed(() => say(source.value)) }
}
