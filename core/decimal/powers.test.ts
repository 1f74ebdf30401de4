import fc from 'fast-check'
import { leadingPower, multiply, subtract } from './arithmetic'
import { decimal, toText } from './decimal'
import { plainly } from './plainly'
import { reaches, scaleBy } from './powers'
import { divide, divideRounded, quotientRounded } from './round'

test.each([
  ['1.5', 10, 3, '1500'],
  ['1.5', 10, -3, '0.0015'],
  ['1.5', 2, 10, '1536'],
  ['1', 2, -3, '0.125'],
  ['3', 2, 0, '3'],
] as const)('%s × %d^%d is %s', (value, base, power, product) => {
  expect(toText(scaleBy(decimal(value), base, power))).toBe(product)
})

test('scaling by a power of two and back changes nothing', () => {
  fc.assert(
    fc.property(fc.bigInt(), fc.integer({ min: -60, max: 60 }), (coefficient, power) => {
      const there = scaleBy({ coefficient, exponent: 0 }, 2, power)
      const back = scaleBy(there, 2, -power)
      return subtract(back, { coefficient, exponent: 0 }).coefficient === 0n
    }),
  )
})

test('a power is reached by itself and not by just under it', () => {
  expect(reaches(decimal('1024'), 2, 10)).toBe(true)
  expect(reaches(decimal('-1024'), 2, 10)).toBe(true)
  expect(reaches(decimal('1023.999999999999999999999'), 2, 10)).toBe(false)
  expect(reaches(decimal('999.9'), 10, 3)).toBe(false)
})

test('quotients that end are exact, the others are right to sixty digits', () => {
  expect(toText(divide(decimal(1), decimal(8)))).toBe('0.125')
  expect(toText(divide(decimal(-7), decimal('0.5')))).toBe('-14')
  expect(toText(divide(decimal(0), decimal(3)))).toBe('0')
  const third = divide(decimal(1), decimal(3))
  const off = subtract(multiply(third, decimal(3)), decimal(1))
  expect(leadingPower(off)).toBeLessThan(-59)
})

test('quotients round as they are told', () => {
  expect(quotientRounded(decimal('1.03'), decimal('0.05'), 'halfExpand')).toBe(21n)
  expect(quotientRounded(decimal('-1.03'), decimal('0.05'), 'floor')).toBe(-21n)
  expect(divideRounded(-7n, 2n, 'halfCeil')).toBe(-3n)
})

test.each([
  ['-250000.5', '−250,000.5'],
  ['1234567890123', '1,234,567,890,123'],
  ['0.000125', '0.000125'],
  ['999', '999'],
  ['5e-324', '5e−324'],
  ['1e30', '1e30'],
])('%s is said as %s in a message', (value, said) => {
  expect(plainly(decimal(value))).toBe(said)
})
