import fc from 'fast-check'
import { dateOf, dayOf, orderOf } from './dates'

test('a day of the calendar is found, and nothing else is', () => {
  expect(
    ['1970-01-02', '2026-04-25T08:30:00Z', '2026-02-30', '25.04.2026', '2026-4-5'].map((text) =>
      dayOf(text),
    ),
  ).toEqual([1, 20568, null, null, null])
  expect([
    dayOf('25.4.2026', 'dmy'),
    dayOf('4/25/2026', 'mdy'),
    dayOf('25/4/2026', 'mdy'),
    dayOf('25.4/2026', 'dmy'),
  ]).toEqual([20568, 20568, null, null])
})

test.each([
  [['2026-04-25', '', '2025-01-01'], 'iso'],
  [['03/04/2026', '25/04/2026'], 'dmy'],
  [['03/04/2026', '04/25/2026'], 'mdy'],
  [['03/04/2026', '04/05/2026'], 'unclear'],
  [['03.04.2026'], 'dmy'],
  [['13/04/2026', '04/13/2026'], null],
  [['2026-04-25', 'soon'], null],
  [['', ''], null],
])('dates written as %j are in the order %s', (texts, order) => {
  expect(orderOf(texts)).toBe(order)
})

test('every day comes back from each way of writing it', () => {
  const two = (number: number) => String(number).padStart(2, '0')
  fc.assert(
    fc.property(fc.integer({ min: -100_000, max: 200_000 }), (day) => {
      const date = dateOf(day)
      const [y, m, d] = [date.getUTCFullYear(), date.getUTCMonth() + 1, date.getUTCDate()]
      expect([
        dayOf(`${y}-${two(m)}-${two(d)}`),
        dayOf(`${d}.${m}.${y}`, 'dmy'),
        dayOf(`${m}/${d}/${y}`, 'mdy'),
      ]).toEqual([day, day, day])
    }),
  )
})
