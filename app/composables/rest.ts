import { effect, onScopeDispose, shallowRef, type ShallowRef } from 'vue'

/** A timer may come a little early. */
const EARLY = 1

/**
 * Does something with a value once it has stayed for a while. While it changes it is not even worked
 * out: a change only notes the time, since setting a timer anew takes longer than most of what a
 * move of the rail changes.
 *
 * @param rest in milliseconds
 * @param isFirst whether the first value counts as a change
 * @returns the first value
 * @example whenAtRest(() => levels.style, check, 60)
 */
export function whenAtRest<Value>(get: () => Value, act: (value: Value) => void, rest: number, isFirst = false): Value {
  let due = 0
  let timer: ReturnType<typeof setTimeout> | undefined
  let isNew = isFirst
  let value!: Value
  const workOut = effect(() => (value = get()), { scheduler: change })
  function change() {
    due = performance.now() + rest
    timer ??= setTimeout(look, rest)
  }
  function look() {
    const left = due - performance.now()
    timer = left > EARLY ? setTimeout(look, left) : undefined
    if (timer !== undefined || !(isNew || workOut.effect.dirty)) return
    isNew = false
    workOut()
    act(value)
  }
  if (isFirst) change()
  onScopeDispose(() => clearTimeout(timer))
  return value
}

/**
 * A value as it was when it last rested.
 *
 * @param rest in milliseconds
 */
export function atRest<Value>(get: () => Value, rest: number): Readonly<ShallowRef<Value>> {
  const rested: ShallowRef<Value> = shallowRef(whenAtRest(get, (now) => (rested.value = now), rest))
  return rested
}

/** Waits until the page has nothing else to do. */
export const spare = (): Promise<unknown> => new Promise((next) => requestIdleCallback(next))
