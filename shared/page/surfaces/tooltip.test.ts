import { toText } from '../../../core/decimal/decimal'
import { pageOf, TOWNS } from '../testing/pages'
import { tooltip } from './tooltip'

test('every mark has a number, even if only a few marks have a label', () => {
  const page = pageOf(TOWNS, 'visits', { chart: { few: true } })
  const { groups } = page.drawing!
  expect(tooltip.numbers.make(page).map(toText)).toEqual(groups.map(({ value }) => toText(value)))
  expect(tooltip.marks!(page.drawing!)).toEqual([0, 1, 2])
})

test('its labels have no names', () => {
  expect(tooltip.nameAt(pageOf(TOWNS, 'visits'), 0)).toBeNull()
})
