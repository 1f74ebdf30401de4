import { decimal, toText } from '../../core/decimal/decimal'
import type { ColumnReason } from '../study/columnReason'
import { resolve } from '../../core/label/resolve'
import { inherit } from '../../core/style/inherit'
import { styleOf } from '../quantities'
import type { ChartWishes } from '../study/chart'
import type { Quantity } from '../study/quantity'
import type { StudyDocument } from '../study/document'
import type { StyledPart } from '../forms/parts'
import type { Drawing } from '../forms/types'
import { drawingOf } from './drawing'
import { binEdges, binLabels, binOf } from './legend'
import { markTexts, partNumbers } from './marks'
import { messageOf, piecesFor, quoted, variablesOf } from './messages'

const values = (...texts: string[]) => texts.map((text) => decimal(text))
const chart: ChartWishes = { category: 'site', aggregate: 'sum' }
const drawing = drawingOf(
  chart,
  {},
  { categories: ['a', 'b', 'c'], values: values('50', '30', '20') },
)!
const style = inherit({ unit: { kind: 'symbol', text: 'kg' } })
const styling = ({ partStyles }: Partial<ChartWishes>, own = style) => {
  const quantity = { style: own, chart: { ...chart, partStyles } } as unknown as Quantity
  const document = { house: {}, quantities: [quantity] } as unknown as StudyDocument
  return (part: StyledPart) => styleOf(document, quantity, part)
}
const texts = (wishes: Partial<ChartWishes>) =>
  markTexts(drawing, { ...chart, ...wishes }, styling(wishes), {}, undefined).map((parts) =>
    parts.map(({ part, line, text }) => `${part} ${line} ${text}`),
  )

test('parts of a mark: the number changes by itself, the others stand in brackets behind it', () => {
  expect(texts({})).toEqual([['value 0 null'], ['value 0 null'], ['value 0 null']])
  expect(texts({ parts: ['value', 'share', 'name'] })[0]).toEqual([
    'value 0 null',
    'share 0 (50%)',
    'name 0 (a)',
  ])
})

test('on two lines the second stands by itself, and the first mark has no change to tell', () => {
  const found = texts({ parts: ['value', 'change'], lines: 2 })
  expect(found).toEqual([
    ['value 0 null'],
    ['value 0 null', 'change 1 -20\u00a0kg'],
    ['value 0 null', 'change 1 -10\u00a0kg'],
  ])
})

test('each part has a style of its own over what the program gives it', () => {
  expect(
    texts({ parts: ['value', 'share'], partStyles: { share: { fraction: [2, 2] } } })[1],
  ).toEqual(['value 0 null', 'share 0 (30.00%)'])
  expect(styling({}, inherit({ sign: 'parentheses' }))('change').sign).toBe('parentheses')
  expect(styling({ partStyles: { change: { sign: 'always' } } })('change').sign).toBe('always')
  expect(numbers(drawing, 'share')).toEqual(['0.5', '0.3', '0.2'])
  expect(numbers(drawing, 'change')).toEqual([null, '-20', '-10'])
})

const numbers = (of: Drawing, part: StyledPart) =>
  partNumbers[part](of).map((number) => number && toText(number))

test('a share is told of all or of its panel, and a change from another column where that has a number', () => {
  const rows = {
    categories: ['a', 'b', 'a', 'b'],
    values: values('6', '2', '1', '1'),
    panels: ['x', 'x', 'y', 'y'],
    against: [decimal('4'), null, decimal('2'), decimal('0')],
  }
  const panelled = drawingOf(chart, {}, rows)!
  expect(numbers(panelled, 'share')).toEqual(['0.6', '0.2', '0.1', '0.1'])
  expect(numbers(panelled, 'seriesShare')).toEqual(['0.75', '0.25', '0.5', '0.5'])
  expect(numbers(panelled, 'against')).toEqual(['0.5', null, '-0.5', null])
  const found = markTexts(
    panelled,
    { ...chart, parts: ['value', 'seriesShare', 'against'], against: 'before' },
    styling({}),
    { recorded: 3 },
    undefined,
  ).map((parts) => parts.map(({ text }) => text))
  expect(found).toEqual([
    [null, '(75%)', '(+50%)'],
    [null, '(25%)'],
    [null, '(50%)', '(-50%)'],
    [null, '(50%)'],
  ])
})

