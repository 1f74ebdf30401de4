import { deriving, type Derivations, evaluate, inOrder, newMemory } from './derivation'

interface Values {
  readonly a: number
  readonly b: number
  readonly sum: number
  readonly double: number
  readonly text: string
}
const from = deriving<Values>()
type Derived = Exclude<keyof Values, 'a' | 'b'>
const graph: Derivations<Values, Derived> = {
  text: from(['double', 'a'], ({ double, a }) => `${a}: ${double}`),
  double: from(['sum'], ({ sum }) => 2 * sum, { same: true, settles: 50 }),
  sum: from(['a', 'b'], ({ a, b }) => a + b),
}

test('values come after those that they need, and none is given twice', () => {
  expect(inOrder<Values>(graph, ['a', 'b'])).toEqual(['sum', 'double', 'text'])
  expect(inOrder<Values>(graph, ['a', 'b', 'sum'])).toEqual(['double', 'text'])
})

test('a circle is named, and a value that nothing gives', () => {
  const circle = { ...graph, sum: from(['a', 'text'], ({ a }) => a) }
  expect(() => inOrder<Values>(circle, ['a', 'b'])).toThrow(
    'These need each other: text, double, sum, text',
  )
  expect(() => inOrder<Values>(graph, ['a'])).toThrow(
    'Nothing gives what is needed: text, double, sum, b',
  )
})

test('of the same things nothing is made again, and what says the same stays the same', () => {
  const made: string[] = []
  interface Told {
    readonly a: number
    readonly b: number
    readonly signs: { readonly isBelow: boolean }
    readonly text: string
  }
  const of = deriving<Told>()
  const told: Derivations<Told, 'signs' | 'text'> = {
    signs: of(
      ['a'],
      ({ a }) => {
        made.push('signs')
        return { isBelow: a < 0 }
      },
      { same: true },
    ),
    text: of(['signs', 'b'], ({ signs, b }) => {
      made.push('text')
      return `${signs.isBelow} ${b}`
    }),
  }
  const memory = newMemory()
  const at = (a: number, b: number) =>
    evaluate<Told, { a: number; b: number }>(told, { a, b }, memory).text
  expect([at(1, 2), at(1, 2), at(5, 2), at(-1, 2), at(-1, 3)]).toEqual([
    'false 2',
    'false 2',
    'false 2',
    'true 2',
    'true 3',
  ])
  expect(made).toEqual(['signs', 'text', 'signs', 'signs', 'text', 'text'])
})

test('each value is made once, when it is first looked at', () => {
  const made: string[] = []
  const told: Derivations<Values, Derived> = {
    ...graph,
    sum: from(['a', 'b'], ({ a, b }) => {
      made.push('sum')
      return a + b
    }),
  }
  const values = evaluate<Values, Pick<Values, 'a' | 'b'>>(told, { a: 1, b: 2 })
  expect(made).toEqual([])
  expect(values.text).toBe('1: 6')
  expect([values.sum, values.double, values.a]).toEqual([3, 6, 1])
  expect(made).toEqual(['sum'])
  expect(Object.keys(values).sort()).toEqual(['a', 'b', 'double', 'sum', 'text'])
})

test('how a value follows is kept beside how it is made', () => {
  expect(graph.double).toMatchObject({ needs: ['sum'], same: true, settles: 50 })
  expect(graph.sum).not.toHaveProperty('same')
})
