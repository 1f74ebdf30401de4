import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { toText } from '../decimal/decimal'
import type { LocaleTable } from '../locale/types'
import type { Style } from '../style/schemas'
import { readAs } from './readas'
import { isInterval, type ReadNumber } from './readback'
import { regionOf } from './region'
import { resolve } from './resolve'

const table = (name: string) =>
  JSON.parse(
    readFileSync(join(__dirname, '../locale/generated/locales', `${name}.json`), 'utf8'),
  ) as LocaleTable
const plain = (said: ReadNumber) =>
  typeof said !== 'object' || isInterval(said) ? said : toText(said)
const read = (label: string, tag: string, style: Style = {}) =>
  readAs(
    label,
    resolve(style, { values: [2e6] }),
    regionOf(tag, { tables: { [tag]: table(tag) } }),
  ).candidates.map(plain)

test.each<[string, string, string[]]>([
  ['1.234', 'en', ['1.234']],
  ['1.234', 'de', ['1234']],
  ['1,234', 'de', ['1.234']],
  ['1,234.5', 'de', ['1234.5']],
  ['1.5', 'de', ['1.5']],
  ['1.234.567', 'de', ['1234567']],
  ['1.234', 'fr', ['1.234', '1234']],
  ['1,234', 'de-CH', ['1.234', '1234']],
  ['1 234,5', 'fr', ['1234.5']],
  ['12,34,567.5', 'hi', ['1234567.5']],
  ['١٬٢٣٤٫٥', 'ar-EG', ['1234.5']],
  ['1,2,3', 'en', []],
  ['-€1.5M', 'en', ['-1500000']],
  ['($5)', 'en', ['-5']],
  ['5-', 'en', ['-5']],
  ['−2', 'en', ['-2']],
  ['1,5 Mio. €', 'de', ['1500000']],
  ['2 Billionen', 'de', ['2000000000000']],
  ['2 billion', 'en', ['2000000000']],
  ['2 billions', 'fr', ['2000000000000']],
  ['12.3万', 'ja', ['123000']],
  ['5万', 'de', ['5']],
  ['1.5K', 'de', ['1500']],
  ['4.2×10⁻⁷', 'en', ['0.00000042']],
  ['4,2E5', 'de', ['420000']],
  ['10⁶', 'en', ['1000000']],
  ['apples', 'en', []],
])('%s is read in %s as %j', (label, tag, candidates) => {
  expect(read(label, tag)).toEqual(candidates)
})

test.each<[string, string, string]>([
  ['m', '38 m', '38'],
  ['m', '-38 m', '-38'],
  ['T', '2 T', '2'],
  ['k', '5 k', '5'],
])('a unit %s in %s is a unit, and no name of a power', (text, label, number) => {
  expect(read(label, 'en', { unit: { kind: 'symbol', text } })).toEqual([number])
})

test('what the label leaves to its title or its style is known to the reader', () => {
  expect(read('1.5', 'en', { notation: 'scaled', rung: 6, unitAt: 'title' })).toEqual(['1500000'])
  expect(read('12.5%', 'en', { unit: { kind: 'percent' } })).toEqual(['0.125'])
  expect(
    read('3.2 kW', 'en', { notation: 'scaled', ladder: 'si', unit: { kind: 'symbol', text: 'W' } }),
  ).toEqual(['3200'])
  expect(read('<0.01', 'en', { under: '0.01' })).toMatchObject([
    { from: null, to: { coefficient: 1n, exponent: -2 } },
  ])
  expect(read('π/3', 'de', { notation: 'multiple' })[0]).toMatch(/^1\.0471975/)
})
