import { effect, onScopeDispose, shallowRef, type ShallowRef } from 'vue'

/** A timer may come a little early. */
const EARLY = 1

interface Waiting {
  due: number
  readonly act: () => void
}
/**
 * All that waits, and the one timer for it: with a timer each, a drag would be woken three times a
 * move.
 */
const waiting = new Set<Waiting>()
let timer: { readonly id: ReturnType<typeof setTimeout>; readonly at: number } | null = null

function arm() {
  const at = Math.min(...[...waiting].map(({ due }) => due))
  if (timer && timer.at <= at) return
  if (timer) clearTimeout(timer.id)
  timer = at < Infinity ? { id: setTimeout(wake, at - performance.now()), at } : null
}
function wake() {
  timer = null
  const now = performance.now() + EARLY
  const ripe = [...waiting].filter(({ due }) => due <= now)
  ripe.forEach((one) => waiting.delete(one))
  arm()
  actAll(ripe)
}
/** What goes wrong in one keeps no other from its turn. */
function actAll([first, ...others]: readonly Waiting[]) {
  if (!first) return
  try {
    first.act()
  } finally {
    actAll(others)
  }
}

/**
 * Something that is done a while after it was last asked for. Asking only notes the time, since
 * setting a timer anew takes longer than most of what a move of the rail changes.
 *
 * @example const saving = debounce(save); saving.ask(400)
 */
export function debounce(act: () => void) {
  const one: Waiting = { due: 0, act }
  return {
    /** @param rest in milliseconds */
    ask(rest: number) {
      one.due = performance.now() + rest
      waiting.add(one)
      if (!timer || one.due < timer.at) arm()
    },
    forget: () => void waiting.delete(one),
  }
}

/**
 * Does something with a value once it has stayed for a while. While it changes it is not even
 * worked out.
 *
 * @param rest in milliseconds
 * @param isFirst whether the first value counts as a change
 * @returns the first value
 * @example watchDebounced(() => levels.style, check, 60)
 */
export function watchDebounced<Value>(
  get: () => Value,
  act: (value: Value) => void,
  rest: number,
  isFirst = false,
): Value {
  let isNew = isFirst
  let value!: Value
  const change = () => look.ask(rest)
  const workOut = effect(() => (value = get()), { scheduler: change })
  const look = debounce(() => {
    if (!(isNew || workOut.effect.dirty)) return
    isNew = false
    workOut()
    act(value)
  })
  if (isFirst) change()
  onScopeDispose(look.forget)
  return value
}

/**
 * A value as it was when it last rested.
 *
 * @param rest in milliseconds
 */
export function debouncedComputed<Value>(
  get: () => Value,
  rest: number,
): Readonly<ShallowRef<Value>> {
  const rested: ShallowRef<Value> = shallowRef(
    watchDebounced(get, (now) => (rested.value = now), rest),
  )
  return rested
}

/** In milliseconds: on a busy machine a page may never be idle by itself. */
const IDLE_WITHIN = 200
/** Waits until the page has nothing else to do, or has had its time for that. */
export const whenIdle = (): Promise<unknown> =>
  new Promise((next) => requestIdleCallback(next, { timeout: IDLE_WITHIN }))
