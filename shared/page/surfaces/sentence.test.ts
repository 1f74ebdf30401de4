import { toText } from '../../../core/decimal/decimal'
import { sentence } from './sentence'
import { pageOf, TOWNS } from '../testing/pages'

test('its numbers are those in its message; none can be picked', () => {
  const page = pageOf(TOWNS, 'visits')
  const numbers = sentence.numbers.make(page)
  expect(numbers.map(toText)).toEqual(['1400000', '98000'])
  expect(sentence.numberAt(page, numbers, 0)).toBeNull()
})

test('a callout on a mark is checked with it', () => {
  const checked = (callout?: { at: string }) =>
    sentence.checked.make(pageOf(TOWNS, 'visits', { chart: { callout } }))
  const countOf = (one: ReturnType<typeof checked>) => ('values' in one ? one.values.length : null)
  expect(countOf(checked())).toBe(2)
  expect(countOf(checked({ at: 'Brodd' }))).toBe(3)
})
