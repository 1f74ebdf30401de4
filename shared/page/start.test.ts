import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { regionsBy } from '../../core/label/needs'
import type { Style } from '../../core/style/fields'
import { readTable } from '../import/table'
import { studyFindings } from '../report/findings'
import { startOfTable } from './start'

const regionsFor = (style: Style) =>
  regionsBy(style, (kind, name) =>
    JSON.parse(
      readFileSync(join(__dirname, '../../core/locale/generated', kind, `${name}.json`), 'utf8'),
    ),
  )
const begin = (text: string) => startOfTable('Table', readTable(text), regionsFor)
/** What nobody chose, and everybody sees. */
const UNSOUND = ['crowded', 'cut-label', 'uneven-decimals', 'said-twice', 'same-label']
function findings(text: string) {
  const { document, dataset, cellsOf, regions } = begin(text)
  const all = studyFindings({
    document,
    datasets: [dataset],
    regions,
    cellsOf: (_, column) => cellsOf(column),
  })
  return all
    .filter(({ check, severity }) => severity === 'error' || UNSOUND.includes(check))
    .map(({ check, surface }) => `${surface}: ${check}`)
}
const stops = ['Holm', 'Vik', 'Tarn', 'Gull', 'Skerry', 'Ledge', 'Bight']
const table = (name: string, ...cells: (number | string)[]) =>
  [`stop\t${name}`, ...cells.map((cell, at) => `${stops[at]}\t${cell}`)].join('\n')

test.each([
  ['whole numbers', table('visitors', 12, 7, 31)],
  ['large and small ones', table('residents', 1234567, 45000, 890, 7)],
  ['parts of one', table('share', '12%', '45.5%', '42.5%')],
  ['many decimals', table('depth', 4.123456, 11.75, 0.3333333)],
  ['small ones', table('nitrate', 0.00003, 0.04, 0.5)],
  ['millions of money', table('sales (€ million)', 12.5, 14.25, 9)],
  ['losses', table('result', '$1.2M', '($950K)', '$12K')],
  ['the whole range', table('release', 7, '1e308', 300000)],
  ['measures in headers', table('mass (kg)', 4.25, 12, 0.5)],
  ['percent in headers', table('punctuality, %', 78.25, 99, 91.5)],
  ['long amounts of money', table('revenue', '€ 2574076.09', '€ 151627.84', '€ 101545.98')],
  ['close ones', table('salinity', 0.0341, 0.0342, 0.0359)],
  ['billions', table('spores', 3746682178906, 20561545963, 9138125505516)],
])('%s begin without an error', (_, text) => expect(findings(text)).toEqual([]))

test('names are no quantities, and part the chart in the order of their rows', () => {
  const { document } = begin('year\tcode\tkg\n2021\tA1\t4\n2022\tA2\t5')
  expect(document.quantities.map(({ column, chart }) => [column, chart])).toEqual([
    ['kg', { category: 'year', aggregate: 'sum', order: 'rows' }],
  ])
})

test('units, powers and ratios that were read are the quantity’s own', () => {
  const { document } = begin('site\tsales (€ million)\tshare\tmass\nHolm\t1.5\t12%\t4 kg')
  expect(
    document.quantities.map(({ recorded, kind, measure, style, chart }) => [
      ...[recorded, kind, measure, style.unit, chart.aggregate],
    ]),
  ).toEqual([
    [6, undefined, undefined, { kind: 'currency', code: 'EUR' }, 'sum'],
    [0, 'ratio', undefined, { kind: 'percent' }, 'mean'],
    [0, undefined, 'kilogram', { kind: 'measure', id: 'kilogram' }, 'sum'],
  ])
})

test('what a header says as its unit is not its quantity’s title', () => {
  const { document } = begin('site\tmass (kg)\tsales (€ million)\tcases per 100,000\nHolm\t4\t5\t6')
  expect(document.quantities.map(({ title }) => title)).toEqual([
    'mass',
    'sales',
    'cases per 100,000',
  ])
})

test('decimals of an axis go on being right when its step changes', () => {
  const { document } = begin(table('depth', 0.25, 1.5, 2.75))
  expect(document.quantities[0]!.surfaces?.axis).toMatchObject({ fraction: 'step' })
})
