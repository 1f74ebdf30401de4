import { resolve } from '~~/core/label/resolve'
import { ORDERS } from '~~/core/compare/magnitudes'
import {
  columnWidth,
  FIRST,
  LEAST_WIDTH,
  MOST_WIDTH,
  placeOf,
  ROW_HEIGHT,
  rowsIn,
  rowsOf,
} from './orderRows'

const plans = [resolve({ notation: 'scaled' }), resolve({ notation: 'plain', fraction: [0, 0] })]
const WIDE = 2000
const SIZE = 14

test('a row has the labels of its three edges in every style, and what the order is called', () => {
  const { name, symbols, cells } = rowsOf(plans, WIDE, SIZE)(3)
  expect(cells.map(({ labels }) => labels.split('\n'))).toEqual([
    ['1K', '1K', '1K'],
    ['1,000', '1,000', '1,000'],
  ])
  expect({ name, symbols }).toEqual({ name: 'one thousand', symbols: 'K, SI k' })
})

test('a turn stands in the row where a style begins to write otherwise, going down, and in no other', () => {
  const rowOf = rowsOf(plans, WIDE, SIZE)
  expect([4, 3, 2, 1].map((order) => rowOf(order).cells.map(({ turn }) => turn?.kind))).toEqual([
    [undefined, undefined],
    [undefined, undefined],
    ['digits', undefined],
    [undefined, undefined],
  ])
})

test('a label longer than its column is cut; one that fits is whole', () => {
  const [narrow, wide] = [120, WIDE].map(
    (width) => rowsOf(plans, width, SIZE)(60).cells[1]!.labels.split('\n')[1]!,
  )
  expect(wide).toHaveLength(81)
  expect(narrow!.length).toBeLessThan(40)
  expect(wide!.startsWith(narrow!.replace('…', ''))).toBe(true)
})

test('a row is made once', () => {
  const rowOf = rowsOf(plans, WIDE, SIZE)
  expect(rowOf(7)).toBe(rowOf(7))
  expect(rowOf(7)).not.toBe(rowOf(8))
})

test.each([
  [700, 10],
  [800, 12],
  [1000, 15],
])('a window of %i pixels shows part of %i rows at most', (height, seen) => {
  // Whatever row stands half cut at the top, those that follow reach the foot.
  expect(rowsIn(height)).toBeGreaterThanOrEqual(Math.ceil((height - 171 - 16) / ROW_HEIGHT) + 1)
  expect(rowsIn(height)).toBeLessThanOrEqual(seen + 1)
  expect(rowsIn(1e6)).toBe(ORDERS.length)
})

test('columns share the window within bounds; the list begins at a billion', () => {
  expect([columnWidth(1280, 6), columnWidth(1280, 2), columnWidth(600, 6)]).toEqual([
    (1280 - 328) / 6,
    MOST_WIDTH,
    LEAST_WIDTH,
  ])
  expect(ORDERS[placeOf(FIRST)]).toBe(9)
})
