import type { Context } from '~~/core/label/context'
import type { Row, Value } from '~~/core/label/types'
import type { FullStyle } from '~~/core/style/fields'
import { speaker } from '~~/core/text/spoken'
import { spokenPlan, spokenStyle } from '~~/core/text/words'
import type { Writing } from '~~/shared/page/values'
import { useLocaleTables } from '~/stores/localeTables'

/** Labels are said when the hand rests; nobody hears them while they change. */
const REST = 250

/**
 * What a screen reader says for the labels of a surface: a function that follows the style, a
 * moment later. Until the names that it needs are here, labels are said as they are written.
 */
export function useSpoken(
  style: Readonly<Ref<FullStyle>>,
  context: Readonly<Ref<Context>>,
  written: Readonly<Ref<Writing>>,
) {
  const tables = useLocaleTables()
  const say = shallowRef<((value: Value, row?: Row) => string) | null>(null)
  async function follow() {
    const [now, { plan }] = [style.value, written.value]
    try {
      const loaded = await tables.loadedWith(spokenStyle(now))
      say.value = speaker(plan, spokenPlan(plan, now, { ...context.value, ...loaded }))
    } catch {
      say.value = null
    }
  }
  void follow()
  watchDebounced(() => [written.value, context.value], follow, REST)
  return say
}
