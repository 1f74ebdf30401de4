import { type NewStudy, pageIn, quantityIn, studyOf } from './testing/pages'
import { toText } from '../../core/decimal/decimal'
import { runChecks } from '../../core/checks/run'
import type { Quantity } from '../study/quantity'
import { runPlacedAlone } from './check'
import { pagePicture } from './picture'

const BAKERIES = `bakery,country,currency,revenue,loaves
Ask & Sons,FR,EUR,120000,5200
Brodd,SE,SEK,1400000,6100
Corner Loaf,GB,GBP,98000,4300
Dough Bros,US,USD,143000,7000
Emmer,FR,EUR,87000,3900`
const pageOf = (study: NewStudy, column: string, change: Partial<Quantity> = {}) =>
  pageIn(study, { ...quantityIn(study, column), ...change })
const mixedOn = (page: ReturnType<typeof pageOf>) =>
  page.subjects.flatMap(({ surface, subject }) =>
    runPlacedAlone(subject).flatMap(({ check, severity, message }) =>
      check === 'mixed-units' ? [{ surface, severity, message }] : [],
    ),
  )

test('an amount is linked to the column of its currencies, a count beside it is not', () => {
  const { quantities } = studyOf(BAKERIES).document
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
  const own = studyOf(text).document.quantities.find((one) => one.column === column)!
  expect(JSON.stringify(own.style.unit ?? {}).includes('column')).toBe(isLinked)
})

test('four currencies on one axis are found on the axis, in the headline and in the sentence', () => {
  const found = mixedOn(pageOf(studyOf(BAKERIES), 'revenue'))
  expect(found.map(({ surface, severity }) => [surface, severity])).toEqual([
    ['axis', 'error'],
    ['headline', 'error'],
    ['sentence', 'error'],
  ])
  expect(found[0]!.message).toBe(
    'The numbers are in EUR, SEK, GBP and USD, and these currencies have no common scale. Enter exchange rates or show only one of them.',
  )
})

test('marks that add rows of several currencies are found too, and so is the total', () => {
  const study = studyOf(BAKERIES.replace('Emmer,FR', 'Emmer,GB'))
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
  const study = studyOf(BAKERIES)
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
  expect(mixedOn(pageOf(studyOf(text), column))).toEqual([])
})

test('no number is said of rows in several currencies, neither in words nor in a total', () => {
  const page = pageOf(studyOf(BAKERIES), 'revenue', { total: 'plain' })
  expect(page['said.headline'].text).toBe('revenue')
  expect(page['said.sentence'].text).toBe('EUR, SEK, GBP, USD share no scale yet.')
  expect(page.total).toBeNull()
  expect(mixedOn(page)).toContainEqual({
    surface: 'table',
    severity: 'error',
    message:
      'The total is over rows in EUR, SEK, GBP and USD, and these currencies cannot be added. Enter exchange rates or show only one of them.',
  })
})

test('rows of one currency that are ticked have a total', () => {
  const page = pageOf(studyOf(BAKERIES), 'revenue', { total: 'plain', selected: [0, 4] })
  expect(page.total && toText(page.total)).toBe('207000')
  expect(mixedOn(page).some(({ surface }) => surface === 'table')).toBe(false)
})

describe('a panel for each currency', () => {
  const panelled = (change: Partial<Quantity['chart']> = {}) => {
    const start = studyOf(BAKERIES)
    const chart = { category: 'bakery', aggregate: 'sum', panels: 'currency', ...change } as const
    return pageOf(start, 'revenue', { chart })
  }

  test('has its own axis, in its own currency', () => {
    const page = panelled()
    expect(page.hasOwnScales).toBe(true)
    const labelsOf = page.panels.map(({ name, drawing: { ticks }, firstTick, hasAxis }) => [
      name,
      hasAxis,
      page.tickLabels.slice(firstTick, firstTick + ticks.values.length).at(-1),
      toText(ticks.values.at(-1)!),
    ])
    expect(labelsOf.map(([name, hasAxis, , last]) => [name, hasAxis, last])).toEqual([
      ['EUR', true, '125000'],
      ['SEK', true, '1500000'],
      ['GBP', true, '100000'],
      ['USD', true, '150000'],
    ])
    const signs = ['€', 'SEK', '£', '$']
    labelsOf.forEach(([, , label], at) => expect(label).toContain(signs[at]))
  })

  test('draws each mark on the scale of its own panel', () => {
    const page = panelled()
    page.panels.forEach(({ drawing: { groups, domain } }) =>
      expect(groups.map(({ value }) => toText(value))).toContain(toText(domain[1])),
    )
  })

  test('leaves the finding of several currencies to the words', () => {
    expect(mixedOn(panelled()).map(({ surface }) => surface)).toEqual(['headline', 'sentence'])
  })

  test('is checked axis by axis, at the places of each', () => {
    const page = panelled()
    const axis = page.subjects.find(({ surface }) => surface === 'axis')!.subject
    const whole: [number, number] = [0, 0]
    const hiding = { ...axis.style, notation: 'scaled', rung: 6, fraction: whole } as const
    const findings = runPlacedAlone({ ...axis, style: hiding })
    const hidden = findings.find(({ check }) => check === 'step-hidden')!
    const sek = page.panels[1]!
    expect(hidden.at.some((at) => at < sek.firstTick)).toBe(true)
    expect(findings.filter(({ check }) => check === 'step-hidden')).toHaveLength(1)
  })

  test('has labels that are checked in the room of their own axis', () => {
    const { subject } = panelled().subjects.find(({ surface }) => surface === 'axis')!
    const axes = 'axes' in subject ? subject.axes! : []
    expect(axes).toHaveLength(4)
    for (const { values, room } of axes) expect(room!.middles).toHaveLength(values.length)
  })

  test('shades no bins over numbers of different currencies', () => {
    expect(panelled({ shaded: true }).edges).toEqual([])
  })

  test('is drawn as a picture with every axis', () => {
    const svg = pagePicture(panelled())
    const said = [...svg.matchAll(/data-surface="axis" data-value="([^"]+)"/g)].map(
      ([, value]) => value,
    )
    expect(said).toEqual(expect.arrayContaining(['125000', '1500000', '100000', '150000']))
  })
})
