import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import { compare } from '../decimal/arithmetic'
import { toText } from '../decimal/decimal'
import localeNames from '../locale/generated/index.json'
import { needsOf } from './needs'
import type { CurrencyNames, LocaleTable } from '../locale/types'
import type { FullStyle, Style } from '../style/schemas'
import { saidBy } from './cells'
import { labeller } from './labeller'
import { isInterval, readBack, type ReadNumber, sameSaid } from './readback'
import { resolve } from './resolve'
import type { Plan } from './types'

const generated = join(__dirname, '../locale/generated')
const load = <Table>(folder: string, name: string) =>
  JSON.parse(readFileSync(join(generated, folder, `${name}.json`), 'utf8')) as Table
function planOf(style: Style, values: number[] = []): Plan {
  const needs = needsOf(style)
  return resolve(style, {
    values,
    tables: Object.fromEntries(
      needs.tables.map((name) => [name, load<LocaleTable>('locales', name)]),
    ),
    currencyNames: Object.fromEntries(
      needs.currencyNames.map((name) => [name, load<CurrencyNames>('currency-names', name)]),
    ),
  })
}
const text = (said: ReadNumber | null) =>
  said === null || typeof said !== 'object' || isInterval(said) ? said : toText(said)
const read = (style: Style, label: string) => text(labeller(planOf(style)).read(label).value)

test.each<[Style, string, string]>([
  [{ notation: 'scaled' }, '1.5M', '1500000'],
  [{ notation: 'scaled', rungForm: 'word' }, '1.5\u00a0million', '1500000'],
  [{ notation: 'scaled', ladder: 'binary' }, '1.5Ki', '1536'],
  [{ notation: 'scaled', ladder: 'si' }, '4.2µ', '0.0000042'],
  [{ notation: 'scientific' }, '2×10⁻⁷', '0.0000002'],
  [{ notation: 'scientific', exponentForm: 'e' }, '2e-7', '0.0000002'],
  [{ notation: 'scientific', exponentForm: 'power' }, '10³', '1000'],
  [{ unit: { kind: 'percent' } }, '7%', '0.07'],
  [{ unit: { kind: 'basisPoint' } }, '25\u00a0bp', '0.0025'],
  [{ sign: 'parentheses' }, '(3,400)', '-3400'],
  [{ unit: { kind: 'currency', code: 'EUR' }, locale: 'de' }, '1.234,5\u00a0€', '1234.5'],
  [{ locale: 'hi' }, '12,34,567', '1234567'],
  [{ locale: 'ar-EG' }, '١٬٢٣٤', '1234'],
  [{ locale: 'fr', notation: 'scaled', ladder: 'locale', rungForm: 'word' }, 'mille', '1000'],
  [
    { locale: 'de', notation: 'scaled', ladder: 'locale', rungForm: 'word' },
    '2\u0020Millionen',
    '2000000',
  ],
  [{ locale: 'en', unit: { kind: 'currency', code: 'EUR', display: 'name' } }, '1 euro', '1'],
  [{ before: '≈ ', after: '*' }, '≈ 5*', '5'],
  [{ zero: 'nil' }, 'nil', '0'],
])('%j reads %s as %s', (style, label, value) => {
  expect(read(style, label)).toBe(value)
})

test('infinity reads as itself, with its sign', () => {
  const write = labeller(planOf({ notation: 'scaled', rung: 6 }))
  expect([write.read('∞').value, write.read('-∞').value]).toEqual([1, -1])
})

test('the text for missing values is no number', () => {
  expect(labeller(planOf({ missing: 'n/a' })).read('n/a')).toEqual({
    value: null,
    missing: true,
    candidates: [],
  })
})

test('a label that can be read in two ways gives both', () => {
  const rungs = {
    rungs: [
      { power: 3, symbol: 'x' },
      { power: 6, symbol: 'xx' },
    ],
  }
  const cases: FullStyle['cases'] = [
    { when: { column: 'unit', is: ['m³'] }, use: { factor: '0.001' } },
  ]
  const { value, candidates } = labeller(planOf({ cases })).read('5')
  expect(value).toBeNull()
  expect(candidates.map(text)).toEqual(['5000', '5'])
  expect(read({ notation: 'scaled', ladder: rungs }, '2xx')).toBe('2000000')
})

