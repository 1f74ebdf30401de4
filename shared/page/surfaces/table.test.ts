import { toText } from '../../../core/decimal/decimal'
import { table } from './table'
import { pageOf, TOWNS } from '../testing/pages'

test('it has a cell for every row, and a number for every cell that holds one', () => {
  const page = pageOf(TOWNS, 'visits')
  expect(table.values!.make(page)).toHaveLength(4)
  expect(table.numbers.make(page).map(toText)).toEqual(['120000', '1400000', '98000'])
})

test('a label gives the number and the name of its row', () => {
  const page = pageOf(TOWNS, 'visits')
  const numberAt = (at: number) => table.numberAt(page, table.numbers.make(page), at)
  expect(numberAt(1) && toText(numberAt(1)!)).toBe('1400000')
  expect(numberAt(3)).toBeNull()
  expect([0, 3, 9].map((at) => table.nameAt(page, at))).toEqual(['Ask', 'Esk', null])
})
