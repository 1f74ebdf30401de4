import { load } from '~~/core/label/testing/platform'
import { regionsBy } from '~~/core/label/needs'
import type { Style } from '~~/core/style/fields'
import { inherit } from '~~/core/style/inherit'
import { choicesOf, type Desk } from './choices'

const desk = (style: Style): Desk => ({
  ...{ style: inherit(style), samples: [5], more: {}, has: () => true },
  context: regionsBy(style, load),
})

test('what the rest of the style rules out is listed with its reason', () => {
  const squares = desk({ notation: 'scaled', unit: { kind: 'measure', id: 'square-meter' } })
  const ruledOut = choicesOf('ladder', squares).filter(({ refused }) => refused)
  expect(ruledOut.map(({ key, sample }) => [key, sample])).toEqual([
    ['"si"', ''],
    ['"binary"', ''],
  ])
  expect(ruledOut[0]!.refused).toMatch(/^no prefix can stand before a unit with a power: /)
  const money = desk({ unit: { kind: 'currency', code: 'EUR' } })
  const clock = choicesOf('notation', money).find(({ key }) => key === '"clock"')!
  expect(clock.refused).toBe(
    'a clock says hours and minutes itself; choose no unit, a symbol or a measure of time',
  )
  expect(choicesOf('notation', desk({})).every(({ refused }) => refused === '')).toBe(true)
})
