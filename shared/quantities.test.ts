import { toText } from '../core/decimal/decimal'
import { isCode, isMissing, readCell, speaksFor } from './import/cells'
import { decimalOf, levelsTo, quantitiesOf, styleOf, withOwn } from './quantities'
import type { DatasetMeta } from './study/dataset'
import { quantitySchema } from './study/quantity'
import { studyDocumentSchema } from './study/document'
import { ticksSchema } from './study/chart'

const column = (
  position: number,
  name: string,
  kind: 'number' | 'text',
): DatasetMeta['columns'][number] => ({
  position,
  name,
  kind,
  reason: { code: 'text' as const },
  encoding: 'float64',
  missing: 0,
  unread: [],
})
const dataset: DatasetMeta = {
  id: 'd1',
  name: 'Harvest',
  rowCount: 2,
  notices: [],
  columns: [column(0, 'year', 'number'), column(1, 'site', 'text'), column(2, 'kg', 'number')],
}

test('each numeric column becomes a quantity, parted by the first text column', () => {
  const quantities = quantitiesOf(dataset)
  expect(quantities.map(({ id, column: name }) => [id, name])).toEqual([
    ['d1.0', 'year'],
    ['d1.2', 'kg'],
  ])
  expect(quantities[1]!.chart).toEqual({ category: 'site', aggregate: 'sum' })
  for (const quantity of quantities) expect(quantitySchema.safeParse(quantity).success).toBe(true)
})

test('without a text column every row is drawn', () => {
  const [quantity] = quantitiesOf({ ...dataset, columns: [column(0, 'kg', 'number')] })
  expect(quantity!.chart.category).toBeNull()
})

test('a quantity is written in the house style with its own over it', () => {
  const [quantity] = quantitiesOf(dataset)
  const document = {
    version: 1 as const,
    name: 'x',
    house: { marks: { minus: '−' }, fraction: [1, 1] as [number, number] },
    quantities: [],
    shown: null,
  }
  const style = styleOf(document, {
    ...quantity!,
    style: { fraction: [0, 0], marks: { group: ' ' } },
  })
  expect(style).toMatchObject({ fraction: [0, 0], marks: { minus: '−', group: ' ' } })
})

describe('levels of style', () => {
  const [quantity] = quantitiesOf(dataset)
  const document = {
    version: 1 as const,
    name: 'x',
    house: { locale: 'de' },
    quantities: [quantity!, { ...quantity!, id: 'other' }],
    shown: quantity!.id,
  }
  const shown = (from: typeof document) => from.quantities.find(({ id }) => id === quantity!.id)!

  test('a surface inherits from the quantity, and that from the house', () => {
    const set = withOwn(
      withOwn(document, quantity!.id, 'quantity', (own) => ({ ...own, fraction: [1, 1] })),
      quantity!.id,
      'tooltip',
      () => ({ fraction: [2, 2] }),
    ) as typeof document
    expect([
      styleOf(set, shown(set), 'tooltip').fraction,
      styleOf(set, shown(set), 'axis').fraction,
      styleOf(set, shown(set), 'axis').locale,
    ]).toEqual([[2, 2], [1, 1], 'de'])
    expect(levelsTo(set, shown(set), 'tooltip').map(({ level }) => level)).toEqual([
      'house',
      'quantity',
      'tooltip',
    ])
    expect(set.quantities[1]).toEqual(document.quantities[1])
  })

  test('what is set is kept even where it equals what would be inherited, and a surface with nothing set leaves no trace', () => {
    const equal = withOwn(document, quantity!.id, 'table', () => ({
      locale: 'de',
    })) as typeof document
    expect(shown(equal).surfaces).toEqual({ table: { locale: 'de' } })
    expect(
      shown(withOwn(equal, quantity!.id, 'table', () => ({})) as typeof document).surfaces,
    ).toBeUndefined()
    expect(
      withOwn(document, quantity!.id, 'house', (own) => ({ ...own, sign: 'always' })).house,
    ).toEqual({ locale: 'de', sign: 'always' })
  })
})

test('cells are exact decimals or nothing', () => {
  expect(toText(decimalOf(0.1)!)).toBe('0.1')
  expect(toText(decimalOf('12345678901234567890.5')!)).toBe('12345678901234567890.5')
  expect([decimalOf(null), decimalOf(NaN), decimalOf(Infinity)]).toEqual([null, null, null])
})

test.each([
  ['1,234.5', '.', '1234.5'],
  ['1.234,5', ',', '1234.5'],
  ['−2,25', ',', '-2.25'],
  ['+7', '.', '7'],
  ['1 234 567', '.', '1234567'],
  ["12'345", '.', '12345'],
  ['1.5e3', '.', '1500'],
  ['1,23', '.', null],
  ['12,34.5', '.', null],
  ['1.2M', '.', null],
  ['five', '.', null],
] as const)('the cell %s with mark %s is %s', (cell, mark, value) => {
  expect(readCell(cell, mark)).toBe(value)
})

test('missing cells and codes are told from numbers', () => {
  expect(['', ' ', 'NA', 'n/a', 'NaN', 'null', '-', '–'].every(isMissing)).toBe(true)
  expect(['0', 'no', 'x'].some(isMissing)).toBe(false)
  expect([isCode('007'), isCode('0'), isCode('0.5'), isCode('70')]).toEqual([
    true,
    false,
    false,
    false,
  ])
})

test.each([
  [['1,5', '2'], '\t', ','],
  [['1.5', '2'], ';', '.'],
  [['1,234', '5,678'], ',', '.'],
  [['1,234', '5,678'], ';', ','],
  [['1.234,5', '6'], '\t', ','],
] as const)('%j parted by %j has the decimal mark %s', (cells, delimiter, mark) => {
  expect(
    Math.sign(cells.reduce((votes, cell) => votes + speaksFor(cell, delimiter), 0)) < 0 ? ',' : '.',
  ).toBe(mark)
})

test('contracts refuse what the program could not use, and say where', () => {
  expect(ticksSchema.safeParse({ step: '0' }).success).toBe(false)
  expect(ticksSchema.safeParse({ step: '0.125' }).success).toBe(true)
  const bad = studyDocumentSchema.safeParse({
    version: 1 as const,
    name: 'x',
    house: { fraction: [0, 1] },
    quantities: [{ ...quantitiesOf(dataset)[0], style: { notation: 'loud' } }],
    shown: null,
  })
  expect(bad.error!.issues[0]!.path).toEqual(['quantities', 0, 'style'])
  expect(bad.error!.issues[0]!.message).toContain('style.notation: "loud" is not allowed')
})
