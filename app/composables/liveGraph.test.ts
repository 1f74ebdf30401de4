import { effectScope, nextTick, ref, shallowRef } from 'vue'
import { deriving, evaluate } from '../../shared/graph/derivation'
import { liveGraph } from './liveGraph'

interface Values {
  a: number
  b: number
  sum: number
  twice: number
  parity: { isOdd: boolean }
  said: string
  held: number
}
const from = deriving<Values>()
let made: Record<string, number> = {}
const graph = {
  sum: from(['a', 'b'], ({ a, b }) => {
    made.sum = (made.sum ?? 0) + 1
    return a + b
  }),
  twice: from(['sum'], ({ sum }) => 2 * sum),
  parity: from(['sum'], ({ sum }) => ({ isOdd: sum % 2 === 1 }), { same: true }),
  said: from(['parity'], ({ parity }) => {
    made.said = (made.said ?? 0) + 1
    return parity.isOdd ? 'odd' : 'even'
  }),
  held: from(['a', 'b'], ({ a }) => a, { shrinks: { after: 20, of: ({ b }) => b } }),
}
beforeEach(() => (made = {}))

test('what follows its inputs is what would be made of them at once', () => {
  const scope = effectScope()
  scope.run(() => {
    const [a, b] = [ref(1), ref(2)]
    const live = liveGraph<Values, 'a' | 'b'>(graph, { a, b })
    for (const [x, y] of [
      [1, 2],
      [5, 2],
      [5, 3],
    ] as const) {
      ;[a.value, b.value] = [x, y]
      const once = evaluate<Values, Pick<Values, 'a' | 'b'>>(graph, { a: x, b: y })
      expect([live.sum.value, live.twice.value, live.said.value]).toEqual([
        once.sum,
        once.twice,
        once.said,
      ])
    }
  })
  scope.stop()
})

test('what stays the same makes nothing anew', () => {
  const scope = effectScope()
  scope.run(() => {
    const a = shallowRef(1)
    const live = liveGraph<Values, 'a' | 'b'>(graph, { a, b: ref(2) })
    expect(live.said.value).toBe('odd')
    a.value = 3
    expect([live.said.value, live.sum.value]).toEqual(['odd', 5])
    expect(made).toEqual({ sum: 2, said: 1 })
  })
  scope.stop()
})

test('what shrinks slowly grows at once, and is told anew of another thing', async () => {
  const scope = effectScope()
  const [a, b] = [ref(1), ref(2)]
  const live = scope.run(() => liveGraph<Values, 'a' | 'b'>(graph, { a, b }))!
  a.value = 9
  await nextTick()
  expect(live.held.value).toBe(9)
  a.value = 4
  await nextTick()
  expect(live.held.value).toBe(9)
  await new Promise((rested) => setTimeout(rested, 60))
  expect(live.held.value).toBe(4)
  ;[a.value, b.value] = [1, 3]
  await nextTick()
  expect(live.held.value).toBe(1)
  scope.stop()
})
