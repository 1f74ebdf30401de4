import fc from 'fast-check'
import { compare, multiply } from '../decimal/arithmetic'
import { decimal } from '../decimal/decimal'
import { converted } from './apply'
import { areAlike, conversionOf, isMeasure } from './convert'
import { kinds, parseMeasure, units } from './parse'
import { asTexts, fromTexts, minus, over, raised, rational, times } from './rational'

const factor = (from: string, to: string) => asTexts(conversionOf(from, to).scale).join('/')

describe('factors', () => {
  // Definitions: the international yard and pound agreement of 1959, the SI brochure, and US and
  // imperial gallons of 231 cubic inches and 4.54609 litres.
  test.each([
    ['kilogram', 'tonne', '1/1000'],
    ['kilogram', 'pound', '100000000/45359237'],
    ['inch', 'centimeter', '127/50'],
    ['mile', 'kilometer', '25146/15625'],
    ['acre', 'square-foot', '43560/1'],
    ['gallon', 'cubic-inch', '231/1'],
    ['gallon-imperial', 'liter', '454609/100000'],
    ['knot', 'kilometer-per-hour', '463/250'],
    ['mile-per-hour', 'meter-per-second', '1397/3125'],
    ['hour', 'minute', '60/1'],
    ['week', 'day', '7/1'],
    ['year', 'month', '12/1'],
    ['gigabyte', 'megabit', '8000/1'],
    ['mebibyte', 'byte', '1048576/1'],
    ['kilowatt-hour', 'megajoule', '18/5'],
    ['millimeter-ofhg', 'pascal', '26664477483/200000000'],
    ['atmosphere', 'hectopascal', '4053/4'],
    ['degree', 'arc-minute', '60/1'],
    ['percent', 'permille', '10/1'],
    ['liter-per-100-kilometer', 'liter-per-kilometer', '1/100'],
    ['kilogram-per-cubic-meter', 'gram-per-liter', '1/1'],
    ['square-kilometer', 'hectare', '100/1'],
    ['cubic-centimeter', 'milliliter', '1/1'],
    ['newton-meter', 'joule', '1/1'],
    ['watt-per-square-meter', 'kilowatt-per-hectare', '10/1'],
  ])('a %s is %s: %s', (from, to, is) => expect(factor(from, to)).toBe(is))

  test('there and back is nothing, for every pair that can be converted', () => {
    const ids = Object.keys(kinds).filter(isMeasure)
    let pairs = 0
    for (const from of ids)
      for (const to of ids) {
        if (from === to || !areAlike(from, to)) continue
        pairs++
        const [there, back] = [conversionOf(from, to), conversionOf(to, from)]
        expect([from, to, asTexts(times(there.scale, back.scale))]).toEqual([from, to, ['1', '1']])
        expect(
          minus(
            times(there.shift, back.scale),
            rational(-back.shift.numerator, back.shift.denominator),
          ),
        ).toEqual(rational(0n, 1n))
      }
    expect(pairs).toBeGreaterThan(2000)
  })
})

test.each([
  ['celsius', 'fahrenheit', '100', '212'],
  ['celsius', 'fahrenheit', '-40', '-40'],
  ['fahrenheit', 'celsius', '-459.67', '-273.15'],
  ['celsius', 'kelvin', '0', '273.15'],
  ['kelvin', 'rankine', '100', '180'],
])('%s to %s: %s is %s', (from, to, value, is) => {
  const { dividend, divisor } = converted(decimal(value), conversionOf(from, to))
  const expected = multiply(decimal(is), { coefficient: divisor, exponent: 0 })
  expect(compare(dividend, expected)).toBe(0)
})

test('every measure that CLDR names is one, and all it converts have a base', () => {
  expect(Object.keys(kinds).filter((id) => !isMeasure(id))).toEqual([])
  for (const { base } of Object.values(units)) expect(parseMeasure(base)).not.toBeNull()
})

test.each([
  ['kilogram-per-cubic-meter', ['kilogram::1', 'meter::-3']],
  ['megagram', ['gram:mega:1']],
  ['pound-force-per-square-inch', ['pound-force::1', 'inch::-2']],
  ['liter-per-100-kilometer', ['liter::1', '100::-1', 'meter:kilo:-1']],
  ['part-per-1e6', ['part::1', '1000000::-1']],
  ['fluid-ounce-imperial', ['fluid-ounce-imperial::1']],
])('%s is read by its parts', (id, parts) => {
  expect(
    parseMeasure(id)!.map(({ unit, prefix = '', power }) => `${unit}:${prefix}:${power}`),
  ).toEqual(parts)
})

test.each([
  '',
  'kilo',
  'meter-per',
  'per',
  'square',
  '100',
  'meter-per-per-second',
  'RPM',
  'constructor',
])('%j is no measure', (id) => expect(isMeasure(id)).toBe(false))

test.each([
  [
    'kilogram',
    'meter',
    'kilogram measures mass and meter measures length: one cannot be converted',
  ],
  ['beaufort', 'knot', 'beaufort has no factor'],
  ['kilogram', 'kilo', '"kilo" is no measure of CLDR'],
  [
    'mile-per-gallon',
    'liter-per-100-kilometer',
    'liter-per-100-kilometer counts the inverse of mile-per-gallon',
  ],
  ['liter-per-100-kilometer', 'meter', 'liter-per-100-kilometer measures consumption'],
])('from %s to %s there is no way, and the error names both', (from, to, message) => {
  expect(() => conversionOf(from, to)).toThrow(message)
})

test('fractions are exact and reduced', () => {
  const some = fc
    .tuple(fc.bigInt({ min: -999n, max: 999n }), fc.bigInt({ min: 1n, max: 999n }))
    .map(([numerator, denominator]) => rational(numerator, denominator))
  fc.assert(
    fc.property(some, some, (a, b) => {
      expect(fromTexts(asTexts(a))).toEqual(a)
      expect(minus(times(a, b), times(b, a))).toEqual(rational(0n, 1n))
      if (b.numerator !== 0n) expect(times(over(a, b), b)).toEqual(a)
      if (a.numerator !== 0n) expect(times(raised(a, 3), raised(a, -3))).toEqual(rational(1n, 1n))
      expect(minus(a, b).denominator > 0n).toBe(true)
    }),
  )
})
