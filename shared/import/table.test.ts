import * as fc from 'fast-check'
import { toText } from '../../core/decimal/decimal'
import { plainNumber } from './cells'
import { isUnclear, orderIn } from './dates'
import { readTable } from './table'

const kinds = (text: string) =>
  readTable(text).columns.map((column) => `${column.name}: ${column.kind}`)
const column = (text: string, at: number) => readTable(text).columns[at]!

test.each([
  ['commas', 'site,kg\nHolm,1.5\nVik,2'],
  ['tabs', 'site\tkg\nHolm\t1.5\nVik\t2'],
  ['semicolons', 'site;kg\nHolm;1,5\nVik;2'],
  ['a byte order mark', '\uFEFFsite,kg\r\nHolm,1.5\r\nVik,2\r\n'],
])('reads %s', (_, text) => {
  expect(kinds(text)).toEqual(['site: text', 'kg: number'])
  expect(column(text, 1).cells()).toEqual(['1.5', '2'])
})

test('quotes, line breaks and delimiters inside a cell stay in it', () => {
  expect(column('site,kg\n"Holm, ""old""\nquay",3', 0).cells()).toEqual(['Holm, "old"\nquay'])
})

test('one column is a table', () => {
  expect(kinds('depth\n0.125\n0.25')).toEqual(['depth: number'])
})

test('duplicate and absent names are told apart and said', () => {
  const table = readTable('kg,kg,\n1,2,3')
  expect(table.columns.map(({ name }) => name)).toEqual(['kg', 'kg (2)', 'column 3'])
  expect(table.notices.join(' ')).toMatch(/“kg” stands twice.*“column 3”/)
})

test('cells that cannot be read are counted and listed by row; missing ones are not among them', () => {
  const depth = column('site,depth\na,1\nb,x7\nc,\nd,2\ne,3\nf,4', 1)
  expect(depth).toMatchObject({ kind: 'number', missing: 1, unread: [{ row: 2, text: 'x7' }] })
  expect(depth.cells()).toEqual(['1', null, null, '2', '3', '4'])
  expect(depth.reason).toEqual({ code: 'numbers', numbers: 4, filled: 5, rows: [2] })
})

test('text stays text, and codes keep their zeros', () => {
  const codes = column('code\n007\n12\n1.50', 0)
  expect([codes.kind, codes.cells()]).toEqual(['text', ['007', '12', '1.50']])
  expect(column('mixed\nten\n3\neleven', 0).reason).toEqual({
    code: 'fewNumbers',
    numbers: 1,
    filled: 3,
  })
})

test('decimal commas with groups of points', () => {
  expect(column('a;b\nx;1.234,5\ny;−2,25', 1).cells()).toEqual(['1234.5', '-2.25'])
  expect(column('a;b\nx;1,234\ny;2,500', 1).cells()).toEqual(['1.234', '2.5'])
  expect(column('a\tb\nx\t1,234\ny\t12,500', 1).cells()).toEqual(['1234', '12500'])
})

test('digits beyond a double are kept', () => {
  expect(column('n\n12345678901234567890.5\n1e30', 0).cells()).toEqual([
    '12345678901234567890.5',
    '1' + '0'.repeat(30),
  ])
})

test('a blank line is a missing cell of one column, and said where it is left out of several', () => {
  const single = column('\nn\n1\n\n2\n\n', 0)
  expect([single.cells(), single.missing]).toEqual([['1', null, '2'], 1])
  const table = readTable('a,b\n1,2\n\n,\n3,4\n')
  expect(table.columns[0]!.cells()).toEqual(['1', null, '3'])
  expect(table.notices).toEqual(['1 blank line was left out.'])
})

test('rows of another length lose nothing', () => {
  const table = readTable('a,b\n1\n2,3,4')
  expect(table.columns.map(({ cells }) => cells())).toEqual([
    ['1', '2'],
    [null, '3'],
    [null, '4'],
  ])
  expect(table.notices.join(' ')).toContain('rows 1, 2')
})

