import fc from 'fast-check'
import { compare, multiply, decimalsOf } from '../decimal/arithmetic'
import { decimal, toText } from '../decimal/decimal'
import { type LinearRequest, linearTicks, multiplesIn } from './linear'

const ticks = (
  domain: [number | string, number | string],
  rest: Omit<LinearRequest, 'domain'> = {},
) => {
  const made = linearTicks({ domain: [decimal(domain[0]), decimal(domain[1])], ...rest })
  return { step: toText(made.step), values: made.values.map(toText) }
}

test('a given step of an eighth gives eighths', () => {
  expect(ticks([0, 1], { step: decimal('0.125') }).values).toEqual([
    '0',
    '0.125',
    '0.25',
    '0.375',
    '0.5',
    '0.625',
    '0.75',
    '0.875',
    '1',
  ])
})

test.each([
  [[0, 100], 5, 'tight', '25', 5],
  [[0, 100], 11, 'tight', '10', 11],
  [[0, 1.7e6], 8, 'loose', '250000', 8],
  [[-3, 7], 4, 'tight', '2.5', 4],
  [[0, 1e-7], 3, 'tight', '0.00000005', 3],
] as const)('%j in about %d ticks (%s) steps by %s', (domain, count, ends, step, length) => {
  const made = ticks([...domain], { count, ends })
  expect(made.step).toBe(step)
  expect(made.values).toHaveLength(length)
})

test('loose ends enclose the domain, tight ones lie in it', () => {
  expect(ticks([0.3, 2.2], { step: decimal(1), ends: 'loose' }).values).toEqual([
    '0',
    '1',
    '2',
    '3',
  ])
  expect(ticks([0.3, 2.2], { step: decimal(1) }).values).toEqual(['1', '2'])
})

test('a descending domain has descending ticks; one value has itself at hand', () => {
  expect(ticks([2, 0], { step: decimal(1) }).values).toEqual(['2', '1', '0'])
  expect(ticks([5, 5]).values).toEqual(['5'])
})

test('far from zero with a tiny span, and at the ends of the doubles', () => {
  expect(ticks([4e9, 4e9 + 3], { count: 4 }).values).toEqual([
    '4000000000',
    '4000000001',
    '4000000002',
    '4000000003',
  ])
  expect(ticks([-1.79e308, 1.79e308], { count: 5 }).values).toContain('0')
})

test('the ten-thousandth tick is exact, and one more is refused', () => {
  const made = ticks([0, '1249.875'], { step: decimal('0.125') })
  expect(made.values).toHaveLength(10_000)
  expect(made.values.at(-1)).toBe('1249.875')
  expect(() => ticks([0, 1250], { step: decimal('0.125') })).toThrow('more than 10000 ticks')
})

test.each([
  ['0', /above zero/],
  ['-1', /above zero/],
])('a step of %s is refused', (step, message) => {
  expect(() => ticks([0, 1], { step: decimal(step) })).toThrow(message)
})

test('where two counts are as near, the fewer ticks are taken', () => {
  // Steps of 2.5 give five ticks, of 5 three.
  expect(ticks([0, 10], { count: 4 }).values).toEqual(['0', '5', '10'])
  // Steps of 1 give eleven, of 2 six, of 2.5 five: eight is nearer to six.
  expect(ticks([0, 10], { count: 8 }).values).toHaveLength(6)
})

/** How many ticks each round step from a millionth of a span to a thousand spans gives. */
function countsOf(low: number, high: number, ends: 'tight' | 'loose'): number[] {
  const power = Math.floor(Math.log10(high - low))
  return Array.from({ length: 9 }, (_, at) => power + 3 - at).flatMap((exponent) =>
    ['1', '2', '2.5', '5'].map((lead) => {
      const step = multiply(decimal(lead), { coefficient: 1n, exponent })
      const [first, last] = multiplesIn(decimal(low), decimal(high), step, ends)
      return Number(last - first) + 1
    }),
  )
}

test('every tick is a whole multiple of the step, and no other round step comes nearer to the count', () => {
  const number = fc.double({ noNaN: true, noDefaultInfinity: true, min: -1e12, max: 1e12 })
  const ends = fc.constantFrom('tight', 'loose')
  fc.assert(
    fc.property(number, number, fc.integer({ min: 1, max: 40 }), ends, (a, b, count, ends) => {
      fc.pre(Math.abs(a - b) > 1e-6)
      const { step, values } = linearTicks({ domain: [decimal(a), decimal(b)], count, ends })
      for (const value of values) {
        const times =
          (value.coefficient * 10n ** BigInt(value.exponent - step.exponent)) / step.coefficient
        expect(compare(multiply(step, decimal(times)), value)).toBe(0)
      }
      const counts = countsOf(Math.min(a, b), Math.max(a, b), ends)
      const nearest = Math.min(...counts.map((one) => Math.abs(one - count)))
      const best = counts.filter((one) => Math.abs(one - count) === nearest)
      expect(values).toHaveLength(Math.min(...best))
    }),
  )
})

test('decimals that a step needs', () => {
  expect(['0.125', '250', '2.5e-7'].map((step) => decimalsOf(decimal(step)))).toEqual([3, 0, 8])
})
