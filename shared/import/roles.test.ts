import { readTable } from './table'

const column = (name: string, ...cells: string[]) =>
  readTable([`${name}\tx`, ...cells.map((cell) => `${cell}\ta`)].join('\n')).columns[0]!
const roleOf = (name: string, ...cells: string[]) => column(name, ...cells).role

test.each<[string, string, string[]]>([
  ['year', 'year', ['2021', '2022', '2023', '2024']],
  ['year', 'y', ['2021', '2022', '2023', '2024']],
  ['year', 'when', ['2021', '2022', '2021', '2022']],
  ['year', 'Built', ['1874', '1902', '1888', '2003']],
  ['number', 'revenue (€)', ['2021', '2022', '2023', '2024']],
  ['number', 'visitors', ['2021.5', '2022', '2023', '2024']],
  ['number', 'visitors', ['2,021', '2,450', '1,980']],
  ['code', 'account', ['10023', '10044', '20981']],
  ['code', 'postcode', ['10115', '80331']],
  ['code', 'zip', ['01067', '80331']],
  ['code', 'order no', ['1', '2', '3']],
  ['code', 'stop', ['A12', 'B7', 'C103']],
  ['code', 'serial', ['1234567890123456789012345', '1234567890123456789012346']],
  ['number', 'passengers', ['10023', '9044', '20981', '7']],
  ['ratio', 'share', ['0.1', '0.25']],
  ['ratio', 'turnout (%)', ['61', '58.5']],
  ['ratio', 'change', ['12%', '-3%']],
  ['ratio', 'deaths per 100,000', ['12', '31']],
  ['date', 'day', ['2024-05-01', '2024-05-02']],
  ['date', 'month', ['2024-05', '2024-06']],
  ['date', 'quarter', ['Q1 2024', 'Q2 2024']],
  ['text', 'site', ['Holm', 'Vik']],
  ['text', 'zone', ['Zone 1', 'Zone 2']],
])('%s: “%s” of %j', (role, name, cells) => expect(roleOf(name, ...cells)).toBe(role))

test('what only the owner can tell is asked', () => {
  const asked = (name: string, ...cells: string[]) =>
    column(name, ...cells).asks?.map(({ about, choices }) => [about, ...choices])
  expect(asked('things', '1980', '2044', '1999')).toEqual([['role', 'number', 'year']])
  expect(asked('things', '10823', '48192', '33810', '90021')).toEqual([['role', 'number', 'code']])
  expect(asked('depth', '1.234', '5.678')).toEqual([['mark', '.', ',']])
  expect(asked('depth', '1.234', '5.6')).toBeUndefined()
  expect(asked('price', '€5', '$7', '€8')).toEqual([['unit', '$']])
})

test('a role, and a mark, that somebody said is the one that is read', () => {
  const text = 'things\tdepth\n1980\t1.234\n2044\t5.678'
  const said = readTable(text, { roles: { things: 'year' }, marks: { depth: ',' } })
  expect(said.columns.map(({ role, asks = [] }) => [role, asks.length])).toEqual([
    ['year', 0],
    ['number', 0],
  ])
  expect(said.columns[0]!.cells()).toEqual(['1980', '2044'])
  expect(said.columns[1]!.cells()).toEqual(['1234', '5678'])
  const back = readTable('code\tx\n12\t1\n14\t2', { roles: { code: 'number', x: 'text' } })
  expect(back.columns.map(({ kind }) => kind)).toEqual(['number', 'text'])
})

test.each<[string, string[], (string | null)[], string]>([
  ['mixtures', ['1.2M', '950K', '3,400', '12'], ['1200000', '950000', '3400', '12'], 'with K M'],
  ['parentheses', ['(3,400)', '5'], ['-3400', '5'], 'minus as parentheses'],
  ['money', ['€ 5', '€1.5M', 'EUR 7'], ['5', '1500000', '7'], 'with M, in EUR'],
  ['percent', ['12%', '7.5 %', '3'], ['0.12', '0.075', '0.03'], 'in %'],
  ['mass', ['5 kg', '−7.25 kg', 'n/a'], ['5', '-7.25', null], 'in kg'],
  ['millions of money', ['$3m', '$1.5bn'], ['3000000', '1500000000'], 'with M B, in USD'],
  ['metres', ['3 m', '1.5 m'], ['3', '1.5'], 'in m'],
  ['a unit of nobody’s', ['3 nets', '14 nets'], ['3', '14'], 'in nets'],
  ['other money', ['€5', '$7', '€8'], ['5', null, '8'], 'in EUR'],
])('numbers written as labels, %s: %j are %j, read %s', (_, cells, numbers, rule) => {
  const read = column('depth', ...cells)
  expect([read.kind, read.cells(), read.rule]).toEqual(['number', numbers, rule])
})

test('each column has its own decimal mark, and units and powers that its header says', () => {
  const { columns } = readTable('a\tprice (€ million)\tshare (%)\n1,5\t2.25\t45\n2,75\t3.5\t12.5')
  expect(columns.map(({ cells }) => cells())).toEqual([
    ['1.5', '2.75'],
    ['2.25', '3.5'],
    ['45', '12.5'],
  ])
  expect(columns.map(({ unit, recorded }) => [unit, recorded])).toEqual([
    [undefined, undefined],
    [{ kind: 'currency', code: 'EUR' }, 6],
    [{ kind: 'percent' }, -2],
  ])
})

test('cells that say their power themselves are not multiplied by their header’s', () => {
  const { cells, recorded } = column('sales (€ million)', '1.2M', '950K')
  expect([cells(), recorded]).toEqual([['1200000', '950000'], undefined])
})

test.each(['\t', ';', '|', ','])('two columns parted by “%s” are two', (delimiter) => {
  const text = ['site', 'kg'].join(delimiter) + '\n' + ['Holm', '4'].join(delimiter)
  const { columns } = readTable(`${text}\n${['Vik', '5'].join(delimiter)}`)
  expect(columns.map(({ name }) => name)).toEqual(['site', 'kg'])
})
