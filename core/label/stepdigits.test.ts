import fc from 'fast-check'
import { decimal } from '../decimal/decimal'
import type { Style } from '../style/schemas'
import { linearTicks } from '../ticks/linear'
import { toText } from '../decimal/decimal'
import { labeller } from './labeller'
import { resolve } from './resolve'

const ticksWith = (style: Style, step: string, ends: [string, string]): string[] => {
  const values = linearTicks({
    domain: [decimal(ends[0]), decimal(ends[1])],
    step: decimal(step),
  }).values.map(toText)
  return labeller(resolve({ fraction: 'step', ...style }, { values, step: decimal(step) })).labels(
    values,
  )
}
const written = (style: Style, values: (number | string | null)[]): string[] =>
  labeller(resolve({ fraction: 'step', ...style }, { values })).labels(values)

test('ticks have exactly the decimals of their step', () => {
  expect(ticksWith({}, '0.25', ['2', '2.75'])).toEqual(['2.00', '2.25', '2.50', '2.75'])
  expect(ticksWith({}, '0.125', ['0', '0.25'])).toEqual(['0.000', '0.125', '0.250'])
  expect(ticksWith({}, '5', ['0', '10'])).toEqual(['0', '5', '10'])
})

test('at each label’s own rung or exponent', () => {
  expect(ticksWith({ notation: 'scaled' }, '250', ['500', '1500'])).toEqual([
    '500',
    '750',
    '1.00K',
    '1.25K',
    '1.50K',
  ])
  expect(ticksWith({ notation: 'scaled', rung: 'shared' }, '250', ['500', '1000'])).toEqual([
    '0.50K',
    '0.75K',
    '1.00K',
  ])
  expect(ticksWith({ notation: 'scientific' }, '25', ['75', '125'])).toEqual([
    '7.5×10¹',
    '1.00×10²',
    '1.25×10²',
  ])
  expect(ticksWith({ notation: 'scientific', exponent: 3 }, '50', ['0', '100'])).toEqual([
    '0.00×10³',
    '0.05×10³',
    '0.10×10³',
  ])
  expect(ticksWith({ notation: 'scaled', ladder: 'binary' }, '512', ['1024', '2048'])).toEqual([
    '1.0Ki',
    '1.5Ki',
    '2.0Ki',
  ])
})

test('in the unit that is written: of percent, by a factor, converted', () => {
  expect(ticksWith({ unit: { kind: 'percent' } }, '0.025', ['0', '0.05'])).toEqual([
    '0.0%',
    '2.5%',
    '5.0%',
  ])
  expect(ticksWith({ factor: '0.001' }, '250', ['0', '500'])).toEqual(['0.00', '0.25', '0.50'])
})

test('values without a step have the fewest decimals that tell them apart, within three digits', () => {
  expect(written({}, [12.34, 12.36, 20])).toEqual(['12.3', '12.4', '20.0'])
  expect(written({}, [1, 2, 30])).toEqual(['1', '2', '30'])
  expect(written({}, [1234.5, 1234.7])).toEqual(['1,235', '1,235'])
  expect(written({}, [0.00012, 0.00034])).toEqual(['0.0001', '0.0003'])
  expect(written({ notation: 'scaled' }, [1_230_000, 1_240_000, 950_000])).toEqual([
    '1.23M',
    '1.24M',
    '950K',
  ])
  expect(written({}, [null, null])).toEqual(['–', '–'])
})

const steps = fc
  .tuple(fc.constantFrom('1', '2', '2.5', '5', '1.25'), fc.integer({ min: -6, max: 8 }))
  .map(([digits, power]) => `${digits}e${power}`)
const styles: readonly Style[] = [
  {},
  { notation: 'scaled' },
  { notation: 'scaled', rung: 'shared' },
  { notation: 'scientific' },
  { notation: 'engineering', exponent: 'shared' },
  { unit: { kind: 'percent' } },
]

test('every tick of a step is told exactly', () => {
  fc.assert(
    fc.property(
      steps,
      fc.integer({ min: -20, max: 20 }),
      fc.integer({ min: 2, max: 9 }),
      fc.constantFrom(...styles),
      (step, from, count, style) => {
        const { coefficient, exponent } = decimal(step)
        const at = (times: number) => toText({ coefficient: coefficient * BigInt(times), exponent })
        const values = Array.from({ length: count }, (_, i) => at(from + i))
        const write = labeller(
          resolve({ ...style, fraction: 'step' }, { values, step: decimal(step) }),
        )
        const labels = write.labels(values)
        expect(labels.map((label) => toText(write.read(label).value as never))).toEqual(values)
      },
    ),
    { numRuns: 400 },
  )
})
