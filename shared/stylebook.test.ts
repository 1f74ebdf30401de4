import { styleOf } from './quantities'
import { isSameStyle, linkedAt, placeOf, updatesOf, withLinked } from './stylebook'
import { newDocument, studyDocumentSchema } from './study/document'
import type { Quantity } from './study/quantity'

const quantity = {
  id: 'q1',
  datasetId: 'd',
  column: 'revenue',
  title: 'Revenue',
  recorded: 0,
  style: { fraction: [2, 2] },
  surfaces: { axis: { sign: 'always' } },
  chart: { category: null, aggregate: 'sum' },
  ticks: {},
} as Quantity
const document = {
  ...newDocument('Harvest'),
  house: { sign: 'exceptZero' as const },
  quantities: [quantity],
}
const money = {
  name: 'Money',
  version: 1,
  style: { notation: 'scaled', fraction: [0, 1], sign: 'parentheses' },
} as const
const entry = money as never

test('a level takes a style of the stylebook, and its own fields win', () => {
  const linked = withLinked(document, placeOf('q1', 'quantity'), entry)
  expect(styleOf(linked, quantity)).toMatchObject({
    notation: 'scaled',
    fraction: [2, 2],
    sign: 'parentheses',
  })
  expect(styleOf(linked, quantity, 'axis').sign).toBe('always')
  expect(styleOf(linked, quantity, 'table').sign).toBe('parentheses')
  expect(studyDocumentSchema.safeParse(linked).success).toBe(true)
})

test('the house takes one under its own, and a surface one over the quantity', () => {
  const house = withLinked(document, placeOf('q1', 'house'), entry)
  expect(styleOf(house, quantity, 'house')).toMatchObject({
    notation: 'scaled',
    sign: 'exceptZero',
  })
  const table = withLinked(document, placeOf('q1', 'table'), entry)
  expect(styleOf(table, quantity, 'table').fraction).toEqual([0, 1])
  expect(styleOf(table, quantity, 'marks').fraction).toEqual([2, 2])
})

test('a place takes one style, another in its stead, or none', () => {
  const place = placeOf('q1', 'axis')
  const once = withLinked(document, place, entry)
  const again = withLinked(once, place, { ...(entry as object), name: 'Weights' } as never)
  expect([linkedAt(once, place)?.name, again.linked!.map(({ name }) => name)]).toEqual([
    'Money',
    ['Weights'],
  ])
  expect(withLinked(again, place, null).linked).toBeUndefined()
})

test('an update is told of each place whose style is another now, whatever its version', () => {
  const linked = withLinked(
    withLinked(document, placeOf('q1', 'axis'), entry),
    placeOf('gone', 'quantity'),
    entry,
  )
  const reordered = { sign: 'parentheses', fraction: [0, 1], notation: 'scaled' } as const
  expect(isSameStyle(reordered as never, money.style as never)).toBe(true)
  const placesFor = (style: object) =>
    updatesOf(linked, [{ name: 'Money', version: 1, style: style as never }]).map(
      ({ place }) => place.surface,
    )
  expect([placesFor(reordered), placesFor({ ...reordered, sign: 'auto' })]).toEqual([[], ['axis']])
  expect(updatesOf(linked, [])).toEqual([])
})

test.each([
  ['a surface without its quantity', { surface: 'axis' }, 'a surface is one of a quantity'],
  ['a name that no file can have', { name: '../Money' }, 'takes a name without'],
  ['a style that is none', { style: { sign: 'loud' } }, 'loud'],
])('%s is refused', (_, more, message) => {
  const linked = [{ ...money, ...more }]
  expect(studyDocumentSchema.safeParse({ ...document, linked }).error?.message).toContain(message)
})
