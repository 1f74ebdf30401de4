import { toText } from '~~/core/decimal/decimal'
import type { StyleCase } from '~~/core/style/schemas'
import { edgesIn, LAST_PLACE, LEAST_PLACE, placeOfSize, sizeAt, withEdge } from './magnitude'

test('the line goes through all magnitudes of doubles, ten steps a power of ten', () => {
  expect([0, 63, 9, 10, -1].map((place) => toText(sizeAt(place)))).toEqual([
    '1',
    '2000000',
    '8',
    '10',
    '0.8',
  ])
  expect([LEAST_PLACE, LAST_PLACE].map(sizeAt)).toMatchObject([
    { exponent: -323 },
    { exponent: 308 },
  ])
  expect([placeOfSize(sizeAt(63)), placeOfSize({ coefficient: 0n, exponent: 0 })]).toEqual([60, 0])
})

const cases: StyleCase[] = [
  { when: { magnitude: { from: 6 } }, use: { notation: 'scaled' } },
  { when: { magnitude: { from: 3, to: 6 } }, use: { fraction: [0, 0] } },
  { when: { column: 'site', is: ['a'] }, use: {} },
]
const sizes = (moved: readonly StyleCase[]) =>
  moved.map(({ when }) => ('magnitude' in when ? when.magnitude : null))
test('an edge is moved, and with it that of the case that meets it', () => {
  const [first, second] = edgesIn(cases)
  expect(edgesIn(cases)).toHaveLength(3)
  expect(sizes(withEdge(cases, first!, 9))).toEqual([{ from: 9 }, { from: 3, to: 9 }, null])
  expect(sizes(withEdge(cases, second!, 4))).toEqual([{ from: 6 }, { from: 4, to: 6 }, null])
})
test('an edge stays on its side of the other, and on the line', () => {
  const [first, second] = edgesIn(cases)
  expect(sizes(withEdge(cases, second!, 6))).toEqual([{ from: 6 }, { from: 3, to: 6 }, null])
  expect(sizes(withEdge(cases, first!, 900))[0]).toEqual({ from: 308 })
})
