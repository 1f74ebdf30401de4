import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import localeNames from './generated/index.json'
import { pluralOf } from './plurals'
import type { LocaleTable } from './types'

const tableOf = (name: string) =>
  JSON.parse(
    readFileSync(join(__dirname, 'generated/locales', `${name}.json`), 'utf8'),
  ) as LocaleTable
const written = (text: string) => {
  const [whole = '', fraction = ''] = text.split('.')
  return { whole, fraction }
}

test.each([
  ['en', '1', 'one'],
  ['en', '1.0', 'other'],
  ['en', '2', 'other'],
  ['fr', '0', 'one'],
  ['fr', '1.5', 'one'],
  ['fr', '1000000', 'many'],
  ['pl', '1', 'one'],
  ['pl', '3', 'few'],
  ['pl', '13', 'many'],
  ['pl', '22', 'few'],
  ['pl', '1.5', 'other'],
  ['ar', '0', 'zero'],
  ['ar', '2', 'two'],
  ['ar', '7', 'few'],
  ['ar', '25', 'many'],
  ['ar', '100', 'other'],
  ['lv', '10', 'zero'],
  ['ja', '1', 'other'],
])('%s %s is %s', (locale, text, category) => {
  expect(pluralOf(tableOf(locale).plurals, written(text))).toBe(category)
})

test('digits beyond a double still count', () => {
  const { plurals } = tableOf('pl')
  expect(pluralOf(plurals, written('100000000000000000000000000003'))).toBe('few')
  expect(pluralOf(plurals, written('100000000000000000000000000013'))).toBe('many')
})

test('every rule of every language can be read, and agrees with the platform', () => {
  const numbers = fc.tuple(fc.nat(2_000_000), fc.nat(3)).map(([digits, decimals]) => {
    const text = String(digits).padStart(decimals + 1, '0')
    return decimals === 0 ? text : `${text.slice(0, -decimals)}.${text.slice(-decimals)}`
  })
  const platform = new Map<string, Intl.PluralRules>()
  const languages = localeNames.filter(
    (name) => !name.includes('-') && Intl.PluralRules.supportedLocalesOf(name).length > 0,
  )
  fc.assert(
    fc.property(fc.constantFrom(...languages), numbers, (name, text) => {
      const { whole, fraction } = written(text)
      const key = `${name} ${fraction.length}`
      const rules =
        platform.get(key) ??
        new Intl.PluralRules(name, {
          minimumFractionDigits: fraction.length,
          maximumFractionDigits: fraction.length,
        })
      platform.set(key, rules)
      expect(`${name} ${text} ${pluralOf(tableOf(name).plurals, { whole, fraction })}`).toBe(
        `${name} ${text} ${rules.select(Number(text))}`,
      )
    }),
    { numRuns: 1500 },
  )
})

test('a rule that cannot be read is an error, not a guess', () => {
  expect(() => pluralOf({ one: 'n is 1' }, written('1'))).toThrow('"n is 1" is no relation')
})
