import { byName } from './byName'

const named = (wanted: string, ...names: string[]) => byName(names, wanted, (one) => [one])

test.each([
  ['revenue', ['Revenue', 'Harvest'], 'Revenue'],
  ['revenue', ['Revenue', 'revenue'], 'revenue'],
  ['REVENUE', ['Revenue', 'revenue'], undefined],
  ['rev', ['Revenue'], undefined],
])('%s among %j is %s', (wanted, names, found) => {
  expect(named(wanted, ...names)).toBe(found)
})
