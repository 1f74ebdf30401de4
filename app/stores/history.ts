import { computed, type Ref, shallowRef } from 'vue'

const MOST_KEPT = 200
/**
 * Of these, as many are kept over a reload, and of large studies so few that they take no more
 * characters than this.
 */
const MOST_STORED = 60
const MOST_CHARACTERS = 2_000_000

interface Step<State> {
  readonly state: State
  /** What was done from here. */
  readonly what: string
}
interface Stored<State> {
  readonly revision: number
  readonly past: readonly Step<State>[]
  readonly future: readonly Step<State>[]
}
const keyOf = (id: string) => `ivory-abacus history ${id}`

/** What was before, step by step: to go back to it and forth again, after a reload too. */
export function useHistory<State>() {
  const past = shallowRef<readonly Step<State>[]>([])
  const future = shallowRef<readonly Step<State>[]>([])

  function move(
    from: Ref<readonly Step<State>[]>,
    to: Ref<readonly Step<State>[]>,
    now: State,
  ): State | undefined {
    const step = from.value.at(-1)
    if (step === undefined) return undefined
    from.value = from.value.slice(0, -1)
    to.value = [...to.value, { state: now, what: step.what }]
    return step.state
  }
  function forget() {
    past.value = []
    future.value = []
  }
  return {
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
    /** What was done, the last first. */
    steps: computed(() => past.value.map(({ what }) => what).reverse()),
    /** Keeps a state before it is changed; what was undone can no longer be redone. */
    keep(state: State, what: string) {
      past.value = [...past.value.slice(-MOST_KEPT + 1), { state, what }]
      future.value = []
    },
    /** What a step did, where it turned out to be another of the same hand. */
    rename(what: string) {
      const last = past.value.at(-1)
      if (last) past.value = [...past.value.slice(0, -1), { ...last, what }]
    },
    /** @returns the state before, or undefined where there is none */
    back: (now: State) => move(past, future, now),
    /** @returns the state that was undone last, or undefined where there is none */
    forth: (now: State) => move(future, past, now),
    forget,
    /** Keeps the last steps for a reload, with the revision that they led to. */
    store(id: string, revision: number) {
      const size = JSON.stringify(past.value.at(-1) ?? future.value.at(-1) ?? null).length
      const count = Math.min(MOST_STORED, Math.floor(MOST_CHARACTERS / size))
      const last = (steps: readonly Step<State>[]) => (count === 0 ? [] : steps.slice(-count))
      const stored: Stored<State> = { revision, past: last(past.value), future: last(future.value) }
      try {
        sessionStorage.setItem(keyOf(id), JSON.stringify(stored))
      } catch {
        // A study too large for the browser's store is undone up to a reload.
        sessionStorage.removeItem(keyOf(id))
      }
    },
    /** Takes up the steps that led to a revision; those to another one are of no use. */
    recall(id: string, revision: number) {
      forget()
      const stored = JSON.parse(sessionStorage.getItem(keyOf(id)) ?? 'null') as Stored<State> | null
      if (stored?.revision !== revision) return
      past.value = stored.past
      future.value = stored.future
    },
  }
}
