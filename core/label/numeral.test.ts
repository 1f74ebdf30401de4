import fc from 'fast-check'
import { toText } from '../decimal/decimal'
import { type NumeralMarks, readNumeral } from './numeral'

const english: NumeralMarks = { decimal: '.', group: ',' }
const german: NumeralMarks = { decimal: ',', group: '.' }
const swiss: NumeralMarks = { decimal: '.', group: '’' }
const french: NumeralMarks = { decimal: ',', group: '\u202f' }
const read = (text: string, region: NumeralMarks) => readNumeral(text, region).map(toText)

test.each([
  ['1234', english, ['1234']],
  ['1,234', english, ['1234']],
  ['1.234', english, ['1.234']],
  ['1.234', german, ['1234']],
  ['1,234', german, ['1.234']],
  ['1.234,5', german, ['1234.5']],
  ['1,234.5', english, ['1234.5']],
  ['1 234,5', german, ['1234.5']],
  ['1\u202f234,5', french, ['1234.5']],
  ["1'234.5", swiss, ['1234.5']],
  ['12,34,567', english, ['1234567']],
] as const)('%s is read one way where its marks are the region’s', (text, region, values) =>
  expect(read(text, region)).toEqual(values),
)

test.each([
  ['a mark that the region does not know', '1,234', swiss, ['1.234', '1234']],
  ['one that cannot part groups', '1,23', swiss, ['1.23']],
  ['another region’s groups, twice', '1.234.567', english, ['1234567']],
  ['decimals after digits without groups', '1234,567', english, ['1234.567']],
  ['another region’s number, whole', '1.234,5', english, ['1234.5']],
] as const)('every way that makes sense is given: %s', (_, text, region, values) =>
  expect(read(text, region)).toEqual(values),
)

test.each(['1,2,3', '1.2,3.4', ',', ''])('%j makes no sense as a number', (text) =>
  expect(read(text, english)).toEqual([]),
)

const grouped = (digits: string, mark: string, last = 3, others = last) => {
  const head = digits.slice(0, -last)
  return head
    ? `${head.replace(new RegExp(`\\B(?=(\\d{${others}})+$)`, 'g'), mark)}${mark}${digits.slice(-last)}`
    : digits
}
const region = fc.constantFrom(english, german, swiss, french)
const wholeDigits = fc.bigInt({ min: 1n, max: 10n ** 24n }).map(String)

test('what a region writes with groups and decimals is read back, as that number alone', () =>
  fc.assert(
    fc.property(
      region,
      wholeDigits,
      fc.stringMatching(/^\d{1,6}$/),
      ({ decimal, group }, digits, after) => {
        expect(read(`${grouped(digits, group)}${decimal}${after}`, { decimal, group })).toEqual([
          toText(readNumeral(`${digits}.${after}`, english)[0]!),
        ])
      },
    ),
  ))

test('groups of two before the last three are read as groups too', () =>
  fc.assert(
    fc.property(wholeDigits, (digits) => {
      expect(read(grouped(digits, ',', 3, 2), english)).toEqual([digits])
    }),
  ))

test('whatever the marks, each reading has the digits that stand there', () =>
  fc.assert(
    fc.property(fc.stringMatching(/^\d{1,4}([.,’ ]\d{1,4}){0,4}$/), region, (text, marks) => {
      const digits = text.replace(/\D/g, '').replace(/^0+/, '')
      // Zeros at the end of decimals are no part of a number.
      for (const value of read(text, marks))
        expect(digits.startsWith(value.replace('.', '').replace(/^0+/, ''))).toBe(true)
    }),
  ))
