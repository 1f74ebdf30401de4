import { toText } from '../../../core/decimal/decimal'
import { marks } from './marks'
import { pageOf, TOWNS } from '../testing/pages'

test('its numbers are those of the labelled marks, and each has the name of its mark', () => {
  const page = pageOf(TOWNS, 'visits')
  const { groups, labelled } = page.drawing!
  const numbers = marks.numbers.make(page)
  expect(numbers.map(toText)).toEqual(labelled.map((at) => toText(groups[at]!.value)))
  expect(marks.marks!(page.drawing!)).toEqual(labelled)
  expect(numbers.map((_, at) => marks.nameAt(page, at))).toEqual(['Brodd', 'Ask', 'Una'])
  expect(marks.nameAt(page, 99)).toBeNull()
})

test('marks without a label have no number here', () => {
  const page = pageOf(TOWNS, 'visits', { chart: { few: true } })
  expect(marks.numbers.make(page).length).toBeLessThan(page.drawing!.groups.length)
})
