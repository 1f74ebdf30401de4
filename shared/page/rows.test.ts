import { toText } from '../../core/decimal/decimal'
import type { Cell } from '../quantities'
import type { DatasetMeta } from '../study/dataset'
import type { Quantity } from '../study/quantity'
import { filteredRows, rowsOf, UNNAMED } from './rows'
import { namesIn, wantedColumns } from './wanted'

const column = (name: string, kind: 'number' | 'text') => ({
  position: 0,
  name,
  kind,
  reason: { code: 'text' as const },
  encoding: 'json' as const,
  missing: 0,
  unread: [],
})
const dataset: DatasetMeta = {
  id: 'd',
  name: 'D',
  rowCount: 3,
  notices: [],
  columns: [
    column('site', 'text'),
    column('kind', 'text'),
    column('note', 'text'),
    column('a', 'number'),
    column('b', 'number'),
    column('c', 'number'),
  ],
}
const quantity = (more: object = {}, chart: object = {}) =>
  ({
    id: 'q',
    datasetId: 'd',
    column: 'a',
    title: 'A',
    recorded: 0,
    style: {},
    chart: { category: 'site', aggregate: 'sum', ...chart },
    ticks: {},
    ...more,
  }) as Quantity
const cells: Record<string, readonly Cell[]> = {
  site: ['x', '', 'y'],
  kind: ['k', 'k', 'l'],
  note: ['', '', ''],
  a: [1, '12345678901234567890', null],
  b: [2, 3, 4],
  c: [0, 0, 0],
}
const cellsOf = (name: string) => cells[name]!

test('a page wants the columns that it speaks of, each once', () => {
  const plain = wantedColumns(quantity(), dataset)
  expect(plain).toMatchObject({
    column: 'a',
    category: 'site',
    panels: null,
    against: null,
    texts: ['site', 'kind'],
    others: [],
  })
  expect(namesIn(plain)).toEqual(['a', 'site', 'kind'])
  const rich = wantedColumns(
    quantity(
      {
        columns: ['b'],
        filter: { column: 'note', is: ['x'] },
        texts: { headline: '{c :total}', callout: '{b :least}' },
      },
      { panels: 'kind', second: 'c', parts: ['value', 'against'], against: 'b' },
    ),
    dataset,
  )
  expect(rich).toMatchObject({ panels: 'kind', filter: 'note', against: 'b' })
  expect([...rich.others].sort()).toEqual(['b', 'c'])
  expect(namesIn(rich)).toHaveLength(new Set(namesIn(rich)).size)
})

test('a column that changes are told from is wanted only where marks tell them', () => {
  expect(wantedColumns(quantity({}, { against: 'b' }), dataset).against).toBe(null)
})

test('rows keep every digit, and categories without a name have one', () => {
  const all = rowsOf(wantedColumns(quantity(), dataset), cellsOf)
  expect(all.values.map((value) => value && toText(value))).toEqual([
    '1',
    '12345678901234567890',
    null,
  ])
  expect(all.categories).toEqual(['x', UNNAMED, 'y'])
  expect(all.filtering).toBe(null)
  expect(
    rowsOf(wantedColumns(quantity({}, { category: null }), dataset), cellsOf).categories,
  ).toEqual(['row 1', 'row 2', 'row 3'])
})

test('a filter picks every list alike, and says where each row stands', () => {
  const asked = quantity(
    { filter: { column: 'kind', is: ['l'] }, columns: ['b'] },
    { panels: 'kind' },
  )
  const all = rowsOf(wantedColumns(asked, dataset), cellsOf)
  const rows = filteredRows(all, asked.filter)
  expect(rows).toMatchObject({
    places: [2],
    cells: [null],
    categories: ['y'],
    panels: ['l'],
    texts: [
      { name: 'site', cells: ['y'] },
      { name: 'kind', cells: ['l'] },
    ],
  })
  expect(rows.others.get('b')).toEqual([4])
  expect(filteredRows(all, undefined)).toBe(all)
})
