import { effectScope, ref } from 'vue'
import { debounce, debouncedComputed, watchDebounced } from './debounce'

beforeEach(() => jest.useFakeTimers())
afterEach(() => jest.useRealTimers())

/** A number, how often its double was worked out, and what was done with it. */
function watched(isFirst?: boolean) {
  const number = ref(1)
  const seen: number[] = []
  let worked = 0
  const scope = effectScope()
  scope.run(() =>
    watchDebounced(
      () => (worked++, number.value * 2),
      (double) => seen.push(double),
      60,
      isFirst,
    ),
  )
  return { number, seen, scope, worked: () => worked }
}

test('what changes all the time is worked out once, when it has rested', () => {
  const { number, seen, worked } = watched()
  for (let move = 2; move <= 11; move++) {
    number.value = move
    jest.advanceTimersByTime(50)
  }
  expect([seen, worked()]).toEqual([[], 1])
  jest.advanceTimersByTime(60)
  expect([seen, worked()]).toEqual([[22], 2])
  jest.advanceTimersByTime(1000)
  expect(seen).toEqual([22])
  number.value = 5
  jest.advanceTimersByTime(70)
  expect(seen).toEqual([22, 10])
})

test('the first value counts where that is wanted, and none after the end', () => {
  expect(watched().seen).toEqual([])
  const { number, seen, scope } = watched(true)
  jest.advanceTimersByTime(70)
  expect(seen).toEqual([2])
  number.value = 3
  scope.stop()
  jest.advanceTimersByTime(1000)
  expect(seen).toEqual([2])
})

test('each is done a while after it was last asked for, whichever was asked first, and not once it is forgotten', () => {
  const done: string[] = []
  const [slow, quick, gone] = ['slow', 'quick', 'gone'].map((name) =>
    debounce(() => done.push(name)),
  )
  slow!.ask(250)
  quick!.ask(60)
  gone!.ask(60)
  gone!.forget()
  jest.advanceTimersByTime(50)
  quick!.ask(60)
  jest.advanceTimersByTime(50)
  expect(done).toEqual([])
  jest.advanceTimersByTime(20)
  expect(done).toEqual(['quick'])
  jest.advanceTimersByTime(200)
  expect(done).toEqual(['quick', 'slow'])
})

test('what fails at its turn is told, and those that wait with it have theirs', () => {
  const done: string[] = []
  const failing = debounce(() => {
    throw new Error('no answer')
  })
  const others = ['before', 'after'].map((name) => debounce(() => done.push(name)))
  for (const { ask } of [others[0]!, failing, others[1]!]) ask(60)
  expect(() => jest.advanceTimersByTime(70)).toThrow('no answer')
  others[0]!.ask(60)
  jest.advanceTimersByTime(70)
  expect(done).toEqual(['before', 'after', 'before'])
})

test('a rested value begins as it is, and follows later', () => {
  const number = ref(1)
  let worked = 0
  const text = effectScope().run(() =>
    debouncedComputed(() => (worked++, `number ${number.value}`), 60),
  )!
  expect([text.value, worked]).toEqual(['number 1', 1])
  number.value = 2
  expect(text.value).toBe('number 1')
  jest.advanceTimersByTime(70)
  expect([text.value, worked]).toEqual(['number 2', 2])
})
