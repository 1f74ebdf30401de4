import { decimal } from '~~/core/decimal/decimal'
import { whereResolved } from '~~/core/error'
import { labeller } from '~~/core/label/labeller'
import { resolve } from '~~/core/label/resolve'
import type { Style } from '~~/core/style/fields'
import type { FindingView } from '~~/shared/proof/view'
import { useLocaleTables } from '~/stores/localeTables'
import type { OpenWork, Proof } from './useProof'

/** The part of a work that is looked at, and what its labels become. */
export function useMending({ work, preview, accept }: Proof) {
  const regions = useLocaleTables()
  const part = ref<number | null>(null)
  /** The finding whose labels stand out. */
  const finding = shallowRef<FindingView | null>(null)
  /** What the part is given; null while it stays as it is. */
  const style = shallowRef<Style | null>(null)
  const next = shallowRef<OpenWork | null>(null)

  const parts = computed(() => work.value?.view.parts ?? [])
  const inHand = computed(() => (part.value === null ? null : (parts.value[part.value] ?? null)))
  const labels = computed(() => {
    const [one, own] = [inHand.value, style.value]
    if (!one || !own) return null
    const values = one.labels.map(({ value }) => value)
    const step = one.step ? decimal(one.step) : undefined
    const context = { ...regions.loaded, values, step }
    return whereResolved(() => labeller(resolve(own, context)).labels(values))
  })
  const isSame = computed(
    () => labels.value?.every((label, at) => label === inHand.value?.labels[at]?.text) ?? true,
  )
  const left = computed(
    () => next.value?.view.findings.filter((one) => one.part === part.value).length ?? null,
  )
  watch(labels, async (now) => {
    if (!now || part.value === null || isSame.value) return (next.value = null)
    const previewed = await preview(part.value, now)
    // A newer change is on its way already.
    if (now === labels.value) next.value = previewed
  })

  function leave() {
    style.value = null
    next.value = null
  }
  function take(at: number) {
    if (at !== part.value) leave()
    part.value = at
  }
  function show(one: FindingView) {
    finding.value = one
    take(one.part)
  }
  /** Begins with what a work's first finding is about, or its first part. */
  function begin() {
    leave()
    const [first] = work.value?.view.findings ?? []
    finding.value = first ?? null
    part.value = first?.part ?? (parts.value.length > 0 ? 0 : null)
  }
  async function mend(at: number, wanted?: Style) {
    take(at)
    const own = wanted ?? parts.value[at]!.style
    await regions.load([own])
    style.value = own
  }
  async function apply() {
    if (!next.value) return
    await accept(next.value)
    leave()
    finding.value = work.value?.view.findings[0] ?? null
  }
  const state = { part, finding, style, next, parts, inHand, labels, isSame, left }
  return { ...state, leave, take, show, begin, mend, apply }
}
