import { decimal } from '../../core/decimal/decimal'
import { drawingOf } from './drawing'
import { UNNAMED } from './rows'
import { categoryRows, markedOf, sourcesOf, textsOf, titled } from './sources'

const values = (...texts: string[]) => texts.map((text) => decimal(text))
const panelled = drawingOf(
  { category: 'site', aggregate: 'sum', panels: 'year' },
  {},
  {
    categories: ['a', 'b', 'a', UNNAMED],
    values: values('5', '3', '2', '1'),
    panels: ['2024', '2024', '2025', '2025'],
  },
)!
const all = panelled.groups.map((_, at) => at)

test('cases look at the category of a mark and at its panel; an empty cell has no name', () => {
  expect(categoryRows({ category: 'site', panels: 'year' }, panelled, all)).toEqual([
    { site: 'a', year: '2024' },
    { site: 'b', year: '2024' },
    { site: 'a', year: '2025' },
    { site: '', year: '2025' },
  ])
  expect(categoryRows({ category: null, panels: 'year' }, panelled, [3, 0])).toEqual([
    { year: '2025' },
    { year: '2024' },
  ])
  expect(categoryRows({ category: null }, panelled, all)).toBeUndefined()
  expect(categoryRows({ category: 'site' }, null, [])).toBeUndefined()
})

test('each surface shares its rung over what all rows would draw', () => {
  const sources = sourcesOf({
    chart: () => ({ category: 'site' }),
    whole: () => panelled,
    edges: () => values('0', '5'),
    ends: () => ['1', '5'],
    tableValues: () => ['7', null],
    sides: () => [{ site: 'a' }, { site: 'b' }],
  })
  const shared = Object.fromEntries(
    Object.entries(sources).map(([surface, source]) => [surface, [...source.values()]]),
  )
  expect(shared.marks).toEqual(textsOf(values('5', '3', '2', '1')))
  expect(shared.tooltip).toEqual(shared.marks)
  expect(shared.axis).toEqual(textsOf(panelled.ticks.values))
  expect([shared.table, shared.legend]).toEqual([['7', null], textsOf(values('0', '5'))])
  expect([shared.headline, shared.sentence]).toEqual([
    [...shared.marks!, '1', '5'],
    [...shared.marks!, '1', '5'],
  ])
  expect([
    sources.axis.rows(),
    sources.legend.rows(),
    sources.table.rows()?.length,
    sources.marks.rows()?.length,
  ]).toEqual([undefined, undefined, 2, 4])
})

test('where nothing is drawn there are no numbers, and a title says what its labels leave out', () => {
  const sources = sourcesOf({
    chart: () => ({ category: 'site' }),
    whole: () => null,
    edges: () => [],
    ends: () => [],
    tableValues: () => [],
    sides: () => undefined,
  })
  for (const source of Object.values(sources)) expect([...source.values()]).toEqual([])
  expect(markedOf(null)).toEqual([])
  expect([
    titled('Revenue', { title: '€ million' }),
    titled('Revenue', { title: '' }),
    titled(undefined, { title: '%' }),
  ]).toEqual(['Revenue, € million', 'Revenue', '%'])
})
