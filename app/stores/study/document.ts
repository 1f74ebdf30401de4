import type { Style } from '~~/core/style/fields'
import { inherit } from '~~/core/style/inherit'
import { isUnused } from '~~/shared/study/dataset'
import type { StudyDocument } from '~~/shared/study/document'
import type { Left, Quantity } from '~~/shared/study/quantity'
import type { Study } from '~~/shared/study/study'

const NOTHING_LEFT: readonly Left[] = []

/** The study as it stands on the desk: what people decided, and the data that it is about. */
export function studyDocument() {
  const id = ref('')
  const document = shallowRef<StudyDocument | null>(null)
  const datasets = shallowRef<Study['datasets']>([])
  const revision = ref(0)

  const quantity = computed<Quantity | null>(() => {
    const now = document.value
    return now?.quantities.find((one) => one.id === now.shown) ?? null
  })
  const style = computed<Style>(() =>
    inherit(document.value?.house ?? {}, quantity.value?.style ?? {}),
  )
  /**
   * Findings of the quantity that are let stand; the same list until it is changed, so that a
   * change of style leaves the margin alone.
   */
  const left = computed<readonly Left[]>(() => quantity.value?.left ?? NOTHING_LEFT)
  const readers = computed(() => document.value?.readers)
  const whole = computed(
    () => datasets.value.find((one) => one.id === quantity.value?.datasetId) ?? null,
  )
  /** Places of columns that were made and taken back; as text, so that few changes touch it. */
  const unused = computed(() => {
    const [now, set] = [document.value, whole.value]
    if (!now || !set) return ''
    const found = set.columns.filter((column) => isUnused(column, set, now))
    return JSON.stringify(found.map(({ position }) => position))
  })
  /** The data that the quantity is about, without what was made and taken back. */
  const dataset = computed(() => {
    const set = whole.value
    const places = JSON.parse(unused.value || '[]') as number[]
    if (!set || places.length === 0) return set
    return { ...set, columns: set.columns.filter(({ position }) => !places.includes(position)) }
  })
  function settle(study: Study) {
    id.value = study.id
    document.value = study.document
    datasets.value = study.datasets
    revision.value = study.revision
  }
  return { settle, id, document, datasets, revision, quantity, style, left, readers, dataset }
}
export type OnDesk = ReturnType<typeof studyDocument>
