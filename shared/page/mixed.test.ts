import { toText } from '../../core/decimal/decimal'
import { load } from '../../core/label/testing/platform'
import { regionsBy } from '../../core/label/needs'
import { runChecks } from '../../core/checks/run'
import { readTable } from '../import/table'
import type { Quantity } from '../study/quantity'
import { runPlacedAlone } from './check'
import { USUAL_SIZE } from './layout'
import { pageSnapshot } from './snapshot'
import { startOfTable } from './start'

const BAKERIES = `bakery,country,currency,revenue,loaves
Ask & Sons,FR,EUR,120000,5200
Brodd,SE,SEK,1400000,6100
Corner Loaf,GB,GBP,98000,4300
Dough Bros,US,USD,143000,7000
Emmer,FR,EUR,87000,3900`
const started = (text: string) =>
  startOfTable('bakeries', readTable(text), (style) => regionsBy(style, load))
type Started = ReturnType<typeof started>

function pageOf(
  { document, dataset, cellsOf, regions }: Started,
  column: string,
  change: Partial<Quantity> = {},
) {
  const own = document.quantities.find((one) => one.column === column)!
  const quantity = { ...own, ...change }
  const quantities = document.quantities.map((one) => (one === own ? quantity : one))
  return pageSnapshot({
    ...{ document: { ...document, quantities }, quantity, dataset, cellsOf, regions },
    ...{ size: USUAL_SIZE, machine: false },
  })
}
const mixedOn = (page: ReturnType<typeof pageOf>) =>
  page.subjects.flatMap(({ surface, subject }) =>
    runPlacedAlone(subject).flatMap(({ check, severity, message }) =>
      check === 'mixed-units' ? [{ surface, severity, message }] : [],
    ),
  )

test('an amount is linked to the column of its currencies, a count beside it is not', () => {
  const { quantities } = started(BAKERIES).document
  expect(quantities.map(({ column, style }) => [column, style.unit])).toEqual([
    ['revenue', { kind: 'currency', code: { column: 'currency' } }],
    ['loaves', undefined],
  ])
})

test.each<[string, string, string, boolean]>([
  ['a number beside the codes', 'site,kept,ccy\na,5,EUR\nb,6,GBP', 'kept', true],
  ['a number far from them', 'kept,site,ccy\n5,a,EUR\n6,b,GBP', 'kept', false],
  ['an amount far from them', 'price,site,ccy\n5,a,EUR\n6,b,GBP', 'price', true],
  [
    'a number whose own unit is known',
    'site,price (EUR),ccy\na,5,EUR\nb,6,GBP',
    'price (EUR)',
    false,
  ],
  ['codes that are no currencies', 'site,price,ccy\na,5,EUR\nb,6,ABC', 'price', false],
  ['two columns of codes', 'from,price,to\nEUR,5,USD\nGBP,6,EUR', 'price', false],
])('%s', (_, text, column, isLinked) => {
  const own = started(text).document.quantities.find((one) => one.column === column)!
  expect(JSON.stringify(own.style.unit ?? {}).includes('column')).toBe(isLinked)
})

test('four currencies on one axis are found on the axis, in the headline and in the sentence', () => {
  const found = mixedOn(pageOf(started(BAKERIES), 'revenue'))
  expect(found.map(({ surface, severity }) => [surface, severity])).toEqual([
    ['axis', 'error'],
    ['headline', 'error'],
    ['sentence', 'error'],
  ])
  expect(found[0]!.message).toBe(
    'The numbers are in EUR, SEK, GBP and USD, and these currencies share no scale. Enter rates, or show the rows in one of them.',
  )
})

test('marks that add rows of several currencies are found too, and so is the total', () => {
  const study = started(BAKERIES.replace('Emmer,FR', 'Emmer,GB'))
  const chart = { ...study.document.quantities[0]!.chart, category: 'country' }
  const page = pageOf(study, 'revenue', { chart, total: 'plain' })
  expect(mixedOn(page).map(({ surface }) => surface)).toEqual([
    'axis',
    'marks',
    'table',
    'tooltip',
    'headline',
    'sentence',
  ])
})

test('one currency alone mends all of it', () => {
  const study = started(BAKERIES)
  const page = pageOf(study, 'revenue')
  const axis = page.subjects.find(({ surface }) => surface === 'axis')!.subject
  const finding = runChecks(axis as never).find(({ check }) => check === 'mixed-units')!
  expect(finding.fixes.map(({ title }) => title)).toEqual(['Show only the rows in EUR'])
  const { column, is } = finding.fixes[0]!.filter!
  expect(mixedOn(pageOf(study, 'revenue', { filter: { column, is: [...is] } }))).toEqual([])
})

test.each([
  ['one currency', BAKERIES.replace(/SEK|GBP|USD/g, 'EUR'), 'revenue'],
  ['a count', BAKERIES, 'loaves'],
])('%s has no such finding', (_, text, column) => {
  expect(mixedOn(pageOf(started(text), column))).toEqual([])
})

test('no number is said of rows in several currencies, neither in words nor in a total', () => {
  const page = pageOf(started(BAKERIES), 'revenue', { total: 'plain' })
  expect(page['said.headline'].text).toBe('revenue')
  expect(page['said.sentence'].text).toBe('EUR, SEK, GBP, USD share no scale yet.')
  expect(page.total).toBeNull()
  expect(mixedOn(page)).toContainEqual({
    surface: 'table',
    severity: 'error',
    message:
      'The total is over rows in EUR, SEK, GBP and USD, and these currencies cannot be added. Enter rates, or show the rows in one of them.',
  })
})

test('rows of one currency that are ticked have a total', () => {
  const page = pageOf(started(BAKERIES), 'revenue', { total: 'plain', selected: [0, 4] })
  expect(page.total && toText(page.total)).toBe('207000')
  expect(mixedOn(page).some(({ surface }) => surface === 'table')).toBe(false)
})