test.each([
  ['1,23', 'a group of two'],
  ['1234,567', 'a head of four'],
  ['1.2.3', 'two decimal marks'],
  ['--1', 'two signs'],
  ['1 000', 'a blank that the style does not write'],
  ['١٢', 'digits of another system'],
])('%s is not read: %s', (label) => {
  expect(labeller(planOf({})).read(label).candidates).toEqual([])
})

test.each<[object, string, string]>([
  [{ unit: { kind: 'symbol', text: 'kg' } }, '5 kg', '5'],
  [{ notation: 'scaled', rungForm: 'word' }, '1.5 million', '1500000'],
  [{ unit: { kind: 'currency', code: 'EUR' }, locale: 'de' }, '1.234,5 €', '1234.5'],
  [{ unit: { kind: 'currency', code: 'EUR' }, locale: 'fr' }, '12 345,50 €', '12345.5'],
  [{ unit: { kind: 'currency', code: 'EUR' }, locale: 'fr' }, '12\u00a0345,50 €', '12345.5'],
  [{ unit: { kind: 'symbol', text: 'kg' }, gap: 'thin' }, '-5 kg', '-5'],
])('%j reads “%s” as people type it', (style, typed, value) => {
  expect(read(style as never, typed)).toBe(value)
})

test('a space is not a separator, and with a known rule labels are read only as they stand', () => {
  expect(labeller(planOf({})).read('1 000').candidates).toEqual([])
  const kilograms = planOf({ unit: { kind: 'symbol', text: 'kg' } })
  expect(readBack('5 kg', kilograms, 0).candidates).toEqual([])
  expect(readBack('5\u00a0kg', kilograms, 0).candidates).toHaveLength(1)
})

test('the text for missing values can be typed with ordinary spaces', () => {
  const plan = planOf({ missing: 'no\u00a0data' })
  expect(labeller(plan).read('no data').missing).toBe(true)
})

test('intervals are equal when both ends are', () => {
  const plan = planOf({ under: '1', over: '9' })
  const write = labeller(plan)
  const [below, above] = [write.read('<1').value!, write.read('>9').value!]
  expect(sameSaid(below, below)).toBe(true)
  expect(sameSaid(below, above)).toBe(false)
  expect(sameSaid(below, 1)).toBe(false)
})

test('in every locale a label reads back as what was decided', () => {
  const units = fc.constantFrom<FullStyle['unit']>(
    { kind: 'none' },
    { kind: 'percent' },
    { kind: 'currency', code: 'EUR' },
    { kind: 'currency', code: 'JPY', display: 'code' },
  )
  const styles = fc.record({
    locale: fc.constantFrom(...localeNames),
    unit: units,
    notation: fc.constantFrom<FullStyle['notation'][]>('plain', 'scaled', 'scientific'),
    ladder: fc.constantFrom<FullStyle['ladder'][]>('locale', 'short'),
    rungForm: fc.constantFrom<FullStyle['rungForm'][]>('symbol', 'word'),
    sign: fc.constantFrom<FullStyle['sign'][]>('auto', 'always', 'exceptZero'),
    fraction: fc.constantFrom<[number, number][]>([0, 0], [0, 2], [2, 2]),
  })
  const numbers = fc.oneof(
    fc.double({ noNaN: true, noDefaultInfinity: true, min: -1e16, max: 1e16 }),
    fc.integer({ min: -5000, max: 5000 }),
  )
  fc.assert(
    fc.property(styles, numbers, (style, number) => {
      const plan = planOf(style, [number])
      const write = labeller(plan)
      const label = write.label(number)
      const { candidates } = write.read(label)
      const decided = saidBy(plan, write.written(number))
      if (
        !candidates.some(
          (said) => typeof said === 'object' && !isInterval(said) && compare(said, decided) === 0,
        )
      ) {
        throw new Error(
          `${JSON.stringify(label)} reads as ${candidates.map((said) => String(text(said))).join(' or ') || 'nothing'}, decided was ${toText(decided)}`,
        )
      }
    }),
    { numRuns: 1200 },
  )
})
