import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import { decimal, toText } from '../decimal/decimal'
import type { LocaleTable } from '../locale/types'
import { regionOf } from './region'
import { typedNumber, typedNumbers, typedText } from './typed'

const tables = Object.fromEntries(
  ['de', 'fr', 'hi', 'ar-EG'].map((name) => [
    name,
    JSON.parse(
      readFileSync(join(__dirname, '../locale/generated/locales', `${name}.json`), 'utf8'),
    ) as LocaleTable,
  ]),
)
const inRegion = (locale: string) => regionOf(locale, { tables })
const english = inRegion('en')
const said = (text: string, locale = 'en'): string => {
  const read = typedNumber(text, inRegion(locale))
  return 'value' in read ? toText(read.value) : read.trouble
}

test.each([
  ['1500', 'en', '1500'],
  ['-1,500.25', 'en', '-1500.25'],
  ['−3', 'en', '-3'],
  ['.5', 'en', '0.5'],
  ['1.5B', 'en', '1500000000'],
  ['1.5 b', 'en', '“1.5 b” is no number'],
  ['950k', 'en', '950000'],
  ['2 million', 'en', '2000000'],
  ['2e6', 'en', '2000000'],
  ['4.2×10^-7', 'en', '0.00000042'],
  ['4.2×10⁵', 'en', '420000'],
  ['12%', 'en', '0.12'],
  ['3/8', 'en', '0.375'],
  ['1.234,5', 'de', '1234.5'],
  ['1.234', 'de', '1234'],
  ['1.5', 'de', '1.5'],
  ['1,5 Mio.', 'de', '1500000'],
  ['1,5 mio', 'de', '1500000'],
  ['3 Mrd', 'de', '3000000000'],
  ['1 234,5', 'fr', '1234.5'],
  ['12,34,567', 'hi', '1234567'],
  ['١٢٫٥', 'ar-EG', '12.5'],
  ['1e99999999', 'en', 'exponents go to ±10,000'],
  ['3/0', 'en', '“3/0” is no number'],
  ['', 'en', '“” is no number'],
  ['12 apples', 'en', '“12 apples” is no number'],
])('%j in %s is %s', (text, locale, wanted) => expect(said(text, locale)).toContain(wanted))

test.each([
  ['2π', '6.28318530717958647692'],
  ['-π/2', '-1.57079632679489661923'],
  ['3pi/2', '4.71238898038468985769'],
  ['τ', '6.28318530717958647692'],
])('%s is a count of a constant', (text, digits) => expect(said(text)).toContain(digits))

test('what reads in two ways is told with both', () => {
  expect(said('1,234', 'fr')).toBe('1.234')
  expect(said('1.234', 'fr')).toBe('“1.234” reads as 1.234 and as 1,234: write 1.234 or 1234')
})

test('a list keeps its order, and tells what it cannot read', () => {
  const { values, troubles } = typedNumbers('999.5 1,000; 1.5 million\n2K what 7 none', english)
  expect(values.map((value) => value && toText(value))).toEqual([
    '999.5',
    '1000',
    '1500000',
    '2000',
    '7',
    null,
  ])
  expect(troubles).toEqual(['“what” is no number: write one such as 1500, 1.5K, 2e6 or 2π'])
})

const value = fc
  .tuple(fc.bigInt(-(10n ** 40n), 10n ** 40n), fc.integer({ min: -30, max: 12 }))
  .map(([coefficient, exponent]) => ({ coefficient, exponent }))

test.each(['en', 'de', 'fr', 'hi'])(
  'a number in a field of %s is read as it was meant',
  (locale) => {
    fc.assert(
      fc.property(value, (number) => {
        const text = typedText(number, inRegion(locale))
        expect([text, said(text, locale)]).toEqual([text, toText(number)])
      }),
    )
  },
)

test.each(['2π', '-π/2', '3π/2', 'τ/5', '12', '0.125'])('%s stays as it was typed', (text) => {
  const read = typedNumber(text, english)
  expect('value' in read && typedText(read.value, english)).toBe(text)
})

test('a number of many zeros stands in its field with a power, which is read again', () => {
  const text = typedText(decimal(`25${'0'.repeat(306)}`), inRegion('de'))
  expect(text).toBe('2,5e307')
  expect(typedNumber(text, inRegion('de'))).toEqual({ value: decimal('2.5e307') })
})
