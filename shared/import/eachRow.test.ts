import { eachRow } from './eachRow'
import { readTable } from './table'

const rowsOf = (text: string): string[][] => {
  const table = readTable(text)
  const rows: string[][] = []
  eachRow(text, { columns: table.columns.length, rowCount: table.rowCount }, (cells, at) => {
    expect(at).toBe(rows.length)
    rows.push([...cells])
  })
  return rows
}

test.each([
  [
    'plain',
    'a,b\n1,2\n3,4\n',
    [
      ['1', '2'],
      ['3', '4'],
    ],
  ],
  [
    'without a header',
    '1,2\n3,4',
    [
      ['1', '2'],
      ['3', '4'],
    ],
  ],
  [
    'with a title, blank lines and a note',
    'Trams\na,b\n1,2\n\n3,4\n\nSource: us',
    [
      ['1', '2'],
      ['3', '4'],
    ],
  ],
  [
    'with a total',
    'a,b\nx,2\ny,4\nTotal,6',
    [
      ['x', '2'],
      ['y', '4'],
    ],
  ],
  [
    'wider later',
    'a,b\n1,2\n3,4,5\n6',
    [
      ['1', '2', ''],
      ['3', '4', '5'],
      ['6', '', ''],
    ],
  ],
  ['quoted', 'a;b\n"x;1";"2\n3"', [['x;1', '2\n3']]],
  [
    'JSON',
    '[{"a": 1, "b": null}, {"a": 1.50}]',
    [
      ['1', ''],
      ['1.50', ''],
    ],
  ],
])('rows of a table %s stand as they are in its text', (_, text, rows) =>
  expect(rowsOf(text)).toEqual(rows),
)
