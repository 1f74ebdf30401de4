import { currencyOf, isWritten, kindOf, measureOf, sayUnit } from './index'
import { inEnglish } from './testing/english'

const none = { kind: 'none' } as const

test('no unit says nothing, and names nothing', () => {
  expect(isWritten(none)).toBe(false)
  expect([currencyOf(none), measureOf(none)]).toEqual([null, null])
  expect(inEnglish(none)).toMatchObject({ before: [], after: [], perOne: '1', named: null })
  expect(sayUnit(none)).toBe('no unit')
})

test('a clock may stand without one, and the options of ECMA-402 say it', () => {
  expect(kindOf(none).goesWithClock).toBe(true)
  expect(kindOf(none).options(none)).toEqual({})
})

test('what is not there has no unit at all', () => {
  expect([isWritten(null), isWritten(undefined), currencyOf(null)]).toEqual([false, false, null])
})
