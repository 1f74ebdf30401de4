const MOST_KEPT = 200

/** What was before, step by step: to go back to it and forth again. */
export function useHistory<State>() {
  const past = shallowRef<readonly State[]>([])
  const future = shallowRef<readonly State[]>([])
  return {
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
    /** Keeps a state before it is changed; what was undone can no longer be redone. */
    keep(state: State) {
      past.value = [...past.value.slice(-MOST_KEPT + 1), state]
      future.value = []
    },
    /** @returns the state before, or undefined where there is none */
    back(now: State): State | undefined {
      const before = past.value.at(-1)
      if (before === undefined) return undefined
      past.value = past.value.slice(0, -1)
      future.value = [...future.value, now]
      return before
    },
    /** @returns the state that was undone last, or undefined where there is none */
    forth(now: State): State | undefined {
      const next = future.value.at(-1)
      if (next === undefined) return undefined
      future.value = future.value.slice(0, -1)
      past.value = [...past.value, now]
      return next
    },
    forget() {
      past.value = []
      future.value = []
    },
  }
}
