import fc from 'fast-check'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { LocaleTable } from '../locale/types'
import { type Decimal, decimal, toText } from '../decimal/decimal'
import { CLOCK_FORMS, CLOCK_KINDS, CLOCK_UNITS } from '../notations/clock'
import type { Style } from '../style/fields'
import { part } from '../testing/part'
import type { Context } from './context'
import { labeller } from './labeller'
import { regionsBy, tableNamed, type TableKinds } from './needs'
import { resolve } from './resolve'

const files = join(import.meta.dirname ?? __dirname, '..', 'locale', 'generated')
const read = (kind: string, name: string) =>
  JSON.parse(readFileSync(join(files, kind, `${name}.json`), 'utf8'))
const tables = (style: Style) =>
  regionsBy(
    style,
    <Kind extends keyof TableKinds>(kind: Kind, name: string) =>
      tableNamed((one) => read(kind, one), name) as TableKinds[Kind],
  )
const clockIn = (style: Style, context: Context = {}) =>
  labeller(resolve({ notation: 'clock', ...style }, { ...tables(style), ...context }))
const write = (style: Style, value: number | string, context?: Context) =>
  clockIn(style, context).label(value)

test.each<[Style, number | string, string]>([
  [{}, 5400, '1:30'],
  [{}, 59, '0:01'],
  [{}, 29, '0:00'],
  [{}, -5400, '-1:30'],
  [{ clock: { of: 'minute' } }, 90, '1:30'],
  [{ clock: { of: 'hour' } }, '1.5', '1:30'],
  [{ clock: { of: 'hour' } }, '0.1', '0:06'],
  [{ clock: { of: 'hour' } }, '0.999', '1:00'],
  [{ clock: { form: 'm:ss' } }, '83.456', '1:23.456'],
  [{ clock: { form: 'm:ss' }, fraction: [2, 2] }, '59.999', '1:00.00'],
  [{ clock: { form: 'h:mm:ss' } }, 3723, '1:02:03'],
  [{ clock: { form: 'h:mm:ss' } }, 36_000_000, '10,000:00:00'],
  [{ clock: { form: 'd h:mm' } }, 187_500, '2d 4:05'],
  [{ clock: { kind: 'timeOfDay', of: 'hour' } }, '13.5', '1:30\u202fPM'],
  [{ clock: { kind: 'timeOfDay', of: 'hour' } }, 0, '12:00\u202fAM'],
  [{ clock: { kind: 'timeOfDay', of: 'hour' } }, 12, '12:00\u202fPM'],
  [{ clock: { kind: 'timeOfDay', of: 'hour' } }, '25.5', '25:30'],
  [{ clock: { kind: 'timeOfDay', of: 'hour' }, locale: 'de' }, '8.25', '08:15'],
  [{ locale: 'fi' }, 5400, '1.30'],
  [{ locale: 'ar-EG' }, 5400, '١:٣٠'],
  [{ before: '+' }, 60, '+0:01'],
  [{ sign: 'always' }, 60, '+0:01'],
  [{ under: '60' }, 30, '<0:01'],
])('%j writes %s as %s', (style, value, label) => {
  expect(write(style, value)).toBe(label)
})

test('what cells are recorded in is what a clock counts', () => {
  expect(write({}, '2.5', { measure: 'day' })).toBe('60:00')
  expect(write({ unit: { kind: 'measure', id: 'hour' } }, '1.5', { measure: 'hour' })).toBe('1:30')
  expect(() => write({ clock: { of: 'second' } }, 1, { measure: 'hour' })).toThrow(
    /clock.of.*recorded in hour/,
  )
  expect(() => write({}, 1, { measure: 'kilogram' })).toThrow(/kilogram/)
})

test.each<[Style, RegExp]>([
  [{ unit: { kind: 'percent' } }, /unit.*a clock says hours and minutes itself/],
  [{ clock: { kind: 'timeOfDay', form: 'm:ss' } }, /clock.form.*takes h:mm or h:mm:ss/],
])('%j is refused', (style, message) => {
  expect(() => write(style, 1)).toThrow(message)
})

const HALF = { 'h:mm': decimal(30), 'd h:mm': decimal(30), 'h:mm:ss': null, 'm:ss': null } as const
const secondsOf = { second: 1, minute: 60, hour: 3600 } as const

test('a label reads back within half of its last place, and that is written the same', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...CLOCK_FORMS),
      fc.constantFrom(...CLOCK_KINDS),
      fc.constantFrom(...CLOCK_UNITS),
      fc.constantFrom('en', 'de', 'fi', 'ar-EG', 'zh-TW', 'hi', 'en-IN', 'bg', 'fr-CA', 'ko'),
      fc.integer({ min: -400_000, max: 400_000 }),
      (form, kind, of, locale, count) => {
        if (kind === 'timeOfDay' && !form.startsWith('h')) return
        const own = clockIn({ clock: { form, kind, of }, locale })
        const label = own.label(count)
        const said = own.read(label)
        expect([label, said.candidates.length]).toEqual([label, 1])
        const value = said.value as Decimal
        expect(own.label(toText(value))).toBe(label)
        const off = Math.abs(Number(toText(value)) - count) * secondsOf[of]
        expect(off).toBeLessThanOrEqual(HALF[form] ? 30.0001 : 0.0006)
        expect(
          own
            .parts(count)
            .map((one) => one.value)
            .join(''),
        ).toBe(label)
      },
    ),
    { numRuns: part(400, 6000) },
  )
})

// Oracle: the platform's own times of day, in every region that it knows.
test('times of day are what the platform writes, minute by minute of some hours', () => {
  const names = (read('.', 'index') as string[]).filter(
    (name) => Intl.DateTimeFormat.supportedLocalesOf(name).length > 0,
  )
  const some = names.filter((_, at) => at % part(12, 1) === 0)
  for (const locale of some) {
    // In these the platform writes the name of a pattern in place of its digits.
    if (locale.startsWith('az-Arab')) continue
    const table = tableNamed<LocaleTable>((one) => read('locales', one), locale)!
    const platform = new Intl.DateTimeFormat(`${locale}-u-nu-${table.system}`, {
      timeStyle: 'short',
      timeZone: 'UTC',
    })
    const own = clockIn({ clock: { of: 'minute', kind: 'timeOfDay' }, locale })
    for (const minutes of [0, 5, 59, 60, 605, 719, 720, 785, 1080, 1439])
      expect([locale, own.label(minutes)]).toEqual([
        locale,
        // Its `format` puts a plain space where CLDR has a narrow one; its parts do not.
        platform
          .formatToParts(new Date(minutes * 60_000))
          .map(({ value }) => value)
          .join(''),
      ])
  }
})
