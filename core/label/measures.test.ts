import fc from 'fast-check'
import { multiply } from '../decimal/arithmetic'
import { type Decimal, decimal, toText } from '../decimal/decimal'
import { ROUNDING_MODES } from '../decimal/round'
import { conversionOf, isMeasure } from '../measures/convert'
import type { MeasureNames } from '../locale/types'
import type { Style } from '../style/fields'
import { part } from '../testing/part'
import type { Context } from './context'
import { labeller } from './labeller'
import { regionsBy } from './needs'
import { resolve } from './resolve'
import { load } from './testing/platform'
import type { Value } from './types'

const by = (style: Style, context: Context = {}) =>
  labeller(resolve(style, { ...regionsBy(style, load), ...context }))
const measured = (id: string, more: Style = {}): Style => ({
  ...more,
  unit: { kind: 'measure', id, ...(more.unit as object) },
})

test.each<[string, string, Value, Style, string]>([
  ['kilogram', 'tonne', 1500, {}, '1.5 t'],
  ['kilogram', 'pound', 1, {}, '2.205 lb'],
  ['knot', 'kilometer-per-hour', 12, { fraction: [1, 1] }, '22.2 km/h'],
  ['celsius', 'fahrenheit', 36.6, {}, '97.88°F'],
  ['celsius', 'fahrenheit', -40, {}, '-40°F'],
  ['fahrenheit', 'celsius', 451, { fraction: [1, 1] }, '232.8°C'],
  ['kilometer', 'mile', 42.195, { fraction: [0, 100] }, '26.2187574564543068'],
  [
    'meter',
    'foot',
    '8849',
    { fraction: [0, 0], unit: { display: 'long' } as never },
    '29,032 feet',
  ],
  ['kilogram', 'tonne', 1.2e9, { notation: 'scaled', fraction: [0, 1] }, '1.2M t'],
  ['watt', 'watt', 3.6e6, { notation: 'scaled', ladder: 'si', fraction: [0, 1] }, '3.6\u00a0MW'],
  ['second', 'hour', 5400, { unit: { display: 'long' } as never }, '1.5 hours'],
  ['second', 'hour', 3600, { unit: { display: 'long' } as never }, '1 hour'],
  ['kilogram-per-cubic-meter', 'gram-per-liter', 1025, {}, '1,025 g/L'],
  ['liter-per-100-kilometer', 'liter-per-kilometer', 6.5, {}, '0.065 L/km'],
  ['square-kilometer', 'hectare', 1.25, { locale: 'de' }, '125 ha'],
  ['mile', 'mile', 2, { locale: 'ar', unit: { display: 'long' } as never }, 'ميلان'],
])('%s in %s: %s', (from, to, value, style, label) => {
  expect(by(measured(to, style), { measure: from }).label(value)).toContain(label)
})

test('a unit that CLDR does not name in a region is refused, not left out', () => {
  expect(() => by({ locale: 'ar', unit: { kind: 'measure', id: 'dot' } })).toThrow(
    'CLDR has no name for it in this region',
  )
})

test('every unit is named where others are counted per it', () => {
  const named = load<MeasureNames>('measure-names', 'en').long.units
  const simple = Object.keys(named).filter(
    (id) => !id.includes('per-') && isMeasure(`gram-per-${id}`),
  )
  const unnamed = ['en', 'de', 'ja', 'ru', 'cs'].flatMap((locale) =>
    (['short', 'narrow', 'long'] as const).flatMap((display) =>
      simple
        .map((id) =>
          by({ locale, unit: { kind: 'measure', id: `gram-per-${id}`, display } }).label(5),
        )
        .filter((label) => /[/\s]$/.test(label)),
    ),
  )
  expect(simple.length).toBeGreaterThan(100)
  expect(unnamed).toEqual([])
})

test('a change of temperatures is one of degrees, from no zero', () => {
  const style = measured('fahrenheit', { sign: 'always' })
  expect(by(style, { measure: 'celsius', isChange: true }).label(1)).toBe('+1.8°F')
})

test('rows are converted into the measures that they name', () => {
  const rows = [{ in: 'tonne' }, { in: 'gram' }, { in: '' }]
  const style: Style = { unit: { kind: 'measure', id: { column: 'in' } } }
  const write = by(style, { rows, measure: 'kilogram' })
  expect(rows.map((row) => write.label(1500, row))).toEqual(['1.5 t', '1,500,000 g', '1,500'])
  expect(() => by(style, { rows: [{ in: 'stones' }] })).toThrow(
    'rows[0].in takes an id of a measure',
  )
})

test.each<[Style, string]>([
  [measured('meter'), 'kilogram measures mass and meter measures length'],
  [{ unit: { kind: 'measure', id: 'beaufort' } }, 'beaufort'],
  [
    measured('square-meter', { notation: 'scaled', ladder: 'si' }),
    'no prefix can stand before a unit with a power',
  ],
])('%j is refused of kilograms, and the error names both', (style, message) => {
  expect(() => by(style, { measure: 'kilogram' })).toThrow(message)
})

const pairs = fc.constantFrom(
  ['kilogram', 'pound'],
  ['pound', 'kilogram'],
  ['celsius', 'fahrenheit'],
  ['fahrenheit', 'celsius'],
  ['kelvin', 'rankine'],
  ['mile-per-hour', 'knot'],
  ['hour', 'week'],
  ['kilogram', 'tonne'],
)
const styles = fc.record(
  {
    fraction: fc
      .integer({ min: 0, max: 6 })
      .chain((least) => fc.integer({ min: least, max: 9 }).map((most) => [least, most] as never)),
    rounding: fc.constantFrom(...ROUNDING_MODES),
    notation: fc.constantFrom('plain' as const, 'scaled' as const, 'scientific' as const),
  },
  { requiredKeys: [] },
)

test('a converted label is rounded from the exact fraction, and reads back to the same label', () => {
  fc.assert(
    fc.property(
      pairs,
      styles,
      fc.double({ min: -1e9, max: 1e9, noNaN: true }),
      (pair, style, value) => {
        const [from, to] = pair as [string, string]
        const write = by(measured(to, style as Style), { measure: from })
        const label = write.label(value)
        const said = write.read(label).value as Decimal
        expect(write.label(`${said.coefficient}e${said.exponent}`)).toBe(label)
      },
    ),
    { numRuns: part(500, 5000) },
  )
})

test('ties of converted values are ties: half a pound more is no float', () => {
  const { scale } = conversionOf('kilogram', 'pound')
  // n + ½ pounds, exactly, in kilograms.
  for (const halves of [1n, 3n, 5n, 20001n]) {
    const kilograms = multiply(
      { coefficient: halves * scale.denominator * 5n, exponent: -1 },
      decimal('1e-8'),
    )
    const text = `${kilograms.coefficient}e${kilograms.exponent}`
    expect(toText(multiply(kilograms, { coefficient: scale.numerator, exponent: 0 }))).toBe(
      toText({ coefficient: halves * scale.denominator * 5n, exponent: -1 }),
    )
    const even = by(
      measured('pound', { fraction: [0, 0], rounding: 'halfEven', grouping: 'never' }),
      {
        measure: 'kilogram',
      },
    ).label(text)
    expect(BigInt(even.split(' ')[0]!) % 2n).toBe(0n)
  }
})
