import { regionsBy } from '../label/needs'
import { load } from '../label/testing/platform'
import type { Style } from '../style/fields'
import { describeCheck, found, written } from './testing/cases'

const letters = (text: string): Style => ({ unit: { kind: 'symbol', text } })
const named = { kind: 'measure', id: 'kilowatt-hour' } as const
const inKwh = { context: { measure: 'kilowatt-hour', ...regionsBy({ unit: named }, load) } }

describeCheck('unit-unconverted', {
  finds: {
    'MWh on kilowatt-hours': written('table', letters('MWh'), [12_345_678], inKwh),
    't on kilowatt-hours': written('axis', letters('t'), [5, 10], inKwh),
    'lb on kilograms': written('marks', letters('lb'), [70], { context: { measure: 'kilogram' } }),
    '°F on degrees Celsius': written('table', letters('°F'), [20], {
      context: { measure: 'celsius' },
    }),
    'bn € on euros': written('marks', letters('bn €'), [2_150_000_000]),
    'dollars on euros without rates': written(
      'table',
      { unit: { kind: 'currency', code: 'USD' } },
      [5],
      { context: { currency: 'EUR' } },
    ),
    'a sign of dollars on euros, with rates too': written('table', letters('$'), [5], {
      context: { currency: 'EUR', rates: [{ currency: 'USD', rate: '0.9', base: 'EUR' }] },
    }),
    'min on hours': written('table', letters('min'), [1.5], { context: { measure: 'hour' } }),
  },
  silent: {
    'letters of the recorded measure': written('table', letters('kWh'), [5], inKwh),
    'letters with the factor that converts': written(
      'table',
      { ...letters('MWh'), factor: '0.001' },
      [5000],
      inKwh,
    ),
    'letters of billions with the factor that divides': written(
      'table',
      { ...letters('bn €'), factor: '0.000000001' },
      [5_000_000_000],
    ),
    'dollars on euros with rates': written(
      'table',
      { unit: { kind: 'currency', code: 'USD' } },
      [5],
      { context: { currency: 'EUR', rates: [{ currency: 'USD', rate: '0.9', base: 'EUR' }] } },
    ),
    'the recorded currency by its code': written(
      'table',
      { unit: { kind: 'currency', code: 'EUR', display: 'code' } },
      [5],
      { context: { currency: 'EUR' } },
    ),
    'dollars with the factor that converts': written(
      'table',
      { unit: { kind: 'currency', code: 'USD' }, factor: '1.1' },
      [5],
      { context: { currency: 'EUR' } },
    ),
    'letters that name no measure': written('table', letters('casks'), [5], inKwh),
    'letters where nothing is recorded': written('table', letters('MWh'), [5]),
    'letters before which rungs are prefixes': written(
      'table',
      { ...letters('kWh'), notation: 'scaled', ladder: 'si' },
      [5_000_000],
      inKwh,
    ),
  },
})

test('letters of another unit are converted, or the recorded one is written', () => {
  const finding = found(written('table', letters('MWh'), [12_345_678], inKwh), 'unit-unconverted')!
  expect(finding).toMatchObject({
    severity: 'error',
    message: '“12,345,678\u00a0MWh” says megawatt hour, but the number is in kilowatt hour.',
  })
  expect(finding.fixes.map(({ title, style }) => [title, style.unit])).toEqual([
    ['Convert to megawatt hour', { kind: 'measure', id: 'megawatt-hour' }],
    ['Keep kilowatt hour', { kind: 'measure', id: 'kilowatt-hour' }],
  ])
  const other = found(written('table', letters('t'), [5], inKwh), 'unit-unconverted')!
  expect(other.fixes.map(({ title }) => title)).toEqual(['Keep kilowatt hour'])
})

test('a power of ten beside money is written as a rung', () => {
  const finding = found(written('marks', letters('bn €'), [2_150_000_000]), 'unit-unconverted')!
  expect(finding).toMatchObject({
    severity: 'error',
    message: '“2,150,000,000\u00a0bn €” says 10^9 EUR, but the number is in EUR.',
  })
  expect(finding.fixes.map(({ title, style }) => [title, style.unit, style.notation])).toEqual([
    ['Write EUR with the best rung for each number', { kind: 'currency', code: 'EUR' }, 'scaled'],
  ])
})

test('a currency that the amounts are not in gives way to theirs', () => {
  const style: Style = { unit: { kind: 'currency', code: 'USD' } }
  const finding = found(
    written('table', style, [5], { context: { currency: 'EUR' } }),
    'unit-unconverted',
  )!
  expect(finding.message).toBe(
    '“$5.00” says USD, but the amounts are in EUR and the study has no rate for USD.',
  )
  expect(finding.fixes.map(({ title, style: { unit } }) => [title, unit])).toEqual([
    ['Keep EUR', { kind: 'currency', code: 'EUR' }],
  ])
})

describe('where a rate from euros to dollars is entered', () => {
  const rates = [{ currency: 'EUR', rate: '1.1', base: 'USD' }]
  const context = { currency: 'EUR', rates }

  test('a currency is converted, and letters are offered the conversion', () => {
    const dollars: Style = { unit: { kind: 'currency', code: 'USD' } }
    expect(found(written('table', dollars, [5], { context }), 'unit-unconverted')).toBeUndefined()
    const finding = found(written('table', letters('$'), [5], { context }), 'unit-unconverted')!
    expect(finding.message).toMatch(/^“5.\$” says USD, but the number is in EUR\.$/)
    expect(finding.fixes.map(({ title, style: { unit } }) => [title, unit])).toEqual([
      ['Convert to USD', { kind: 'currency', code: 'USD' }],
      ['Keep EUR', { kind: 'currency', code: 'EUR' }],
    ])
  })

  test('letters of a currency without a rate are told so', () => {
    const pounds = found(written('table', letters('£'), [5], { context }), 'unit-unconverted')!
    expect(pounds.message).toMatch(
      /^“5.£” says GBP, but the amounts are in EUR and the study has no rate for GBP\.$/,
    )
  })
})
