import { extremesOf } from '~~/core/data/extremes'
import { decimal } from '~~/core/decimal/decimal'
import { resolve } from '~~/core/label/resolve'
import { inherit } from '~~/core/style/inherit'
import {
  headsOf,
  LOW_ROW,
  railMeasures,
  railGeometry,
  ROW,
  spokenRows,
  spotsOf,
} from './railGeometry'
import { type Rail, railOf } from './rail'

const numbers = (...texts: string[]) => extremesOf(texts.map((text) => decimal(text)))!
const style = inherit({ notation: 'scaled', rung: 6, fraction: [1, 1] })
const rail = railOf(resolve(style), numbers('1739346.2', '492782.66', '307502.88'))
const measures = railMeasures(rail, 900, ROW)
const spotsFor = (one: Rail) => {
  const own = railMeasures(one, 900, ROW)
  return spotsOf(one, own, railGeometry(own))
}
const inRow = (one: Rail, row: number, manner: string) =>
  spotsFor(one).filter((spot) => spot.place.startsWith(`${row} `) && spot.manner === manner)

test.each([ROW, LOW_ROW])(
  'rows of %i pixels follow each other, with their digits inside',
  (height) => {
    const { top, axis, bottom, circle } = railGeometry(railMeasures(rail, 900, height))
    rail.rows.forEach((_, at) => {
      expect(top(at + 1) - top(at)).toBe(height)
      expect([axis(at) - circle / 2 >= top(at), axis(at) + circle / 2 <= top(at + 1)]).toEqual([
        true,
        true,
      ])
    })
    expect(bottom).toBe(top(rail.rows.length))
  },
)

test('columns stand a power apart, and a place in one is nearest to its power', () => {
  const { right, middle, powerAt, circle, end } = railGeometry(measures)
  const { column } = measures
  for (let power = rail.low; power <= rail.high; power++) {
    expect(right(power) - middle(power)).toBeCloseTo(column / 2, 9)
    expect([
      powerAt(right(power)),
      powerAt(right(power) - column * 0.4),
      powerAt(right(power) + column * 0.4),
    ]).toEqual([power, power, power])
  }
  expect(circle).toBeLessThan(column)
  expect(end).toBeGreaterThan(right(rail.low))
})

test('measures are others when rows are lower or labels need more room, and the same while labels of like length change', () => {
  expect(railMeasures(rail, 900, LOW_ROW)).not.toEqual(measures)
  const labelled = (label: string) => ({
    ...rail,
    rows: rail.rows.map((row) => ({ ...row, label })),
  })
  expect(railMeasures(labelled('2M'), 900, ROW)).toEqual(measures)
  expect(railMeasures(labelled('1,739,346.2 kilograms'), 900, ROW).label).toBeGreaterThan(
    measures.label,
  )
})

test('columns are named by the rungs of their ladder, by every third power without one', () => {
  const named = (ladder: Parameters<typeof headsOf>[1]) =>
    Object.fromEntries(
      headsOf(measures, ladder).flatMap(({ power, name }) => (name ? [[power, name]] : [])),
    )
  expect(named('short')).toMatchObject({ 0: '1', 3: 'K', 6: 'M' })
  expect(named(null)).toMatchObject({ 0: '1', 3: '10³', 6: '10⁶' })
  expect(headsOf(measures, null).map(({ power }) => power)).toEqual(
    Array.from({ length: rail.high - rail.low + 1 }, (_, at) => rail.high - at),
  )
})

test('digits before the cut are kept, the next decides and the others are dropped', () => {
  const read = (manner: string) =>
    inRow(rail, 0, manner)
      .map(({ text }) => text)
      .join('')
  expect([read('kept'), read('decides'), read('dropped')]).toEqual(['17', '3', '93462'])
})

test('what is written, what that is read as and how far off it is stand in columns, a line a row', () => {
  const linesIn = (manner: string) =>
    spotsFor(rail)
      .filter((spot) => spot.manner === manner)
      .flatMap(({ text }) => text.split('\n'))
  expect([linesIn('label')[0], linesIn('said')[0], linesIn('off')[0]]).toEqual([
    '1.7M',
    '1,700,000',
    '39,346.2',
  ])
  expect(['label', 'said', 'off'].map((manner) => linesIn(manner).length)).toEqual(
    Array.from({ length: 3 }, () => rail.rows.length),
  )
  const broken = { ...rail, rows: rail.rows.map((row) => ({ ...row, label: 'in\ntwo' })) }
  expect(
    spotsFor(broken)
      .find(({ manner }) => manner === 'label')!
      .text.split('\n'),
  ).toEqual(rail.rows.map(() => 'in two'))
})

test('a cut behind a number’s last digit shows the zeros that are written', () => {
  const padded = railOf(resolve(inherit({ fraction: [3, 3] })), numbers('12.5', '7'))
  expect(
    [inRow(padded, 0, 'kept'), inRow(padded, 0, 'pad')].map((spots) =>
      spots.map(({ text }) => text).join(''),
    ),
  ).toEqual(['125', '00'])
})

test('a move makes no spot and moves none: it changes how they look', () => {
  const next = railOf(
    resolve(inherit({ ...style, fraction: [2, 2] })),
    numbers('1739346.2', '492782.66', '307502.88'),
  )
  const standing = (one: Rail) =>
    spotsFor(one).map(({ place, left, top }) => `${place} ${left} ${top}`)
  expect(standing(next)).toEqual(standing(rail))
  expect(spotsFor(next).map(({ manner }) => manner)).not.toEqual(
    spotsFor(rail).map(({ manner }) => manner),
  )
})

test('a sign stands before the first digit of a negative number, a point at each mark where marks differ', () => {
  const each = railOf(
    resolve(inherit({ notation: 'scaled', rung: 'each' })),
    numbers('-1739346.2', '4927.66', '3'),
  )
  const signs = each.rows.map((_, row) =>
    spotsFor(each).find(({ place }) => place === `${row} sign`)!,
  )
  expect(signs.map(({ manner }) => manner)).toEqual(
    each.rows.map(({ negative }) => (negative ? 'kept' : 'absent')),
  )
  const negative = each.rows.findIndex((row) => row.negative)
  expect(signs[negative]!.left).toBeLessThan(
    Math.min(
      ...inRow(each, negative, 'kept')
        .filter(({ place }) => !place.endsWith('sign'))
        .map(({ left }) => left),
    ),
  )
  const { right } = railGeometry(railMeasures(each, 900, ROW))
  expect(each.rows.flatMap((_, row) => inRow(each, row, 'point').map(({ left }) => left))).toEqual(
    each.rows.map(({ mark }) => right(mark)),
  )
  expect(rail.rows.flatMap((_, row) => inRow(rail, row, 'point'))).toEqual([])
})

test('the rail is told in words, a row each', () => {
  const told = spokenRows(rail).split('; ')
  expect(told.length).toBe(rail.rows.length)
  expect(told[0]).toBe('largest: written 1.7M, reads as 1,700,000, off by 39,346.2')
})
