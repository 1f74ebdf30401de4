import { pageIn, studyOf } from './testing/pages'
import { compare } from '../../core/decimal/arithmetic'
import { type Decimal, toText } from '../../core/decimal/decimal'
import { load } from '../../core/label/testing/platform'
import { joinRegions, regionsBy } from '../../core/label/needs'
import type { Style } from '../../core/style/fields'
import type { StudyDocument } from '../study/document'
import type { Quantity } from '../study/quantity'
import { stylesIn } from '../quantities'
import { runPlacedAlone } from './check'
import { conversionSaid } from './conversionSaid'

const BAKERIES = `bakery,currency,revenue
Ask & Sons,EUR,120000
Brodd,SEK,1400000
Corner Loaf,GBP,98000
Dough Bros,GBP,2000
Emmer,EUR,87000.5`
const RATES: StudyDocument['rates'] = [
  { currency: 'GBP', rate: '1.17', base: 'EUR', date: '2031-03-01', source: 'Osprind treasury' },
  { currency: 'SEK', rate: '0.088', base: 'EUR' },
]

/** The page of a table's first quantity, with something changed in the study or the quantity. */
function pageOf(text: string, more: Partial<StudyDocument>, change: Partial<Quantity> = {}) {
  const study = studyOf(text)
  const quantity = { ...study.document.quantities[0]!, surfaces: undefined, ...change }
  const changed = { ...more, quantities: [quantity] }
  const styles = stylesIn({ ...study.document, ...changed })
  const regions = joinRegions(styles.map((style) => regionsBy(style, load)))
  return pageIn({ ...study, regions }, quantity, changed)
}
type Page = ReturnType<typeof pageOf>
const checksOn = (page: Page) =>
  page.subjects.flatMap(({ surface, subject }) =>
    runPlacedAlone(subject).map(({ check }) => `${surface} ${check}`),
  )
const bars = (page: Page) =>
  Object.fromEntries(page.drawing!.groups.map(({ category, value }) => [category, toText(value)]))
const byRow: Style = { unit: { kind: 'currency', code: { column: 'currency' } }, fraction: [0, 2] }
const inEuros: Style = { unit: { kind: 'currency', code: 'EUR' }, fraction: [0, 2] }

const IN_EUROS = {
  'Ask & Sons': '120000',
  Brodd: '123200',
  'Corner Loaf': '114660',
  'Dough Bros': '2340',
  Emmer: '87000.5',
}

test('with rates, bars of several currencies stand on one scale in the base of the rates', () => {
  const page = pageOf(BAKERIES, { rates: RATES }, { style: byRow })
  expect(page.mixed).toBeNull()
  expect(bars(page)).toEqual(IN_EUROS)
  expect(checksOn(page).filter((one) => one.endsWith('mixed-units'))).toEqual([])
  expect(page.tickLabels.every((label) => label.startsWith('€'))).toBe(true)
})

test('labels stay in the currency of their row, and their bars are right against them', () => {
  const page = pageOf(BAKERIES, { rates: RATES }, { style: byRow })
  const { values, rows } = page['shows.table']
  expect(page['written.table'].writer.labels(values, rows)).toEqual([
    '€120,000',
    'SEK\u00a01,400,000',
    '£98,000',
    '£2,000',
    '€87,000.5',
  ])
  const { writer } = page['written.marks']
  page.markLabels.forEach((label, at) => {
    const bar = page.drawing!.groups[page.drawing!.labelled[at]!]!.value
    expect(compare(writer.read(label).value as Decimal, bar)).toBe(0)
  })
})

test('one currency for all converts every label, and the total is the sum of the bars', () => {
  const page = pageOf(BAKERIES, { rates: RATES }, { style: inEuros, total: 'plain' })
  const { values, rows } = page['shows.table']
  expect(page['written.table'].writer.labels(values, rows)).toEqual([
    '€120,000',
    '€123,200',
    '€114,660',
    '€2,340',
    '€87,000.5',
  ])
  expect(page['written.table'].writer.label(toText(page.total!))).toBe('€447,200.5')
})

test('marks over rows of several currencies are said in the base', () => {
  const town = BAKERIES.replace(/^.*$/gm, (line, at) =>
    at === 0 ? `town,${line}` : `${line.includes('GBP') ? 'Vik' : 'Holm'},${line}`,
  )
  const page = pageOf(
    town,
    { rates: RATES },
    { style: byRow, chart: { category: 'town', aggregate: 'sum' } },
  )
  expect(bars(page)).toEqual({ Holm: '330200.5', Vik: '117000' })
  expect([...page.markLabels].sort()).toEqual(['£100,000', '€330,200.5'])
})

