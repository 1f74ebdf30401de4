import { compare } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { baseOf, type Rate, rateConversion } from '../measures/rates'
import { asTexts } from '../measures/rational'
import type { Style } from '../style/fields'
import { inOwnUnit, UnitError } from './conditions'
import type { Context } from './context'
import { labeller } from './labeller'
import { regionsBy } from './needs'
import { resolve } from './resolve'
import { load } from './testing/platform'
import { writer } from './writer'

const RATES: Rate[] = [
  { currency: 'GBP', rate: '1.17', base: 'EUR' },
  { currency: 'CHF', rate: '1.05', base: 'EUR' },
  { currency: 'USD', rate: '0.8', base: 'GBP' },
]
const rows = [{ money: 'EUR' }, { money: 'GBP' }, { money: 'GBP' }]
const byRow: Style = { unit: { kind: 'currency', code: { column: 'money' } }, fraction: [0, 2] }
const inEuros: Style = { unit: { kind: 'currency', code: 'EUR' }, fraction: [0, 2] }
const labels = (style: Style, values: readonly string[], context: Context) =>
  labeller(resolve(style, { ...regionsBy(style, load), values, rows, ...context })).labels(
    values,
    rows,
  )

test.each([
  ['GBP', 'EUR', ['117', '100']],
  ['EUR', 'GBP', ['100', '117']],
  ['GBP', 'CHF', ['39', '35']],
  ['USD', 'EUR', ['117', '125']],
  ['EUR', 'EUR', ['1', '1']],
])('rates lead from %s to %s, over others where they must', (from, to, scale) => {
  expect(asTexts(rateConversion(RATES, from, to)!.scale)).toEqual(scale)
})

test('no rates lead to a currency that none names, and most rates lead to their base', () => {
  expect(rateConversion(RATES, 'GBP', 'JPY')).toBeNull()
  expect(baseOf(RATES)).toBe('EUR')
  expect(baseOf([])).toBeNull()
})

describe('values that were brought to euros', () => {
  const common: Context = {
    currency: 'EUR',
    rates: RATES,
    units: { column: 'money', valuesIn: 'common' },
  }
  test('are written in the currency of their rows, exactly', () => {
    expect(labels(byRow, ['2', '2.34', '-117'], common)).toEqual(['€2', '£2', '-£100'])
  })
  test('are written in euros where the style says so, and where there is no row', () => {
    expect(labels(inEuros, ['2', '2.34'], common)).toEqual(['€2', '€2.34'])
    expect(labeller(resolve(byRow, { ...common, rows })).label('2.34')).toBe('€2.34')
  })
  test('are refused in a currency that no rate leads to', () => {
    const inYen: Style = { unit: { kind: 'currency', code: 'JPY' } }
    expect(() => resolve(inYen, common)).toThrow(
      'style.unit.code: "JPY" is not allowed; no rate leads from EUR to JPY; add one, or choose another currency',
    )
  })
  test('read back to the same euros', () => {
    const write = labeller(resolve(byRow, { ...common, rows }))
    expect(compare(write.read('£2').value as Decimal, decimal('2.34'))).toBe(0)
  })
})

describe('values in the currency of their rows', () => {
  const own: Context = {
    currency: 'EUR',
    rates: RATES,
    units: { column: 'money', valuesIn: 'row' },
  }
  test('are written as they are, or converted', () => {
    expect(labels(byRow, ['2', '2', '-100'], own)).toEqual(['€2', '£2', '-£100'])
    expect(labels(inEuros, ['2', '2', '-100'], own)).toEqual(['€2', '€2.34', '-€117'])
  })
  test('are euros too where the style names no unit', () => {
    expect(labels({ fraction: [0, 2] }, ['2', '2', '-100'], own)).toEqual(['2', '2.34', '-117'])
  })
  test('of rows to come are refused where no rate leads from them, or no currency is named', () => {
    const plan = resolve(inEuros, { ...own, rows, hasRowsToCome: true })
    const label = (row?: { money?: string }) =>
      inOwnUnit(plan, writer(plan).written('2', row), row, writer(plan).label('2', row))
    expect(label({ money: 'GBP' })).toBe('€2.34')
    for (const row of [{ money: 'SEK' }, { money: '' }, {}, undefined])
      expect(() => label(row)).toThrow(UnitError)
  })
})

test('measures of rows meet in one, and say it where there is no row', () => {
  const inRow = [{ in: 'tonne' }, { in: 'kilogram' }, { in: 'pound' }]
  const style: Style = { unit: { kind: 'measure', id: { column: 'in' } }, fraction: [0, 3] }
  const common: Context = {
    ...{ measure: 'kilogram', units: { column: 'in', valuesIn: 'common' as const } },
    rows: inRow,
    ...regionsBy({ unit: { kind: 'measure', id: 'kilogram' } }, load),
  }
  const write = labeller(resolve(style, common))
  expect(write.labels(['1500', '20', '0.45359237'], inRow)).toEqual(['1.5 t', '20 kg', '1 lb'])
  expect(write.label('1500')).toBe('1,500 kg')
  const own = labeller(resolve(style, { ...common, units: { column: 'in', valuesIn: 'row' } }))
  expect(own.labels(['1.5', '20', '1'], inRow)).toEqual(['1.5 t', '20 kg', '1 lb'])
})
