import { toText } from '../../../core/decimal/decimal'
import { pageOf, TOWNS } from '../testing/pages'
import { tooltip } from './tooltip'

test('every mark says its number, though few of them have a label', () => {
  const page = pageOf(TOWNS, 'visits', { chart: { few: true } })
  const { groups } = page.drawing!
  expect(tooltip.numbers.make(page).map(toText)).toEqual(groups.map(({ value }) => toText(value)))
  expect(tooltip.marks!(page.drawing!)).toEqual([0, 1, 2])
})

test('it stands in no place of the page where a number could be pointed at by name', () => {
  expect(tooltip.nameAt(pageOf(TOWNS, 'visits'), 0)).toBeNull()
})
