import type { Style } from '~~/core/style/fields'
import { inherit } from '~~/core/style/inherit'
import { datasetAs } from '~~/shared/study/dataset'
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
  /** The data that the quantity is about; the same object while a style changes. */
  const dataset = structuralComputed(() =>
    document.value && whole.value ? datasetAs(whole.value, document.value) : whole.value,
  )
  function settle(study: Study) {
    id.value = study.id
    document.value = study.document
    datasets.value = study.datasets
    revision.value = study.revision
  }
  return { settle, id, document, datasets, revision, quantity, style, left, readers, dataset }
}
export type OnDesk = ReturnType<typeof studyDocument>
