import type { Surface } from '../../core/surfaces'
import { decimal } from '../../core/decimal/decimal'
import type { Style } from '../../core/style/fields'
import type { Cell } from '../quantities'
import type { DatasetMeta } from '../study/dataset'
import type { Quantity } from '../study/quantity'
import { type StudyDocument, studyDocumentSchema } from '../study/document'
import { runPlaced } from './check'
import { USUAL_SIZE } from './layout'
import { textsOf } from './numbers'
import { pagePicture } from './picture'
import { pageSnapshot } from './snapshot'

const table: Record<string, readonly Cell[]> = {
  site: ['Holm', 'Vik', 'Holm', 'Tarn', ''],
  year: ['2021', '2021', '2022', '2022', '2022'],
  harvest: [1_200_000, 340_000, 800_000, null, 12_000],
  before: [600_000, 340_000, 400_000, 1, 6000],
  money: ['EUR', 'EUR', 'USD', '', ''],
  laid: ['2024-01-05', '2024-02-05', '2024-03-05', '2024-04-05', '2024-05-05'],
}
const numeric = ['harvest', 'before']
const dataset: DatasetMeta = {
  id: 'd',
  name: 'Catch',
  rowCount: 5,
  notices: [],
  columns: Object.keys(table).map((name, position) => ({
    position,
    name,
    kind: numeric.includes(name) ? 'number' : 'text',
    reason:
      name === 'laid'
        ? { code: 'dates' as const, order: 'iso' as const }
        : { code: 'text' as const },
    encoding: 'json',
    missing: 0,
    unread: [],
  })),
}
const make = (style: Style, more: Partial<Quantity> = {}, study: Partial<StudyDocument> = {}) => {
  const quantity = {
    id: 'h',
    datasetId: 'd',
    column: 'harvest',
    title: 'Harvest',
    recorded: 0,
    style,
    chart: { category: 'site', aggregate: 'sum' },
    ticks: {},
    ...more,
  } as Quantity
  const document = studyDocumentSchema.parse({
    name: 'S',
    house: {},
    shown: 'h',
    quantities: [quantity],
    ...study,
  })
  return pageSnapshot({
    document,
    quantity: document.quantities[0]!,
    dataset,
    cellsOf: (name) => table[name]!,
    regions: {},
    size: USUAL_SIZE,
    machine: false,
  })
}
const labels = (page: ReturnType<typeof make>, surface: Surface) => {
  const { values, rows } = page[`shows.${surface}`]
  return page[`written.${surface}`].writer.labels(values, rows)
}
const shared: Style = { notation: 'scaled', rung: 'shared', fraction: [0, 1] }

test('each surface is written in its own style, over its own numbers', () => {
  const page = make(shared, { surfaces: { tooltip: { notation: 'plain' } } })
  expect(labels(page, 'marks')).toEqual(['2M', '0.3M', '0M'])
  expect(labels(page, 'tooltip')).toEqual(['2,000,000', '340,000', '12,000'])
  expect(labels(page, 'table')).toEqual(['1.2M', '0.3M', '0.8M', '–', '0M'])
  expect(page['said.headline'].text).toBe('2.4M')
  expect(page['said.sentence'].text).toBe('Holm has the most with 2M, (none) the least with 0M.')
})

test('an adjusted part is the same on every surface, and the picture says what its sign means', () => {
  const page = make(shared, { total: 'adjust' })
  const adjusted = (surface: 'table' | 'marks' | 'tooltip') =>
    [...page[`adjusted.${surface}`]].map(([at, { label }]) => [at, label])
  expect(adjusted('table')).toEqual([[1, '0.4M']])
  expect(adjusted('marks')).toEqual([[1, '0.4M']])
  expect(adjusted('tooltip')).toEqual([[1, '0.4M']])
  expect(page.markLabels).toEqual(['2M', '†0.4M', '0M'])
  expect(pagePicture(page)).toMatch(/†0\.4M<.*† Adjusted so that the printed parts add up/)
  expect(pagePicture(make(shared))).not.toContain('Adjusted')
})

