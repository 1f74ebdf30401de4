import { useHistory } from './history'

/** The browser's store of a tab, with room for so many characters. */
function storeWith(room: number): Pick<Storage, 'getItem' | 'setItem' | 'removeItem'> {
  const kept = new Map<string, string>()
  return {
    getItem: (key) => kept.get(key) ?? null,
    setItem(key, text) {
      if (text.length > room) throw new Error('full')
      kept.set(key, text)
    },
    removeItem: (key) => void kept.delete(key),
  }
}
const withStore = (room: number) => Object.assign(globalThis, { sessionStorage: storeWith(room) })
beforeEach(() => withStore(Infinity))

/** A history of states 0, 1, … and the state that it is at. */
function walked(count: number) {
  const history = useHistory<number>()
  for (let at = 0; at < count; at++) history.keep(at, `to ${at + 1}`)
  return { history, now: count }
}

test('steps are undone and redone in their order, and end at both ends', () => {
  const { history, now } = walked(3)
  expect(history.steps.value).toEqual(['to 3', 'to 2', 'to 1'])
  expect([history.back(now), history.back(2), history.back(1), history.back(0)]).toEqual([
    2,
    1,
    0,
    undefined,
  ])
  expect([history.canUndo.value, history.canRedo.value]).toEqual([false, true])
  expect([history.forth(0), history.forth(1), history.forth(2), history.forth(3)]).toEqual([
    1,
    2,
    3,
    undefined,
  ])
  expect(history.steps.value).toEqual(['to 3', 'to 2', 'to 1'])
})

test('a change after an undo forgets what was undone', () => {
  const { history, now } = walked(3)
  expect(history.back(now)).toBe(2)
  history.keep(2, 'elsewhere')
  expect([history.canRedo.value, history.forth(9)]).toEqual([false, undefined])
  expect(history.steps.value).toEqual(['elsewhere', 'to 2', 'to 1'])
})

test('a step of the same hand is renamed, and there may be none', () => {
  const { history, now } = walked(2)
  history.rename('far')
  expect(history.steps.value).toEqual(['far', 'to 1'])
  expect(history.back(now)).toBe(1)
  const none = useHistory<number>()
  none.rename('nothing')
  expect(none.steps.value).toEqual([])
})

test('the oldest steps are let go beyond two hundred', () => {
  const { history } = walked(230)
  expect([history.steps.value.length, history.steps.value.at(-1)]).toEqual([200, 'to 31'])
})

test('the last steps are there after a reload of the revision that they led to', () => {
  const { history, now } = walked(70)
  expect(history.back(now)).toBe(69)
  history.store('a', 7)
  const again = useHistory<number>()
  again.recall('a', 7)
  expect([again.steps.value.length, again.steps.value[0]]).toEqual([60, 'to 69'])
  expect(again.forth(69)).toBe(70)
})

test.each([
  ['another revision', 'a', 8],
  ['another study', 'b', 7],
])('%s has no use for them', (_, id, revision) => {
  const { history } = walked(3)
  history.store('a', 7)
  history.recall(id, revision)
  expect([history.canUndo.value, history.canRedo.value]).toEqual([false, false])
})

test('of large studies fewer steps are kept, and of one that the store has no room for none', () => {
  const large = 'x'.repeat(400_000)
  const history = useHistory<string>()
  for (let at = 0; at < 10; at++) history.keep(large, `to ${at}`)
  const keptSteps = () => {
    const again = useHistory<string>()
    again.recall('a', 1)
    return again.steps.value
  }
  history.store('a', 1)
  expect(keptSteps()).toEqual(['to 9', 'to 8', 'to 7', 'to 6'])
  withStore(100_000)
  history.store('a', 1)
  expect(keptSteps()).toEqual([])
  expect(history.steps.value).toHaveLength(10)
})
