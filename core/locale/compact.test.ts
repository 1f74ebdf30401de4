import { rungsNamed } from './compact'
import de from './generated/locales/de.json'
import en from './generated/locales/en.json'
import ja from './generated/locales/ja.json'
import type { LocaleTable } from './types'

const rungsOf = (table: unknown) =>
  rungsNamed((table as LocaleTable).systems.latn!.compact).map(
    ({ power, symbol, word }) => `${power} ${symbol} ${word}`,
  )

test('a region’s ladder has a rung for each power that its forms name, several digits of one among them', () => {
  expect(rungsOf(en)).toEqual(['3 K thousand', '6 M million', '9 B billion', '12 T trillion'])
  expect(rungsOf(ja)).toEqual(['4 万 万', '8 億 億', '12 兆 兆', '16 京 京'])
})

test('where one form has no name for a power, the other lends its own', () => {
  expect(rungsOf(de).slice(0, 2)).toEqual(['3 Tausend Tausend', '6 Mio. Millionen'])
})
