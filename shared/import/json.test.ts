import { ImportError } from './error'
import { readTable } from './table'

const SITES = [
  ['Holm', 'Vik'],
  ['12345678901234567890.5', '4'],
]
const read = (text: string) => {
  const { columns } = readTable(text)
  return [columns.map(({ name }) => name), columns.map(({ cells }) => cells())]
}

test.each([
  ['rows as objects', '[{"site": "Holm", "kg": 12345678901234567890.5}, {"site": "Vik", "kg": 4}]'],
  ['rows as lists', '[["site", "kg"], ["Holm", 12345678901234567890.5], ["Vik", 4]]'],
  ['columns as lists', '{"site": ["Holm", "Vik"], "kg": [12345678901234567890.5, 4]}'],
  [
    'an object a line',
    '{"site": "Holm", "kg": 12345678901234567890.5}\n{"site": "Vik", "kg": 4}\n',
  ],
])('JSON with %s is a table, and no digit is lost', (_, text) => {
  expect(read(text)).toEqual([['site', 'kg'], SITES])
})

test('what a row lacks is missing, and what stands within a cell stays in it', () => {
  const { columns } = readTable('[{"a": 1, "b": "x, \\"y\\""}, {"b": null, "c": [1, 2]}]')
  expect(columns.map(({ name, missing }) => [name, missing])).toEqual([
    ['a', 1],
    ['b', 1],
    ['c', 1],
  ])
  expect(columns[1]!.cells()[0]).toBe('x, "y"')
})

test('JSON that is no table says what it takes, and brackets in text are none', () => {
  expect(() => readTable('[1, 2, 3]')).toThrow(ImportError)
  expect(() => readTable('{"a": 1')).toThrow(ImportError)
  expect(readTable('[m],x\n1,2').columns.map(({ name }) => name)).toEqual(['[m]', 'x'])
})
