import de from '../locale/generated/locales/de.json'
import fr from '../locale/generated/locales/fr.json'
import arEG from '../locale/generated/locales/ar-EG.json'
import type { LocaleTable } from '../locale/types'
import { toText } from '../decimal/decimal'
import { directionOf } from '../locale/direction'
import { textWidth } from '../text/advance'
import { inherit } from '../style/inherit'
import type { FullStyle } from '../style/fields'
import { REGION_WAYS, regionSheet, type RegionWay, regionWays } from './readings'

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

test('a region’s own words and names stand beside what the style writes', () => {
  const style = inherit({ notation: 'scaled', rung: 6, fraction: [0, 2] })
  const inWay = (way: RegionWay, locale: string) =>
    sheet({ ...style, ...regionWays[way](style) }, ['1234567', '980000'], locale)[0]!.labels
  expect(REGION_WAYS).toEqual(['style', 'words', 'short'])
  expect(inWay('style', 'de')).toEqual(['1,23M', '0,98M'])
  expect(inWay('words', 'de')).toEqual(['1,23 Millionen', '980 Tausend'])
  expect(inWay('short', 'de')).toEqual(['1,23\u00a0Mio.', '980.000'])
})

test('units are said by their names where a region’s words are asked for', () => {
  const ways = (unit: FullStyle['unit']) => regionWays.words(inherit({ unit })).unit
  expect(ways({ kind: 'currency', code: 'EUR', display: 'symbol' })).toMatchObject({
    display: 'name',
  })
  expect(ways({ kind: 'measure', id: 'kilogram', display: 'short' })).toMatchObject({
    display: 'long',
  })
  expect(ways({ kind: 'percent' })).toEqual({ kind: 'percent' })
})
