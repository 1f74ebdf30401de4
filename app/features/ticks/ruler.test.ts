import fc from 'fast-check'
import { compare } from '~~/core/decimal/arithmetic'
import { decimal, parseDecimal, toText } from '~~/core/decimal/decimal'
import { suggestAxis } from '~~/core/suggest/axis'
import { alongOf, reachOf } from '~~/core/ticks/linear'
import { placeTicks } from '~~/core/ticks/place'
import { withTexts } from '~~/shared/page/drawing'
import {
  distinctTicks,
  fractionSteps,
  nextFraction,
  nextStep,
  nudged,
  POWERS,
  powersOf,
  powerTicks,
  stepNear,
  valueAlong,
  wishesFor,
} from './ruler'

const span = (from: number | string, to: number | string) => [decimal(from), decimal(to)] as const

test('values stand along a span, whichever way it runs, and round values are found there', () => {
  expect(alongOf(decimal('0.25'), span(0, 1))).toBe(0.25)
  expect(alongOf(decimal(1), span(4, 0))).toBe(0.75)
  expect(alongOf(decimal('1e308'), span('-1e308', '1e308'))).toBe(1)
  expect(valueAlong(0.123456, span(0, 10))).toBe('1.2')
  expect(nudged(decimal(10), span(0, 10), -1)).toBe('9.9')
})

test('steps are round, and the next one is the next', () => {
  expect(['0.23', '1.4', '37', '8'].map((size) => stepNear(decimal(size)))).toEqual([
    '0.25',
    '1',
    '50',
    '10',
  ])
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 1e6 }),
      fc.integer({ min: -9, max: 9 }),
      (digits, power) => {
        const step = decimal(`${digits}e${power}`)
        const [up, down] = [
          parseDecimal(nextStep(step, true))!,
          parseDecimal(nextStep(step, false))!,
        ]
        expect(compare(up, step)).toBeGreaterThan(0)
        expect(compare(down, step)).toBeLessThan(0)
        expect(toText(parseDecimal(stepNear(up))!)).toBe(toText(up))
      },
    ),
  )
  expect(nextFraction('1/3', true)).toBe('1/2')
  expect(nextFraction('1/12', false)).toBe('1/12')
})

test('steps of a constant are those that give an axis two to twelve ticks', () => {
  const steps = fractionSteps(span('-3.141592654', '9.424777961'), 'pi', 'tight')
  expect(steps.map(({ step, values }) => `${step}: ${values.length}`)).toEqual([
    '1/2: 9',
    '1: 5',
    '2: 2',
  ])
})

test('what a candidate is taken for gives just its ticks', () => {
  const domain = span(0, 1_739_346)
  for (const one of distinctTicks(suggestAxis({ domain, style: {}, width: 560 }, 24), 5)) {
    const { domain: ends, step, ends: kind } = wishesFor(one, {}, domain)
    const placed = placeTicks({ domain: ends ? span(...ends) : domain, step, ends: kind })
    expect(placed.ticks.map(({ value }) => toText(value))).toEqual(one.ticks.values.map(toText))
  }
})

test('a ruler reaches over its domain and its ticks, and own texts stand in for labels', () => {
  expect(reachOf(span(0, 9), [decimal(0), decimal(10)]).map(toText)).toEqual(['0', '10'])
  expect(reachOf(span(9, 0), [decimal(10), decimal(5)]).map(toText)).toEqual(['10', '0'])
  expect(withTexts(['0', '1', '2'], ['', 'one'])).toEqual(['0', 'one', '2'])
  expect(withTexts(['0'], ['', '', 'three'])).toEqual(['0', '', 'three'])
})

test('powers are thinned to several counts, the nearest to six first, and a choice is known again', () => {
  const found = powerTicks(span(1, '1e12'), { kind: 'log', base: 10 })
  expect(found[0]!.values.map(toText).slice(0, 3)).toEqual(['1', '1000', '1000000'])
  expect(new Set(found.map(({ values }) => values.join())).size).toBe(found.length)
  for (const [id, { kind, base }] of Object.entries(POWERS))
    expect(powersOf({ kind, base })).toBe(id)
  expect([powersOf({ kind: 'log' }), powersOf({}), powersOf({ kind: 'linear' })]).toEqual([
    'log10',
    undefined,
    undefined,
  ])
})
