import { halves } from './align'
import { labeller } from './labeller'
import { resolve } from './resolve'
import type { Style } from '../style/schemas'
import type { Value } from './types'

const parts = (style: Style, value: Value) => labeller(resolve(style)).parts(value)
const euro: Style = { unit: { kind: 'currency', code: 'EUR' }, fraction: [0, 2] }

test.each<[Style, Value, [string, string]]>([
  [euro, -1234.5, ['-€1,234', '.5']],
  [euro, 12, ['€12', '']],
  [{ notation: 'scaled', fraction: [0, 1] }, 1500, ['1', '.5K']],
  [{ notation: 'scaled' }, 2e6, ['2', 'M']],
  [{}, Infinity, ['∞', '']],
])('%j writes %p with the decimal mark at the cut: %j', (style, value, expected) => {
  expect(halves(parts(style, value), 'decimal')).toEqual(expected)
})

test('the edges are what stands before the number, and the number with what follows', () => {
  expect(halves(parts(euro, -1234.5), 'edges')).toEqual(['-€', '1,234.5'])
  expect(halves(parts(euro, null), 'edges')).toEqual(['', '–'])
  expect(halves(parts(euro, 5), 'end')).toEqual(['', '€5'])
})
