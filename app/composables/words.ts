import type { Row, Value } from '~~/core/label/types'
import { speaker } from '~~/core/text/spoken'
import { spokenPlan, spokenStyle } from '~~/core/text/words'
import type { SurfaceView } from '~/composables/surface'
import { useRegions } from '~/stores/regions'

/** Labels are said when the hand rests; nobody hears them while they change. */
const REST = 250

/**
 * What a screen reader says for the labels of a surface: a function that follows the style, a
 * moment later. Until the names that it needs are here, labels are said as they are written.
 */
export function useWords({
  plan,
  style,
  context,
}: Pick<SurfaceView, 'plan' | 'style' | 'context'>) {
  const regions = useRegions()
  const say = shallowRef<((value: Value, row?: Row) => string) | null>(null)
  async function follow() {
    const now = style.value
    try {
      const loaded = await regions.loadedWith(spokenStyle(now))
      say.value = speaker(plan.value, spokenPlan(plan.value, now, { ...context.value, ...loaded }))
    } catch {
      say.value = null
    }
  }
  void follow()
  whenAtRest(() => [plan.value, context.value], follow, REST)
  return say
}
