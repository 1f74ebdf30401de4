import { decimal } from '../../core/decimal/decimal'
import { drawingOf } from './drawing'
import { UNNAMED } from './rows'
import { agreedCells } from './agreed'
import { besideOf, categoryRows, markedOf } from './sources'
import { titled } from './numbers'

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

test('where nothing is drawn there are no numbers, and a title says what its labels leave out', () => {
  expect(markedOf(null)).toEqual([])
  expect([
    titled('Revenue', { title: '€ million' }),
    titled('Revenue', { title: '' }),
    titled(undefined, { title: '%' }),
  ]).toEqual(['Revenue, € million', 'Revenue', '%'])
})

test('a mark has what all of its rows have alike, and a number of a row where it stands for it alone', () => {
  const cells = [
    { money: 'EUR', crew: 'Ask', error: 2 },
    { money: 'NOK', crew: 'Ask', error: 1 },
    { money: 'EUR', crew: 'Una', error: 2 },
  ]
  const rows = { categories: ['a', 'b', 'a'], panels: null }
  const agreed = agreedCells(rows, cells, (column) => column !== 'error')
  const drawing = drawingOf(
    { category: 'site', aggregate: 'sum' },
    {},
    { ...rows, values: values('5', '9', '2') },
  )!
  expect(categoryRows({ category: 'site' }, drawing, [0, 1], agreed)).toEqual([
    { site: 'b', money: 'NOK', crew: 'Ask', error: 1 },
    { site: 'a', money: 'EUR' },
  ])
  expect(
    besideOf({ category: 'site' }, { largestName: 'b', leastName: 'a' } as never, agreed),
  ).toEqual({
    largest: { site: 'b', money: 'NOK', crew: 'Ask', error: 1 },
    least: { site: 'a', money: 'EUR' },
  })
})