test('a message writes an adjusted part as its mark does', () => {
  const said = (texts: Quantity['texts'], more: Partial<Quantity> = {}) =>
    make(shared, { total: 'adjust', texts, ...more })['said.sentence'].text
  expect(said({ sentence: '{$largest}, {$least}' })).toBe('2M, 0M')
  const withoutHolm = { filter: { column: 'site', is: ['Vik', ''] } }
  expect(said({ sentence: '{$largest} + {$least} = {$total}' }, withoutHolm)).toBe(
    '0.4M + 0M = 0.4M',
  )
})

test('a filter hides rows and changes no unit that is shared', () => {
  const page = make(shared, { filter: { column: 'site', is: ['Vik'] } })
  expect(labels(page, 'marks')).toEqual(['0.3M'])
  expect(labels(page, 'table')).toEqual(['0.3M'])
  expect(page.rows!.places).toEqual([1])
})

test('a surface that is left off the page is not checked; a legend stands where marks are shaded', () => {
  expect(make({}).shown).toEqual(['axis', 'marks', 'table', 'tooltip', 'headline', 'sentence'])
  const page = make(
    {},
    { chart: { category: 'site', aggregate: 'sum', shaded: true } },
    { page: { without: ['axis', 'headline'] } },
  )
  expect(page.shown).toEqual(['marks', 'table', 'tooltip', 'legend', 'sentence'])
  expect(page.subjects.map(({ surface }) => surface)).toEqual(page.shown)
})

test('cases look at a mark’s category, and at none where it has no name', () => {
  const cases: Style['cases'] = [
    {
      when: { column: 'site', is: ['Vik'] },
      use: { unit: { kind: 'symbol', text: 'crates' }, factor: '0.001' },
    },
    { when: { column: 'site', is: [''] }, use: { notation: 'scaled' } },
  ]
  const page = make({ cases })
  expect(labels(page, 'marks')).toEqual(['2,000,000', '340\u00a0crates', '12K'])
  expect(labels(page, 'table').at(1)).toBe('340\u00a0crates')
})

test('marks and tooltips are written in the currency that their rows agree in', () => {
  const unit = { kind: 'currency', code: { column: 'money' } } as const
  const page = make({ unit })
  expect(labels(page, 'marks')).toEqual(['2,000,000', '€340,000.00', '12,000'])
  expect(labels(page, 'tooltip')).toEqual(labels(page, 'marks'))
  const of = { column: 'site', is: ['Vik', ''] }
  // A row that names no currency is not put on one scale with those that do.
  expect(make({ unit }, { filter: of })['said.sentence'].text).toBe(
    'EUR, no unit share no scale yet.',
  )
})

test('cases hold in words too: for the ends of the chart, a callout, and rows that are named', () => {
  const cases: Style['cases'] = [
    {
      when: { column: 'site', is: ['Vik', ''] },
      use: { unit: { kind: 'symbol', text: 'crates' }, factor: '0.001' },
    },
  ]
  const chart = { category: 'site', aggregate: 'sum', callout: { at: 'Vik' } } as const
  const texts = { headline: '{:least} {|harvest| :where least=harvest} {:largest}' }
  const page = make({ cases }, { chart, texts })
  expect(page['said.sentence'].text).toBe(
    'Holm has the most with 2,000,000, (none) the least with 12\u00a0crates.',
  )
  expect(page['said.callout'].text).toBe('Vik: 340\u00a0crates')
  expect(page['said.headline'].text).toBe('12\u00a0crates 12\u00a0crates 1,200,000')
  const found = page.subjects.find(({ surface }) => surface === 'sentence')!
  expect(runPlaced(found.subject).map(({ check }) => check)).not.toContain('raw-number')
})

test('a column that names currencies may leave a mark without one', () => {
  const money = make(
    { unit: { kind: 'currency', code: { column: 'money' } }, notation: 'scaled' },
    { chart: { category: 'money', aggregate: 'sum' } },
  )
  expect(labels(money, 'marks')).toEqual(['€1.54M', '$800K', '12K'])
})

