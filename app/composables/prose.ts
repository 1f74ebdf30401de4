import { toExactText } from '~~/core/decimal/decimal'
import { type Said, sayMessage } from '~~/core/text/message'
import type { Drawing } from '~~/shared/page/drawing'
import { type MessageId, messageOf, variablesOf } from '~~/shared/page/messages'
import { factsOf, proseOf } from '~~/shared/page/prose'
import type { Rows } from '~~/shared/page/rows'
import type { SurfaceView } from '~/composables/surface'
import { useRegions } from '~/stores/regions'
import { useStudy } from '~/stores/study'

/** A message: its source, and what it says of the rows that are shown. */
export interface ProseView {
  readonly source: ComputedRef<string>
  readonly said: ComputedRef<Said>
  /** What a source says, for one that is being typed. */
  say(source: string): Said
}
const NOTHING: Said = { text: '', ownText: '', numbers: [], problems: [] }

/**
 * What all messages of the page speak of: the chart's numbers, and the rows' columns without their
 * labels. It stays as it is while a style changes.
 */
export function useFacts(rows: Readonly<Ref<Rows | null>>, drawing: Readonly<Ref<Drawing | null>>) {
  const study = useStudy()
  const own = computed(() => study.quantity?.column)
  const columns = computed(() =>
    rows.value && own.value !== undefined && study.dataset
      ? factsOf({ column: own.value }, study.dataset, rows.value)
      : [],
  )
  return {
    columns,
    variables: computed(() => variablesOf(drawing.value, rows.value?.values ?? [])),
  }
}
type Facts = ReturnType<typeof useFacts>

/** What messages say: numbers of the chart and of columns, each as its own quantity is written on that surface. */
export function useProse(
  id: MessageId,
  view: SurfaceView,
  { columns, variables }: Facts,
): ProseView {
  const study = useStudy()
  const regions = useRegions()
  const source = computed(() => (study.quantity ? messageOf(study.quantity, id) : ''))
  const prose = computed(() => {
    const { document, quantity, dataset } = study
    return document && quantity && dataset
      ? proseOf({
          document,
          quantity,
          dataset,
          id,
          facts: columns.value,
          variables: variables.value,
          regions: regions.loaded,
          style: view.style.value,
          own: (value) => view.writer.value.label(toExactText(value)),
        })
      : null
  })
  const say = (text: string): Said => (prose.value ? sayMessage(text, prose.value) : NOTHING)
  return { source, say, said: computed(() => say(source.value)) }
}
