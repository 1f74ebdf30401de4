import { pageIn, quantityIn, studyOf } from './testing/pages'
import { shift } from '../../core/decimal/arithmetic'
import { toText } from '../../core/decimal/decimal'
import { runPlacedAlone } from './check'
import { UNIT_TABLES, type UnitTable } from './testing/unitTables'

/** The page of a column with its total, as it opens behind an import. */
function pageOf({ table, column, rates }: UnitTable) {
  const study = studyOf(table)
  const quantity = { ...quantityIn(study, column), total: 'plain' as const }
  return pageIn(study, quantity, { quantities: [quantity], rates })
}
type Page = ReturnType<typeof pageOf>

/** The unit that the rows of a page are added up in. */
function unitOf({ common, quantity, recorded }: Page): string {
  const { unit } = quantity.style
  if (common) return common.unit
  if (recorded.measure !== undefined) return recorded.measure
  if (unit?.kind === 'currency') return String(unit.code)
  if (unit?.kind === 'symbol') return unit.text
  return unit && unit.kind !== 'none' ? unit.kind : ''
}

test('forty tables with units have an answer by hand', () =>
  expect(UNIT_TABLES.length).toBeGreaterThanOrEqual(40))

test.each(UNIT_TABLES.map((one) => [one.says, one] as const))('%s', (_, one) => {
  const page = pageOf(one)
  const { total, mixed } = page
  if (one.unit === null) expect(mixed).not.toBeNull()
  else expect([mixed, unitOf(page)]).toEqual([null, one.unit])
  expect(total && toText(shift(total, page.quantity.recorded))).toBe(one.total)
  const { unread } = page.dataset.columns.find(({ name }) => name === one.column)!
  expect(unread.map(({ row }) => row)).toEqual(one.unread ?? [])
  const errors = page.subjects.flatMap(({ surface, subject }) =>
    runPlacedAlone(subject).flatMap(({ check, severity }) =>
      severity === 'error' ? [`${check} on ${surface}`] : [],
    ),
  )
  // Amounts that share no scale are told wherever they would stand together.
  if (one.unit === null) expect(errors).toContain('mixed-units on table')
  else expect(errors).toEqual(one.unread ? ['text-as-number on table'] : [])
})
