import { compare, leadingPower } from '../decimal/arithmetic'
import { toText } from '../decimal/decimal'
import { labeller } from '../label/labeller'
import { resolve } from '../label/resolve'
import type { Style } from '../style/fields'
import {
  characterName,
  characterText,
  digitsKept,
  edgesOf,
  foldsOf,
  LARGEST_ORDER,
  LEAST_ORDER,
  nameOf,
  ORDERS,
  reasonText,
  turnAt,
  turnsOf,
} from './magnitudes'

test('every order of a double is there once, the largest first', () => {
  expect(ORDERS).toHaveLength(632)
  expect([ORDERS[0], ORDERS.at(-1)]).toEqual([LARGEST_ORDER, LEAST_ORDER])
})

test.each([-323, -7, 0, 3, 308])(
  'the edges of 10^%i ascend, with the order itself between them',
  (order) => {
    for (const digits of [1, 3, 6]) {
      const [under, at, over] = edgesOf(order, digits, digits)
      expect(compare(under, at) < 0 && compare(at, over) < 0).toBe(true)
      expect([leadingPower(under), leadingPower(at), leadingPower(over)]).toEqual([
        order - 1,
        order,
        order,
      ])
    }
  },
)
test('edges have the digits that matter: the last that does not carry, and the first that says so', () => {
  const style: Style = { notation: 'scaled', fraction: [0, 1] }
  const plan = resolve(style)
  const kept = (order: number) => digitsKept([plan, resolve({ fraction: [0, 0] })], order)
  expect([kept(3), digitsKept([plan], 6), digitsKept([plan], 7), kept(9)]).toEqual([4, 4, 2, 6])
  const edges = edgesOf(6, 4, 2)
  expect(edges.map(toText)).toEqual(['999949', '1000000', '1051000'])
  expect(labeller(plan).labels(edges.map(toText))).toEqual(['999.9K', '1M', '1.1M'])
})

test('orders in which nothing happens are folded, those beside a turn and those of the data are not', () => {
  expect(foldsOf(new Set([20, -40]), { from: 9, to: 0 })).toEqual([
    { from: 308, to: 22 },
    { from: 19, to: 10 },
    { from: -1, to: -38 },
    { from: -41, to: -323 },
  ])
  expect(foldsOf(new Set([304, 11]), { from: 9, to: -323 })).toEqual([{ from: 303, to: 13 }])
})

test('a turn says why', () => {
  const why = (style: Style) =>
    turnsOf(resolve(style)).map((turn) => `${turn.order} ${reasonText(turn.why)}`)
  expect(why({ fraction: [0, 3] })).toEqual(['-4 no digit is kept'])
  const found = why({
    notation: 'scaled',
    ladder: 'si',
    cases: [{ when: { magnitude: { from: 4, to: 5 } }, use: { notation: 'scientific' } }],
  })
  expect(found).toEqual(
    expect.arrayContaining(['8 the next rung is too large', '4 by a case', '3 by a case']),
  )
  expect(found[0]).toBe('35 the next rung is too large')
})

test.each([
  [0, 'one', '', ''],
  [2, 'hundred', '', ''],
  [3, 'one thousand', 'K', 'k'],
  [7, 'ten million', 'M', 'M'],
  [303, 'one centillion', 'Ce', ''],
  [-1, 'one tenth', '', 'm'],
  [-3, 'one thousandth', '', 'm'],
  [-7, 'one ten millionth', '', 'n'],
])('10^%i is called %s', (order, name, symbol, prefix) => {
  const found = nameOf(order)
  expect(found).toMatchObject({ name, prefix })
  if (symbol.length === 1) expect(found.symbol).toBe(symbol)
})

const turns = (style: Style) =>
  turnsOf(resolve(style)).map(
    ({ order, from, to }) => `${order}: ${characterText(from)} → ${characterText(to)}`,
  )
test('a style says where it begins to write otherwise, and what it does beyond its ladder', () => {
  const found = turns({ notation: 'scaled', ladder: 'si', fraction: [0, 0] })
  expect(found[0]).toBe('35: with an exponent → in Q')
  expect(found).toEqual(expect.arrayContaining(['5: in M → in k', '2: in k → whole digits']))
  expect(found.at(-1)).toBe('-31: in q → written as zero')
})
test('each character has a short name too', () => {
  const named = turnsOf(resolve({ notation: 'scaled', ladder: 'si', fraction: [0, 0] })).map(
    ({ to }) => characterName(to),
  )
  expect([named[0], named.at(-1), named.includes('digits')]).toEqual(['in Q', 'zero', true])
})
test('decimals end in zero, and exponents never turn', () => {
  expect(turns({ fraction: [0, 3] })).toEqual(['-4: whole digits → written as zero'])
  expect(turns({ notation: 'scientific', fraction: [0, 1] })).toEqual([])
})

test('an order alone tells whether a style turns there as the whole sweep does', () => {
  const styles: Style[] = [
    {},
    { notation: 'scaled', rung: 6 },
    {
      notation: 'scaled',
      cases: [{ when: { magnitude: { from: 4, to: 5 } }, use: { notation: 'scientific' } }],
    },
  ]
  for (const style of styles) {
    const plan = resolve(style)
    const found = ORDERS.flatMap((order) => {
      const to = turnAt(plan, order)
      return to ? [`${order} ${characterText(to)}`] : []
    })
    expect(found).toEqual(turnsOf(plan).map(({ order, to }) => `${order} ${characterText(to)}`))
    expect(found.length).toBeGreaterThan(0)
  }
})
