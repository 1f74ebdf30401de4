import { watchDebounced } from '@vueuse/core'
import { type Context, type Regions, resolve } from '~~/core/label/resolve'
import type { Row, Value } from '~~/core/label/types'
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
export function useWords(style: () => Style, context: () => Omit<Context, keyof Regions>) {
  const regions = useRegions()
  const say = shallowRef<((value: Value, row?: Row) => string) | null>(null)
  watchDebounced([style, context], async ([now, own]) => {
    try {
      await regions.load([spokenStyle(now)])
      const whole = { ...regions.loaded, ...own }
      const plan = resolve(now, whole)
      say.value = speaker(plan, spokenPlan(plan, now, whole))
    } catch {
      say.value = null
    }
  }, { debounce: REST, immediate: true })
  return say
}
