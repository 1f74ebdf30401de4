import { compare, leadingPower } from '../decimal/arithmetic'
import { toText } from '../decimal/decimal'
import { resolve } from '../label/resolve'
import type { Style } from '../style/fields'
import {
  characterName,
  characterText,
  edgesOf,
  LARGEST_ORDER,
  LEAST_ORDER,
  nameOf,
  ORDERS,
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
    const [under, at, over] = edgesOf(order)
    expect(compare(under, at) < 0 && compare(at, over) < 0).toBe(true)
    expect([leadingPower(under), leadingPower(at), leadingPower(over)]).toEqual([
      order - 1,
      order,
      order,
    ])
  },
)
test('the edges of a thousand', () =>
  expect(edgesOf(3).map(toText)).toEqual(['999.9995', '1000', '1000.001']))

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
