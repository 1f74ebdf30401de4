import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { localeTableName } from '../label/region'
import { chooseSystem, nearestName, tableName } from './choose'
import { needsOf } from '../label/needs'
import type { LocaleTable } from './types'

const folder = join(__dirname, 'generated/locales')
const tableOf = (name: string) =>
  JSON.parse(readFileSync(join(folder, `${name}.json`), 'utf8')) as LocaleTable
const MOST_BYTES = 10 * 1024

test("extensions are no part of a table's name", () => {
  expect(tableName('ar-EG-u-nu-latn')).toBe('ar-EG')
  expect(tableName('de')).toBe('de')
})

test("a tag without a table of its own is written by its parent's", () => {
  const names = new Set(['de', 'zh-Hant'])
  expect(nearestName('de-XX', names)).toBe('de')
  expect(nearestName('zh-Hant-TW-u-nu-hanidec', names)).toBe('zh-Hant')
  expect(nearestName('tlh', names)).toBeUndefined()
})

test('a language that CLDR does not know is refused by name', () => {
  expect(() => localeTableName('tlh-Latn')).toThrow(
    /^style\.locale: "tlh-Latn" is not allowed; CLDR has no such language/,
  )
})

test("a region's own digits are used, and those that a tag asks for", () => {
  expect(chooseSystem('ar-EG', tableOf('ar-EG')).digits[1]).toBe('١')
  expect(chooseSystem('ar-EG-u-nu-latn', tableOf('ar-EG')).digits[1]).toBe('1')
  expect(chooseSystem('en-u-nu-deva', tableOf('en')).digits[9]).toBe('९')
  expect(chooseSystem('de', tableOf('de')).digits.join('')).toBe('0123456789')
})

test('digits that are none are refused with some that are', () => {
  expect(() => chooseSystem('en-u-nu-roman', tableOf('en'))).toThrow(
    /-u-nu- takes a decimal numbering system such as/,
  )
})

test("a style names the tables that it needs, its cases' too", () => {
  expect(needsOf({ locale: 'de-AT' })).toEqual({
    tables: ['de-AT'],
    currencyNames: [],
    measureNames: [],
  })
  const named = { kind: 'currency' as const, code: 'EUR', display: 'name' as const }
  expect(
    needsOf({
      locale: 'fr',
      cases: [{ when: { magnitude: { from: 6 } }, use: { locale: 'pl', unit: named } }],
    }),
  ).toEqual({
    tables: ['fr', 'pl'],
    currencyNames: ['pl'],
    measureNames: [],
  })
  expect(needsOf({ locale: 'fr', unit: { kind: 'measure', id: 'kilogram' } }).measureNames).toEqual(
    ['fr'],
  )
})

test('the table of every locale stays under ten kilobytes', () => {
  const files = readdirSync(folder)
  expect(files.length).toBeGreaterThan(700)
  const large = files.filter((name) => statSync(join(folder, name)).size > MOST_BYTES)
  expect(large).toEqual([])
})
