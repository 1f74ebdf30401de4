const MOST_KEPT = 200

/** What was before, step by step: to go back to it and forth again. */
export function useHistory<State>() {
  const past = shallowRef<readonly State[]>([])
  const future = shallowRef<readonly State[]>([])
  function step(from: Ref<readonly State[]>, to: Ref<readonly State[]>, now: State): State | undefined {
    const reached = from.value.at(-1)
    if (reached === undefined) return undefined
    from.value = from.value.slice(0, -1)
    to.value = [...to.value, now]
    return reached
  }
  return {
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
    /** Keeps a state before it is changed; what was undone can no longer be redone. */
    keep(state: State) {
      past.value = [...past.value.slice(-MOST_KEPT + 1), state]
      future.value = []
    },
    /** @returns the state before, or undefined where there is none */
    back: (now: State) => step(past, future, now),
    /** @returns the state that was undone last, or undefined where there is none */
    forth: (now: State) => step(future, past, now),
    forget() {
      past.value = []
      future.value = []
    },
  }
}
