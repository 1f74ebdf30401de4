import { part } from '../testing/part'
import fc from 'fast-check'
import { decimal } from '../decimal/decimal'
import type { Style } from '../style/fields'
import { runChecks } from './run'
import type { Subject } from './types'

const money = fc.integer({ min: -1e9, max: 1e9 }).map((cents) => cents / 100)
const sizes = fc
  .tuple(fc.double({ min: 1, max: 10, noNaN: true }), fc.integer({ min: -6, max: 14 }))
  .map(([digits, power]) => digits * 10 ** power)
const noisy = fc
  .tuple(fc.integer({ min: 1, max: 999 }), fc.integer({ min: 1, max: 9 }))
  .map(([n, m]) => n * (m / 10) + 0.1 + 0.2)
const eighths = fc.integer({ min: 0, max: 80 }).map((n) => n / 8)
const large = fc.bigInt({ min: 2n ** 53n, max: 10n ** 22n }).map(Number)
const columns = fc.oneof(
  ...[money, sizes, noisy, eighths, large, fc.oneof(money, sizes, fc.constant(0))].map((values) =>
    fc.array(values, { minLength: 1, maxLength: 40 }),
  ),
)
const styles: readonly Style[] = [
  {},
  { fraction: [0, 0] },
  { fraction: [2, 2] },
  { fraction: [0, 12] },
  { sign: 'never' },
  { unit: { kind: 'currency', code: 'EUR' } },
  { notation: 'scaled' },
  { notation: 'scaled', rung: 'shared', fraction: [1, 1] },
  { notation: 'scaled', rung: 6, fraction: [0, 0] },
  { notation: 'scaled', rung: 6, fraction: [3, 3] },
  { notation: 'scaled', ladder: 'indian', fraction: [0, 1] },
  { notation: 'scaled', rung: 'shared', rounding: 'halfEven', grouping: 'never' },
  { notation: 'scientific', exponent: 'shared' },
  { significant: [2, 2] },
]

test('a long column looked through by doubles has the findings that exact digits give', () => {
  fc.assert(
    fc.property(
      columns,
      fc.constantFrom(...styles),
      fc.constantFrom('table' as const, 'marks' as const),
      (numbers, style, surface) => {
        const subject: Subject = {
          surface,
          style,
          values: numbers.map((number) => decimal(number)),
        }
        expect(runChecks({ ...subject, values: Float64Array.from(numbers) })).toEqual(
          runChecks(subject),
        )
      },
    ),
    { numRuns: part(250, 700) },
  )
})

test('a hundred thousand values are checked in some seconds, and each step is told', () => {
  const numbers = Array.from({ length: 100_000 }, (_, at) => ((at * 7919) % 10_000_019) / 100)
  const steps: number[] = []
  const found = runChecks(
    {
      surface: 'table',
      style: { notation: 'scaled', rung: 6, fraction: [0, 0] },
      values: Float64Array.from(numbers),
    },
    (done) => steps.push(done),
  )
  expect(found.map(({ check }) => check)).toContain('vanished')
  expect(steps).toEqual([...steps].sort((a, b) => a - b))
  expect(steps.at(-1)).toBeCloseTo(1)
})
