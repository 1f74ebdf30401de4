import { columnReasonSchema, earlierReason, isDerived } from './columnReason'
import { derivedText, columnReasonText } from './columnReasonText'

test.each([
  ['Dates: year, month, day', { code: 'dates', order: 'iso' }],
  ['Dates: day, month, year', { code: 'dates', order: 'dmy' }],
  ['Dates: month, day, year', { code: 'dates', order: 'mdy' }],
  [
    'Dates: whether day or month comes first is unclear; a sentence that uses them says it with order=dmy or order=mdy',
    { code: 'dates', order: 'unclear' },
  ],
  ['Made: the sum of a and b', { code: 'derivedEarlier', text: 'the sum of a and b' }],
  [
    'Number: all 24 cells are numbers',
    { code: 'earlier', text: 'Number: all 24 cells are numbers' },
  ],
])('the sentence “%s” of an earlier version is read as its code', (sentence, reason) => {
  expect(earlierReason(sentence)).toEqual(reason)
  expect(columnReasonSchema.parse(sentence)).toEqual(reason)
})

test.each([
  [{ code: 'dates', order: 'iso' }, 'Dates: year, month, day'],
  [{ code: 'role', role: 'code' }, 'You chose: codes'],
  [{ code: 'years', from: 2021, to: 2024 }, 'Years: they run from 2021 to 2024'],
  [{ code: 'derivedEarlier', text: 'the sum of a and b' }, 'Calculated: the sum of a and b'],
  [
    { code: 'earlier', text: 'Number: all 24 cells are numbers' },
    'Number: all 24 cells are numbers',
  ],
  [{ code: 'numbers', numbers: 1, filled: 1 }, 'Numbers: its only cell is a number'],
  [
    { code: 'numbers', numbers: 2991, filled: 3000, rows: [4, 9, 11, 12, 20] },
    'Numbers: 2,991 of 3,000 cells are numbers; 9 cannot be read (rows 4, 9, 11, 12, 20 and 4 more)',
  ],
] as const)('the reason %j has its text', (reason, text) =>
  expect(columnReasonText(columnReasonSchema.parse(reason))).toBe(text),
)

test('a column of ratios is said to hold ratios', () =>
  expect(columnReasonText({ code: 'numbers', numbers: 3, filled: 3 }, 'ratio')).toBe(
    'Ratios: all 3 cells are numbers',
  ))

test('a calculated column says how, and is known by its code', () => {
  const how = { by: 'product', of: 'weight', and: 'price' } as const
  expect(derivedText(how)).toMatch(/^Calculated: .*weight.*price$/)
  expect([isDerived({ code: 'derived', ...how }), isDerived({ code: 'text' })]).toEqual([
    true,
    false,
  ])
})

test('a code that nobody knows is refused', () =>
  expect(columnReasonSchema.safeParse({ code: 'because' }).success).toBe(false))