test('bins have round edges around all numbers, and each number is in one of them', () => {
  const numbers = values('0.1', '0.7', '1.2', '1.9')
  const edges = binEdges(numbers)
  expect(edges.map(toText)).toEqual(['0', '0.5', '1', '1.5', '2'])
  expect([...numbers, decimal(2)].map((value) => binOf(value, edges))).toEqual([0, 1, 2, 3, 3])
  expect(binLabels(resolve({ fraction: [1, 1] }), edges)).toEqual([
    '0.0–0.5',
    '0.5–1.0',
    '1.0–1.5',
    '1.5–2.0',
  ])
  expect(binEdges([])).toEqual([])
})

test('what texts can put in follows the chart; a name is told apart by its panel', () => {
  const found = variablesOf(drawing, values('50', '30', '20'))
  expect([
    found.largestName,
    found.leastName,
    toText(found.total as never),
    toText(found.mean as never).slice(0, 5),
  ]).toEqual(['a', 'c', '100', '33.33'])
  const panelled = drawingOf(
    chart,
    {},
    { categories: ['a', 'a'], values: values('1', '2'), panels: ['x', 'y'] },
  )!
  expect(variablesOf(panelled, values('1', '2')).largestName).toBe('a, y')
  expect(variablesOf(null, [])).toEqual({})
})

test('the program’s own sentence is right for one mark, equal marks, means and what is below zero', () => {
  const said = (aggregate: string, ...texts: string[]) =>
    messageOf({ chart: { ...chart, aggregate } } as unknown as Quantity, 'sentence', {
      all: texts.map((text, at) => ({ category: `c${at}`, value: values(text)[0]! })),
    } as never)
  expect(said('sum', '3')).toBe('{$largestName}: {$largest}.')
  expect(said('sum', '3', '3.0')).toBe('All have {$largest}.')
  expect(said('sum', '3', '0')).toContain('has the most')
  expect(said('sum', '3', '-1')).toContain('is highest with {$largest}')
  expect(said('mean', '3', '1')).toContain('{$leastName} lowest with {$least}')
})

test('a quantity without texts has the program’s own, and names that need it stand between bars', () => {
  const quantity = { chart, texts: { headline: 'Mine' } } as unknown as Quantity
  expect(messageOf(quantity, 'headline')).toBe('Mine')
  expect(messageOf(quantity, 'sentence')).toContain('{$largestName} has the most')
  expect(
    messageOf({ chart: { ...chart, aggregate: 'least' } } as unknown as Quantity, 'headline'),
  ).toBe('{$least}')
  expect(['site', 'depth m', 'a|b', '2nd'].map(quoted)).toEqual([
    'site',
    '|depth m|',
    '|a\\|b|',
    '|2nd|',
  ])
})

test('what can be put in speaks of each column by what it holds', () => {
  const column = (
    name: string,
    kind: 'number' | 'text',
    reason: ColumnReason = { code: 'text' },
  ) => ({ name, kind, reason })
  const pieces = piecesFor('depth m', [
    column('site', 'text'),
    column('laid', 'text', { code: 'dates', order: 'iso' }),
    column('depth m', 'number'),
    column('year', 'number'),
  ])
  expect(pieces).toEqual(
    expect.arrayContaining([
      '{|depth m| :span}',
      '{site :where largest=|depth m|}',
      '{laid :days largest=|depth m|}',
      '{year :total}',
    ]),
  )
  expect(pieces).not.toContain('{site :date largest=|depth m|}')
})
