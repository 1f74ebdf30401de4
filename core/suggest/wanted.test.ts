import { written } from '../checks/testing/cases'
import { decimal } from '../decimal/decimal'
import { notationOf } from '../notations'
import { inherit } from '../style/inherit'
import { suggestAxis } from './axis'
import { suggest } from './suggest'

const suggested = (...values: (number | string)[]) =>
  suggest(written('table', {}, values)).map(({ labels }) => labels)
const onAxis = (low: number | string, high: number | string) =>
  suggestAxis({ domain: [decimal(low), decimal(high)], style: {}, width: 400 })

test.each([
  [['0.00003', '0.04', '0.5']],
  [['1e-9', '2', '3e8']],
  [[7, '1e30']],
  [[0]],
  [['0.123456789']],
])('for %j something is suggested', (values) => {
  expect(suggested(...values).length).toBeGreaterThan(0)
})

test('numbers that are short already are not rounded, nor given a rung that makes none shorter', () => {
  expect(suggested('12.5', '99.99', '1250')).not.toContainEqual(['13', '100', '1,250'])
  for (const labels of suggested(2021, 2022, 2023)) expect(labels.join()).not.toContain('K')
})

test.each([
  [1, 12],
  [3, 17],
  [0, 10],
  [-20, 30],
])('from %d to %d ticks are whole', (low, high) => {
  for (const { ticks } of onAxis(low, high))
    for (const { coefficient, exponent } of ticks.values)
      expect(exponent >= 0 || coefficient % 10n ** BigInt(-exponent) === 0n).toBe(true)
})

test.each([
  [0, 500],
  [0, 2_000_000],
  ['0', '0.04'],
  [-1000, 1000],
  [0, 75_000_000],
])('from %s to %s no exponent is suggested, where digits or rungs do', (low, high) => {
  const found = onAxis(low, high)
  expect(found.length).toBeGreaterThan(1)
  for (const { choice } of found) expect(notationOf(inherit(choice.style)).hasExponent).toBe(false)
})

test('exponents are suggested where nothing else can be read', () => {
  const [best] = onAxis('1e-9', '8e-9')
  expect(notationOf(inherit(best!.choice.style)).hasExponent).toBe(true)
})
