import fc from 'fast-check'
import { decimal, toText } from '../decimal/decimal'
import { StyleError } from '../error'
import { kinds } from '../measures/parse'
import { unprefixed } from '../measures/prefixed'
import { conversionOf } from '../measures/convert'
import type { Style } from '../style/fields'
import type { Context } from './context'
import { labeller } from './labeller'
import { MEASURE_SYMBOLS } from '../units/names'
import { regionsBy } from './needs'
import { readBack } from './readback'
import { resolve } from './resolve'
import { load } from './testing/platform'

const SI: Style = { notation: 'scaled', ladder: 'si', fraction: [0, 1] }
const planOf = (style: Style, context: Context = {}) =>
  resolve(style, { ...regionsBy(style, load), ...context })
const measured = (id: string, more: Style = {}): Style => ({
  ...SI,
  ...more,
  unit: { kind: 'measure', id },
})
const lettered = (text: string): Style => ({ ...SI, unit: { kind: 'symbol', text } })

test.each<[string, Style, Context, number, string]>([
  ['kWh', measured('kilowatt-hour'), { measure: 'kilowatt-hour' }, 12_345_678, '12.3 GWh'],
  [
    'kWh recorded in MWh',
    measured('kilowatt-hour'),
    { measure: 'megawatt-hour' },
    12_345,
    '12.3 GWh',
  ],
  ['kilograms', measured('kilogram'), { measure: 'kilogram' }, 12_345_678, '12.3 Gg'],
  ['kilograms in tonnes', measured('tonne'), { measure: 'kilogram' }, 12_345_678, '12.3 kt'],
  ['kWh in German', measured('kilowatt-hour', { locale: 'de' }), {}, 12_345_678, '12,3 GWh'],
  ['kWh in Japanese', measured('kilowatt-hour', { locale: 'ja' }), {}, 12_345_678, '12.3 GWh'],
  ['milliampere', measured('milliampere'), {}, 1500, '1.5 A'],
  ['km/h', measured('kilometer-per-hour'), {}, 12_000, '12 Mm/h'],
  ['kilometres in German', measured('kilometer', { locale: 'de' }), {}, 12_500, '12,5 Mm'],
  ['the letters kWh', lettered('kWh'), {}, 12_345_678, '12.3 GWh'],
  ['the letters kg', lettered('kg'), {}, 1500, '1.5 Mg'],
  ['letters that are no measure', lettered('kelp'), {}, 1500, '1.5 kkelp'],
  ['megabytes in powers of two', { ...lettered('MB'), ladder: 'binary' }, {}, 1.048576, '1 MiB'],
])('%s take the prefix of the whole', (_, style, context, value, label) => {
  const plan = planOf(style, context)
  const written = labeller(plan).label(value)
  expect(written.replaceAll('\u00a0', ' ')).toBe(label)
  expect(readBack(written, plan).value).not.toBeNull()
})

test('a product is named with any prefix by its name with another', () => {
  const named = (locale: string, display: 'short' | 'long') => {
    const style: Style = { locale, unit: { kind: 'measure', id: 'megawatt-hour', display } }
    return labeller(planOf(style))
      .label(5)
      .replace(/[\u00a0\u202f]/g, ' ')
  }
  expect([named('en', 'short'), named('de', 'short'), named('fr', 'short')]).toEqual([
    '5 MWh',
    '5 MWh',
    '5 MWh',
  ])
  expect([named('en', 'long'), named('de', 'long')]).toEqual([
    '5 megawatt-hours',
    '5 Megawattstunden',
  ])
})

test.each([measured('square-meter'), lettered('m²'), measured('cubic-kilometer')])(
  'a prefix that would multiply by its power is refused with the reason',
  (style) => {
    expect(() => planOf(style)).toThrow('1 km² is a million m², not a thousand')
  },
)

test('a measure without its prefix is the same measure, smaller or larger by it', () => {
  for (const id of Object.keys(kinds)) {
    const bare = unprefixed(id)
    if (!bare?.word) continue
    const { numerator, denominator } = conversionOf(id, bare.id).scale
    const [one, zeros] = /^(1)(0*)$/
      .exec(String(numerator > denominator ? numerator : denominator))!
      .slice(1)
    expect({ id, one, zeros: zeros!.length > 0 }).toEqual({ id, one: '1', zeros: true })
  }
})

test('every measure with every ladder of prefixes writes labels that read back, or is refused', () => {
  const ids = fc.constantFrom(
    ...new Set([...Object.keys(kinds), ...Object.values(MEASURE_SYMBOLS)]),
  )
  const ladder = fc.constantFrom('si', 'binary')
  const locale = fc.constantFrom('en', 'de', 'fr', 'hi', 'ja', 'ar', 'ru')
  const value = fc
    .integer({ min: 1, max: 999 })
    .chain((digits) => fc.integer({ min: -3, max: 9 }).map((power) => `${digits}e${power}`))
  fc.assert(
    fc.property(ids, ladder, locale, value, (id, rungs, tag, text) => {
      const style = { ...measured(id, { ladder: rungs, locale: tag, fraction: [0, 40] }) }
      let plan
      try {
        plan = planOf(style, { measure: id })
      } catch (error) {
        expect(error).toBeInstanceOf(StyleError)
        return
      }
      const read = readBack(labeller(plan).label(text), plan).value
      expect(read).not.toBeNull()
      if (typeof read === 'object' && read !== null && 'coefficient' in read)
        expect(Number(toText(read))).toBeCloseTo(Number(toText(decimal(text))), 8)
    }),
    { numRuns: 1000 },
  )
})
