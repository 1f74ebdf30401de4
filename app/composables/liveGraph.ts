import { computed, ref, type Ref, watch } from 'vue'
import type { Derivation, Derivations } from '~~/shared/graph/derivation'
import { debouncedComputed, watchDebounced } from './debounce'
import { structuralComputed } from './structural'

/** Values of a graph, each as it stands now. */
export type Live<Values> = { readonly [Name in keyof Values]: Readonly<Ref<Values[Name]>> }

/**
 * A number that grows at once, and shrinks when it has rested: what hangs on it does not run to and
 * fro under a hand.
 *
 * @param of what it is of: of another thing it follows at once
 * @param rest in milliseconds
 */
function shrinkingComputed(
  get: () => number,
  of: () => unknown,
  rest: number,
): Readonly<Ref<number>> {
  const needed = computed(get)
  const held = ref(needed.value)
  watch([needed, of], ([now, thing], [, before]) => {
    if (now > held.value || thing !== before) held.value = now
  })
  watchDebounced(
    () => needed.value,
    (now) => (held.value = now),
    rest,
  )
  return held
}

/** A derivation that follows what it needs, at its own pace. */
function follow<Values, Value>(
  { make, same, settles, shrinks }: Derivation<Values, Value>,
  values: Values,
): Readonly<Ref<Value>> {
  const get = () => make(values)
  if (same) return structuralComputed(get)
  if (settles !== undefined) return debouncedComputed(get, settles)
  if (shrinks)
    return shrinkingComputed(
      get as () => number,
      () => shrinks.of(values),
      shrinks.after,
    ) as unknown as Readonly<Ref<Value>>
  return computed(get)
}

/**
 * A graph that follows its inputs: each derivation is worked out anew only where something that it
 * looked at has changed.
 *
 * @param given what nothing derives
 * @example liveGraph({ twice: from(['a'], ({ a }) => 2 * a) }, { a }).twice.value
 */
export function liveGraph<Values extends object, Given extends keyof Values>(
  graph: Derivations<Values, Exclude<keyof Values, Given>>,
  given: Live<Pick<Values, Given>>,
): Live<Values> {
  const live = { ...given } as Record<keyof Values, Readonly<Ref<unknown>>>
  const values = {} as Values
  const names = [...Object.keys(given), ...Object.keys(graph)] as (keyof Values)[]
  for (const name of names)
    Object.defineProperty(values, name, { enumerable: true, get: () => live[name].value })
  for (const name of Object.keys(graph) as Exclude<keyof Values, Given>[])
    live[name] = follow(graph[name], values)
  return live as Live<Values>
}
