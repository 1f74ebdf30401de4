import de from '../locale/generated/locales/de.json'
import fr from '../locale/generated/locales/fr.json'
import arEG from '../locale/generated/locales/ar-EG.json'
import type { LocaleTable } from '../locale/types'
import { toText } from '../decimal/decimal'
import { directionOf } from '../locale/direction'
import { textWidth } from '../text/advance'
import { regionSheet } from './readings'

const context = {
  tables: { de: de as LocaleTable, fr: fr as LocaleTable, 'ar-EG': arEG as LocaleTable },
}
const sheet = (style: object, values: readonly string[], ...locales: string[]) =>
  regionSheet(style, { values }, locales, context, 13)

test('each region writes the same values with its own marks and digits', () => {
  const found = sheet({ fraction: [1, 1] }, ['1234.5', '7'], 'en', 'de', 'ar-EG')
  expect(found.map(({ labels }) => labels[0])).toEqual(['1,234.5', '1.234,5', '١٬٢٣٤٫٥'])
  expect(found[0]!.widest).toEqual({ at: 0, width: textWidth('1,234.5', 13) })
})

test('labels that others read as another number are told, with who and what', () => {
  const [en, german] = sheet({ fraction: [3, 3] }, ['7', '1.234'], 'en', 'de')
  expect(en!.taken.map(({ reader, at, reads }) => [reader, at, toText(reads)])).toEqual([
    ['de', 0, '7000'],
  ])
  expect(german!.taken.map(({ reader, at, reads }) => [reader, at, toText(reads)])).toEqual([
    ['en', 0, '7000'],
  ])
  expect(
    sheet({ fraction: [1, 1] }, ['1.5'], 'en', 'de').every(({ taken }) => taken.length === 0),
  ).toBe(true)
})

test('a unit that looks like a prefix is read as the unit', () => {
  expect(
    sheet({ unit: { kind: 'symbol', text: 'm' } }, ['38'], 'en', 'de').every(
      ({ taken }) => taken.length === 0,
    ),
  ).toBe(true)
})

test('a region is not told against itself', () =>
  expect(sheet({ fraction: [3, 3] }, ['1.234'], 'en')[0]!.taken).toEqual([]))

test.each([
  ['ar-EG', 'rtl'],
  ['fa', 'rtl'],
  ['he-IL', 'rtl'],
  ['uz-Arab', 'rtl'],
  ['uz', 'ltr'],
  ['en', 'ltr'],
  ['arn', 'ltr'],
  ['ks-Latn', 'ltr'],
])('%s runs %s', (locale, way) => expect(directionOf(locale)).toBe(way))
