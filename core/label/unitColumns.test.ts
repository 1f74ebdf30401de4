import type { Style } from '../style/schemas'
import { columnsOf } from '../style/dependencies'
import { inOwnUnit } from './conditions'
import { regionsBy } from './needs'
import { load } from './testing/platform'
import { labeller } from './labeller'
import { resolve } from './resolve'
import { writer } from './writer'

const rows = [
  { money: 'EUR', kind: 'old' },
  { money: 'JPY', kind: 'old' },
  { money: '', kind: 'new' },
  { money: 'EUR', kind: 'new' },
]
const values = [1234.5, 1234.5, 1234.5, -2]
const style: Style = { unit: { kind: 'currency', code: { column: 'money' } }, fraction: [0, 2] }
const labels = (by: Style) => labeller(resolve(by, { values, rows })).labels(values, rows)

test('each row is written in the currency that it names, and without one where it names none', () => {
  expect(labels(style)).toEqual(['€1,234.5', '¥1,234.5', '1,234.5', '-€2'])
})

test('a case keeps the currency of its rows', () => {
  expect(
    labels({
      ...style,
      cases: [{ when: { column: 'kind', is: ['new'] }, use: { fraction: [2, 2], before: '≈ ' } }],
    }),
  ).toEqual(['€1,234.5', '¥1,234.5', '≈ 1,234.50', '≈ -€2.00'])
})

test('labels read back to their numbers whatever their currency', () => {
  const write = labeller(resolve(style, { values, rows }))
  expect(labels(style).map((label) => write.read(label).value)).toEqual(
    [12345n, 12345n, 12345n, -2n].map((coefficient, at) => ({
      coefficient,
      exponent: at < 3 ? -1 : 0,
    })),
  )
})

test('a cell that is no currency is named by its row', () => {
  expect(() => resolve(style, { rows: [{ money: 'EUR' }, { money: 'shells' }] })).toThrow(
    'style.unit.code: "shells" is not allowed; rows[1].money takes a code of ISO 4217 such as EUR, or nothing',
  )
})

test('a Plan for rows to come writes units that its own rows do not name in their place', () => {
  const plan = resolve(style, { values, rows, hasRowsToCome: true })
  const of = (row: { money: string }) => {
    const { written } = writer(plan)
    return inOwnUnit(plan, written(-3, row), row, writer(plan).label(-3, row))
  }
  expect(['EUR', 'SHELLS', ''].map((money) => of({ money }))).toEqual([
    '-€3',
    '-SHELLS\u00a03',
    '-3',
  ])
  const metal: Style = { unit: { kind: 'measure', id: { column: 'in' } } }
  const open = resolve(metal, {
    ...regionsBy(metal, load),
    values: [1],
    rows: [{ in: 'kilogram' }],
    hasRowsToCome: true,
  })
  const row = { in: 'crates' }
  const text = writer(open).label(2, row)
  expect(inOwnUnit(open, writer(open).written(2, row), row, text)).toBe('2\u00a0crates')
})

test('the columns that a style looks at are those of its cases and its currencies', () => {
  expect(
    columnsOf({
      ...style,
      cases: [
        { when: { column: 'kind', is: ['new'] }, use: {} },
        { when: { magnitude: { to: 3 } }, use: {} },
      ],
    }),
  ).toEqual(['kind', 'money'])
  expect(columnsOf({})).toEqual([])
})

test('signs of money and symbols of measures name units as codes and ids do', () => {
  const signs = [{ money: '€' }, { money: 'EUR' }, { money: '£' }]
  const written = labeller(resolve(style, { values: [5, 5, 5], rows: signs }))
  expect(written.labels([5, 5, 5], signs)).toEqual(['€5', '€5', '£5'])
  const weights = [{ in: 'kg' }, { in: 'gram' }]
  const measured: Style = { unit: { kind: 'measure', id: { column: 'in' } } }
  const regions = regionsBy({ unit: { kind: 'measure', id: 'kilogram' } }, load)
  const weigher = labeller(resolve(measured, { ...regions, values: [5, 5], rows: weights }))
  expect(weigher.labels([5, 5], weights)).toEqual([
    expect.stringMatching(/^5\skg$/),
    expect.stringMatching(/^5\sg$/),
  ])
})