test('a callout speaks of its mark, and its numbers are checked with the sentence’s', () => {
  const page = make(
    { fraction: [0, 0], notation: 'scaled', rung: 6 },
    {
      chart: { category: 'site', aggregate: 'sum', callout: { at: 'Vik' } },
      texts: { sentence: 'All is well.', callout: '{$name} has {$value} of {$total}.' },
    },
  )
  expect(page['said.callout'].text).toBe('Vik has 0M of 2M.')
  const sentence = page.subjects.find(({ surface }) => surface === 'sentence')!
  expect(runPlaced(sentence.subject).map(({ check }) => check)).toContain('vanished')
})

test('messages say other columns in their own quantity’s wording, and dates of the row', () => {
  const other = {
    id: 'b',
    datasetId: 'd',
    column: 'before',
    title: 'Before',
    recorded: 0,
    style: { notation: 'scaled' },
    chart: { category: null, aggregate: 'sum' },
    ticks: {},
  } as Quantity
  const quantity = {
    id: 'h',
    datasetId: 'd',
    column: 'harvest',
    title: 'Harvest',
    recorded: 0,
    style: {},
    chart: { category: 'site', aggregate: 'sum' },
    ticks: {},
    texts: { headline: '{before :largest}, laid {laid :date largest=harvest style=short}' },
  } as Quantity
  const document = studyDocumentSchema.parse({
    name: 'S',
    house: {},
    shown: 'h',
    quantities: [quantity, other],
  })
  const page = pageSnapshot({
    document,
    quantity: document.quantities[0]!,
    dataset,
    cellsOf: (name) => table[name]!,
    regions: {},
    size: USUAL_SIZE,
    machine: false,
  })
  expect(page['said.headline'].text).toBe('600K, laid 1/5/24')
})

test('parts are checked against a total where one stands under them, of the ticked rows alone', () => {
  const style: Style = { notation: 'scaled', rung: 6, fraction: [0, 0] }
  const found = (more: Partial<Quantity>) =>
    make(style, more)
      .subjects.filter(({ surface }) => surface === 'table')
      .flatMap(({ subject }) => runPlaced(subject))
      .find(({ check }) => check === 'does-not-add-up')?.message
  expect(found({})).toBeUndefined()
  // 1, 0, 1 and 0 million make 2, as 2.352 does; 0.8 and 0.34 make 1 and 0.
  expect(found({ total: 'plain' })).toBeUndefined()
  expect(found({ total: 'plain', selected: [0, 1] })).toContain('their total is written “2M”')
  expect(found({ total: 'note', selected: [0, 1] })).toBeUndefined()
})

test('each surface shares its rung over what all rows would draw, whatever a filter leaves', () => {
  const filter = { column: 'site', is: ['Vik'] }
  const page = make({}, { filter, chart: { category: 'site', aggregate: 'sum', shaded: true } })
  const shared = (surface: Surface) => [...(page[`context.${surface}`].values ?? [])]
  const ends = textsOf([decimal(12_000), decimal(1_200_000)])
  const marks = textsOf(page.whole!.groups.map(({ value }) => value))
  expect(marks).toHaveLength(3)
  expect(shared('marks')).toEqual(marks)
  expect(shared('tooltip')).toEqual(marks)
  expect(shared('axis')).toEqual(textsOf(page.whole!.ticks.values))
  expect(shared('legend')).toEqual(textsOf(page.edges))
  expect(shared('table')).toEqual(ends)
  expect([shared('headline'), shared('sentence')]).toEqual([
    [...marks, ...ends],
    [...marks, ...ends],
  ])
})

test('nothing to show is said by null', () => {
  const quantity = {
    id: 'h',
    datasetId: 'd',
    column: 'harvest',
    title: 'Harvest',
    recorded: 0,
    style: {},
    chart: { category: 'site', aggregate: 'sum' },
    ticks: {},
  } as Quantity
  const document = studyDocumentSchema.parse({
    name: 'S',
    house: {},
    shown: 'h',
    quantities: [quantity],
  })
  expect(
    pageSnapshot({
      document,
      quantity,
      dataset,
      cellsOf: () => [null, null, null, null, null],
      regions: {},
      size: USUAL_SIZE,
      machine: false,
    }).drawing,
  ).toBe(null)
})