test.each<[string, Partial<StudyDocument>, Style]>([
  ['without rates', {}, byRow],
  ['without rates, all labels in one currency', {}, inEuros],
  ['with rates that lead from only some', { rates: RATES.slice(0, 1) }, byRow],
])('%s nothing is brought to one scale, and the axis says so', (_, more, style) => {
  const page = pageOf(BAKERIES, more, { style })
  expect(page.common).toBeNull()
  expect(page.mixed?.units).toEqual(['EUR', 'GBP', 'SEK'])
  expect(checksOn(page)).toEqual(expect.arrayContaining(['axis mixed-units']))
})

test('a row that names no currency keeps the others apart', () => {
  const page = pageOf(BAKERIES.replace('SEK', ''), { rates: RATES }, { style: byRow })
  expect(page.common).toBeNull()
})

const CATCH = `boat,in,catch
Alk,tonne,1.5
Bris,kilogram,700
Curlew,pound,1000`
const byMeasure: Quantity['units'] = { kind: 'measure', column: 'in' }

test('measures by column meet in one that holds each of them exactly', () => {
  const page = pageOf(
    CATCH,
    {},
    { units: byMeasure, style: { unit: { kind: 'measure', id: 'tonne' }, fraction: [0, 3] } },
  )
  expect(page.common?.unit).toBe('tonne')
  expect(bars(page)).toEqual({ Alk: '1.5', Bris: '0.7', Curlew: '0.45359237' })
  expect(page['written.table'].writer.labels(page['shows.table'].values)).toEqual([
    '1.5 t',
    '0.7 t',
    '0.454 t',
  ])
})

test('of temperatures the one is chosen in which all are decimals', () => {
  const page = pageOf(
    'kiln,in,heat\na,fahrenheit,451\nb,celsius,230\nc,fahrenheit,212',
    {},
    {
      units: byMeasure,
      style: { fraction: [0, 2] },
      chart: { category: 'kiln', aggregate: 'mean' },
    },
  )
  expect(page.common?.unit).toBe('fahrenheit')
  expect(bars(page)).toEqual({ a: '451', b: '446', c: '212' })
})

test('cells recorded in thousands are converted as what they are', () => {
  const page = pageOf(
    'kiln,in,heat\na,celsius,0.1\nb,fahrenheit,0.212',
    {},
    {
      ...{ units: byMeasure, recorded: 3, style: { fraction: [0, 2] } },
      chart: { category: 'kiln', aggregate: 'mean' },
    },
  )
  expect(new Set(Object.values(bars(page)))).toEqual(new Set(['0.212']))
})

test('what measures nothing alike stays apart', () => {
  const page = pageOf('a,in,n\nx,tonne,1\ny,meter,2', {}, { units: byMeasure })
  expect(page.common).toBeNull()
  expect(page.mixed?.units).toEqual(['tonne', 'meter'])
})

test.each<[string, Style, string, string]>([
  ['in euros', inEuros, '€114,660', '£98,000 at 1.17'],
  ['in its own currency', byRow, '£98,000', '€114,660 at 1.17'],
])('a tooltip %s says what was converted, and at which rate', (_, style, label, said) => {
  const page = pageOf(BAKERIES, { rates: RATES }, { style })
  const at = page.drawing!.groups.findIndex(({ category }) => category === 'Corner Loaf')
  const { value } = page.drawing!.groups[at]!
  const row = page.tipRows![at]
  expect(page['written.tooltip'].writer.label(toText(value), row)).toBe(label)
  expect(conversionSaid(page, value, row)).toBe(said)
  const euros = page.drawing!.groups.findIndex(({ category }) => category === 'Emmer')
  expect(conversionSaid(page, page.drawing!.groups[euros]!.value, page.tipRows![euros])).toBe('')
})

test('a rate that does not end is said with six digits', () => {
  const inPounds: Style = { unit: { kind: 'currency', code: 'GBP' }, fraction: [0, 2] }
  const page = pageOf(BAKERIES, { rates: RATES }, { style: inPounds })
  const at = page.drawing!.groups.findIndex(({ category }) => category === 'Ask & Sons')
  expect(conversionSaid(page, page.drawing!.groups[at]!.value, page.tipRows?.[at])).toBe(
    '€120,000 at 0.854701',
  )
})
