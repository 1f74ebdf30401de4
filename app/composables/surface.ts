import type { Surface } from '~~/core/checks/types'
import { type Labeller, labeller } from '~~/core/label/labeller'
import { type Context, resolve } from '~~/core/label/resolve'
import type { Plan } from '~~/core/label/types'
import { looksAtValues } from '~~/core/style/columns'
import type { FullStyle } from '~~/core/style/fields'
import { type SurfaceSource, titled } from '~~/shared/page/sources'
import { useLevels } from '~/stores/levels'
import { useRegions } from '~/stores/regions'
import { useStudy } from '~/stores/study'

/** What is written on one surface, and how. */
export interface SurfaceView {
  readonly style: ComputedRef<FullStyle>
  readonly context: ComputedRef<Context>
  readonly plan: ComputedRef<Plan>
  readonly writer: ComputedRef<Labeller>
  /** What its title says, with rung and unit where the labels do not say them. */
  readonly title: ComputedRef<string>
}
interface Made {
  readonly plan: Plan
  readonly writer: Labeller
}
/** Plans that look at no values are the same for all surfaces of one style: each is made once. */
const MOST_KEPT = 12

/** The views of surfaces, by one memory of Plans. */
export function useSurfaces() {
  const study = useStudy()
  const levels = useLevels()
  const regions = useRegions()
  const recorded = computed(() => study.quantity?.recorded ?? 0)
  let kept = new Map<string, Made>()
  /** The same by the style itself: surfaces on which nothing is set share one. */
  let known = new WeakMap<FullStyle, Made>()
  watch([() => regions.loaded, recorded], () => ([kept, known] = [new Map(), new WeakMap()]), {
    flush: 'sync',
  })

  function keptFor(style: FullStyle): Made {
    const key = JSON.stringify(style)
    let made = kept.get(key)
    if (!made) {
      const plan = resolve(style, { ...regions.loaded, recorded: recorded.value })
      made = { plan, writer: labeller(plan) }
      if (kept.size >= MOST_KEPT) kept.delete(kept.keys().next().value!)
      kept.set(key, made)
    }
    return made
  }
  function madeFor(style: FullStyle, context: () => Context): Made {
    if (looksAtValues(style)) {
      const plan = resolve(style, context())
      return { plan, writer: labeller(plan) }
    }
    const made = known.get(style) ?? keptFor(style)
    known.set(style, made)
    return made
  }

  return function view(surface: Surface, { values, rows }: SurfaceSource): SurfaceView {
    const style = levels.on[surface]
    const context = computed<Context>(() => ({
      ...regions.loaded,
      values: values(),
      rows: rows(),
      recorded: recorded.value,
    }))
    // The looks at `loaded` and `recorded` keep what was made by older ones from staying.
    const made = computed(
      () => (void regions.loaded, void recorded.value, madeFor(style.value, () => context.value)),
    )
    const plan = computed(() => made.value.plan)
    return {
      style,
      context,
      plan,
      writer: computed(() => made.value.writer),
      title: computed(() => titled(study.quantity?.title, plan.value)),
    }
  }
}
