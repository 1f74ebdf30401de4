import { watchDebounced } from '@vueuse/core'
import type { Context } from '~~/core/label/resolve'
import type { Plan, Row, Value } from '~~/core/label/types'
import type { Style } from '~~/core/style/fields'
import { speaker } from '~~/core/text/spoken'
import { spokenPlan, spokenStyle } from '~~/core/text/words'
import { useRegions } from '~/stores/regions'

/** Labels are said when the hand rests; nobody hears them while they change. */
const REST = 250

/**
 * What a screen reader says for the labels of a surface: a function that follows the style, a
 * moment later. Until the names that it needs are here, labels are said as they are written.
 */
export function useWords(plan: Readonly<Ref<Plan>>, style: () => Style, context: Readonly<Ref<Context>>) {
  const regions = useRegions()
  const say = shallowRef<((value: Value, row?: Row) => string) | null>(null)
  watchDebounced([plan, context], async () => {
    const now = style()
    try {
      await regions.load([spokenStyle(now)])
      say.value = speaker(plan.value, spokenPlan(plan.value, now, { ...context.value, ...regions.loaded }))
    } catch {
      say.value = null
    }
  }, { debounce: REST, immediate: true })
  return say
}
