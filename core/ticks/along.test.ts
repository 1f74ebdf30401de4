import { decimal } from '../decimal/decimal'
import { alongAxis, positiveSpan } from './along'
import { placeTicks } from './place'

const span = (from: string, to: string) => [decimal(from), decimal(to)] as const
const along = (
  kind: 'linear' | 'log' | 'symlog',
  ends: readonly [string, string],
  values: string[],
) => values.map((value) => Math.round(alongAxis(kind, span(...ends))(decimal(value)) * 1000) / 1000)

test('powers stand evenly on a log axis, as far from one as a double cannot', () => {
  expect(along('log', ['1', '1000'], ['1', '10', '100', '1000'])).toEqual([0, 0.333, 0.667, 1])
  expect(along('log', ['1e-320', '1e320'], ['1e-160', '1', '1e160'])).toEqual([0.25, 0.5, 0.75])
  expect(along('log', ['-1000', '-1'], ['-10'])).toEqual([0.667])
})

test('a symmetric log axis has zero in its middle, and its two sides mirror each other', () => {
  expect(along('symlog', ['-100', '100'], ['-100', '-10', '-1', '0', '1', '10', '100'])).toEqual([
    0, 0.167, 0.333, 0.5, 0.667, 0.833, 1,
  ])
  expect(along('symlog', ['0', '0.5'], ['0', '0.25', '0.5'])[1]).toBeGreaterThan(0.5)
})

test('order is kept along every kind, ticks and ends alike', () => {
  for (const kind of ['linear', 'log', 'symlog'] as const) {
    const ends = span('0.5', '50000')
    const at = alongAxis(kind, ends)
    const places = [
      ends[0],
      ...placeTicks({ domain: ends, kind }).ticks.map(({ value }) => value),
      ends[1],
    ].map(at)
    expect([...places].sort((a, b) => a - b)).toEqual(places)
    expect([places[0], places.at(-1)]).toEqual([0, 1])
  }
})

test('a log axis spans what lies above zero, and a single number from a tenth of it', () => {
  const texts = (...values: string[]) =>
    positiveSpan(values.map((value) => decimal(value)))?.map(
      (end) => Number(end.coefficient) * 10 ** end.exponent,
    )
  expect([texts('-5', '0', '20', '3'), texts('5'), texts('-1', '0')]).toEqual([
    [3, 20],
    [0.5, 5],
    undefined,
  ])
})
