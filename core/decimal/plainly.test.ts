import fc from 'fast-check'
import { subtract } from './arithmetic'
import { decimal, toText } from './decimal'
import { briefly, plainly } from './plainly'
import { divide } from './round'

test.each([
  ['-250000.5', '−250,000.5'],
  ['0', '0'],
  ['1e23', '100,000,000,000,000,000,000,000'],
  ['1e24', '1e24'],
  ['1.5e-30', '1.5e−30'],
  ['-12e300', '−1.2e301'],
  ['0.000000000000000284612069850', '2.8461206985e−16'],
])('%s is told as %s', (text, told) => expect(plainly(decimal(text))).toBe(told))

test('numbers of one size are told alike, however many digits each has', () => {
  const size = fc.tuple(
    fc.integer({ min: -30, max: 30 }),
    fc.array(fc.bigInt({ min: 1n, max: 10n ** 16n - 1n }), { minLength: 2, maxLength: 6 }),
  )
  fc.assert(
    fc.property(size, ([power, coefficients]) => {
      const ways = coefficients.map((coefficient) =>
        plainly({ coefficient, exponent: power - String(coefficient).length + 1 }).includes('e'),
      )
      return new Set(ways).size === 1
    }),
  )
})

test('of a number with more digits than anyone reads, twelve are told, and that they are not all', () => {
  expect(briefly(divide(decimal(1), decimal(3)))).toBe('≈ 0.333333333333')
  expect(briefly(divide(decimal('2.5e-16'), decimal(3)))).toBe('≈ 8.33333333333e−17')
  expect(briefly(decimal('12345.678'))).toBe('12,345.678')
})

test('what is told without ≈ is the number itself', () => {
  const numbers = fc
    .tuple(fc.bigInt({ min: -(10n ** 13n), max: 10n ** 13n }), fc.integer({ min: -320, max: 320 }))
    .map(([coefficient, exponent]) => ({ coefficient, exponent }))
  fc.assert(
    fc.property(numbers, (value) => {
      const back = decimal(briefly(value).replaceAll('−', '-').replaceAll(',', ''))
      return toText(subtract(back, value)) === '0'
    }),
  )
})
