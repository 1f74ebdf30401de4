import { decimal, toText } from '../decimal/decimal'
import { tickReasons, tickSets } from './search'

const sets = (low: string, high: string, wanted?: number) =>
  tickSets([decimal(low), decimal(high)], wanted)

test.each([
  ['0', '1'],
  ['7', '1'],
  ['1500', '1000'],
  ['-0.02', '0.01'],
])('a domain of %s alone has the one tick, and a step of its size: %s', (value, step) => {
  const [only, ...more] = sets(value, value)
  expect(more).toEqual([])
  expect(only!.values.map(toText)).toEqual([value])
  expect(toText(only!.step)).toBe(step)
  expect([only!.simplicity, only!.coverage, only!.density]).toEqual([1, 1, 1])
})

test('every set has 2 to 12 ticks, a step apart, from about one end to about the other', () => {
  const all = sets('-3', '17')
  expect(all.length).toBeGreaterThan(10)
  for (const { step, values } of all) {
    expect(values.length).toBeGreaterThanOrEqual(2)
    expect(values.length).toBeLessThanOrEqual(12)
    const [first, last, by] = [values[0]!, values.at(-1)!, step].map((one) => Number(toText(one)))
    expect(first).toBeGreaterThan(-3 - by!)
    expect(first).toBeLessThan(-3 + by!)
    expect(last).toBeGreaterThan(17 - by!)
    expect(last).toBeLessThan(17 + by!)
    expect((last! - first!) / by!).toBeCloseTo(values.length - 1, 9)
  }
})

test('ticks stand in the order of the domain', () => {
  for (const { values } of sets('10', '0')) {
    const numbers = values.map((one) => Number(toText(one)))
    expect(numbers).toEqual([...numbers].sort((a, b) => b - a))
  }
})

test('a set that has as many ticks as are wanted, and ends with the domain, is the best of all', () => {
  const perfect = sets('0', '10', 6).find(({ step }) => toText(step) === '2')!
  expect(perfect.values).toHaveLength(6)
  expect([perfect.coverage, perfect.density]).toEqual([1, 1])
  expect(tickReasons(perfect, 6)).toEqual(
    expect.arrayContaining([{ code: 'endsWithDomain' }, { code: 'zeroIsTick' }]),
  )
})