test.each([
  ['', /nothing to read/],
  ['\uFEFF \n', /nothing to read/],
  ['site,kg', /no row below/],
  ['a,b\n"x,1\ny,2', /Line \d+: a quotation mark/],
])('%j is refused with what to do', (text, message) => {
  expect(() => readTable(text)).toThrow(message)
})

test('a table of two hundred thousand rows is read', () => {
  const rows = Array.from({ length: 200_000 }, (_, at) => `${at},${at / 8}`)
  const table = readTable(`id,kg\n${rows.join('\n')}`)
  expect(table.rowCount).toBe(200_000)
  expect(table.columns[1]!.cells().at(-1)).toBe('24999.875')
})

test('plain numbers are doubles as they are read; what doubles would cut stays text', () => {
  const table = readTable('a,b,c\n1.50,-2e-7,12345678901234567890.5\n,0.10,1.5')
  expect(table.columns.map(({ doubles }) => doubles && Array.from(doubles))).toEqual([
    [1.5, NaN],
    [-2e-7, 0.1],
    null,
  ])
  expect(table.columns.map(({ cells }) => cells())).toEqual([
    ['1.5', null],
    ['-0.0000002', '0.1'],
    ['12345678901234567890.5', '1.5'],
  ])
})

test('every decimal of up to fifteen digits is read as the double of its text', () => {
  fc.assert(
    fc.property(
      fc.bigInt({ min: -(10n ** 15n) + 1n, max: 10n ** 15n - 1n }),
      fc.integer({ min: 0, max: 20 }),
      (digits, decimals) => {
        const text = toText({ coefficient: digits, exponent: -decimals })
        expect([Number(text), NaN]).toContainEqual(plainNumber(text, '.'))
        expect(column(`n\n${text}\n1`, 0).cells()[0]).toBe(text)
      },
    ),
  )
})

test('rows that are quoted across the pieces in which a long text is read stay whole', () => {
  const cell = 'a "long"\nway'.repeat(8_000)
  const rows = ['x', cell, cell, cell, 'y'].map(
    (text, at) => `"${text.replaceAll('"', '""')}",${at}`,
  )
  const table = readTable(`name,kg\n${rows.join('\n')}\n`)
  expect(table.rowCount).toBe(5)
  expect(table.columns[0]!.cells()).toEqual(['x', cell, cell, cell, 'y'])
  expect(table.columns[1]!.cells()).toEqual(['0', '1', '2', '3', '4'])
})

test('what is beyond the limits is refused with its place, or cut and told', () => {
  const wide = Array.from({ length: 5001 }, (_, at) => `a${at}`).join(',')
  expect(() => readTable(`${wide}\n1`)).toThrow(
    'The header has 5,001 cells; a table has at most 5,000 columns.',
  )
  expect(() => readTable(`site,note\nHolm,${'x'.repeat(100_001)}`)).toThrow(
    'Row 1, column 2: the cell has 100,001 characters; at most 100,000 are taken.',
  )
  const { columns, notices } = readTable(`${'long '.repeat(200)},kg\na,1e9999999`)
  expect(columns[0]!.name.length).toBeLessThanOrEqual(500)
  expect(notices.join()).toContain('The name of column 1 has 999 characters; it was cut to 493.')
  expect(columns[1]!.kind).toBe('text')
})

test('thousands of columns of one name are told apart in a moment', () => {
  const began = Date.now()
  const { columns } = readTable(
    `b,${Array(4999).fill('a').join(',')}\n${Array(5000).fill('1').join(',')}`,
  )
  expect(columns.at(-1)!.name).toBe('a (4999)')
  expect(Date.now() - began).toBeLessThan(120_000)
})

test('dates that can be read in two ways are read as somebody says that they are meant', () => {
  const text = 'buoy,laid,hauled\na,03/04/2026,25/04/2026\nb,05/06/2026,26/04/2026'
  expect(readTable(text).columns.map(({ reason }) => orderIn(reason) ?? isUnclear(reason))).toEqual(
    [false, true, 'dmy'],
  )
  expect(
    readTable(text, { dates: { laid: 'mdy', hauled: 'mdy' } }).columns.map(({ reason }) =>
      orderIn(reason),
    ),
  ).toEqual([undefined, 'mdy', 'dmy'])
})
