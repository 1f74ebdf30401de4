import { toText } from '../../../core/decimal/decimal'
import { headline } from './headline'
import { pageOf, TOWNS } from '../testing/pages'

test('its numbers are those in its message, in order', () => {
  const page = pageOf(TOWNS, 'visits', { texts: { headline: '{$total} in all, {$largest} once' } })
  const numbers = headline.numbers.make(page)
  expect(numbers.map(toText)).toEqual(['1618000', '1400000'])
  expect(toText(headline.numberAt(page, numbers, 1)!)).toBe('1400000')
})

test('its rung is shared with the data labels and the extremes of the data', () => {
  const { values } = headline.sharing.make(pageOf(TOWNS, 'visits'))
  expect([...values!].map(Number)).toEqual([1400000, 120000, 98000, 98000, 1400000])
})
