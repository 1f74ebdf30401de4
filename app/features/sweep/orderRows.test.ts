import { resolve } from '~~/core/label/resolve'
import { ORDERS } from '~~/core/compare/magnitudes'
import {
  columnWidth,
  foldOf,
  isFold,
  LEAST_WIDTH,
  linesOf,
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
    ['999.999', '1K', '1.001K'],
    ['1,000', '1,000', '1,001'],
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
  expect(rowsIn(height, 632)).toBeGreaterThanOrEqual(
    Math.ceil((height - 171 - 16) / ROW_HEIGHT) + 1,
  )
  expect(rowsIn(height, 632)).toBeLessThanOrEqual(seen + 1)
  expect(rowsIn(1e6, 632)).toBe(632)
})

test('columns share the window within bounds', () =>
  expect([columnWidth(1280, 6), columnWidth(1280, 2), columnWidth(600, 6)]).toEqual([
    (1280 - 372) / 6,
    MOST_WIDTH,
    LEAST_WIDTH,
  ]))

test('a folded run is one line until it is opened, and an order in it is found there', () => {
  const folds = [
    { from: 308, to: 12 },
    { from: -5, to: -323 },
  ]
  const folded = linesOf(folds, new Set())
  expect([folded.length, folded[0], placeOf(folded, 300), placeOf(folded, 11)]).toEqual([
    18,
    folds[0],
    0,
    1,
  ])
  const opened = linesOf(folds, new Set([308]))
  expect([opened.length, placeOf(opened, 300), opened.filter(isFold)]).toEqual([314, 8, [folds[1]]])
  expect(linesOf([], new Set())).toHaveLength(ORDERS.length)
})

test('a row says the numbers that are tried, with the digits that its labels keep', () => {
  expect(rowsOf([plans[0]!], WIDE, SIZE)(6).tried).toBe('999,999.49\n1,000,000\n1,000,510')
  expect(rowsOf(plans, WIDE, SIZE)(40).tried.split('\n')[1]).toBe('1e40')
  const fold = foldOf({ from: 14, to: 7 }, rowsOf(plans, WIDE, SIZE))
  expect([fold.cells[0]!.labels, fold.tried.split('\n')[1]]).toEqual(['100T\n⋮\n10M', '⋮'])
})
