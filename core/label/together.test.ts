import { decimal } from '../decimal/decimal'
import type { Style } from '../style/fields'
import { inherit } from '../style/inherit'
import { apartIn } from '../style/together'
import { labeller } from './labeller'
import { resolve } from './resolve'
import { togetherFor } from './together'

const EURO: Style = { unit: { kind: 'currency', code: 'EUR', display: 'symbol' } }
const union = [5_250_000, 980_000, 412].map((one) => decimal(one))
const written = (style: Style, value: number) =>
  labeller(resolve(style, { values: [value] })).label(value)

test.each<[Style, [string, string]]>([
  [{ notation: 'scaled', rung: 'shared', fraction: [1, 1] }, ['€5.3M', '0.0M']],
  [{ notation: 'scaled', rung: 'each', fraction: [0, 1] }, ['€5.3M', '412']],
  [{ notation: 'scientific', exponent: 'shared', fraction: [1, 1] }, ['€5.3×10⁶', '0.0×10⁶']],
  [{ fraction: [0, 0] }, ['€5,250,000', '412']],
])('%j writes one number of each as it writes all', (style, [money, count]) => {
  const common = togetherFor(inherit(style), union)
  expect(written({ ...EURO, ...common }, 5_250_000)).toBe(money)
  expect(written(common, 412)).toBe(count)
  expect(apartIn(inherit(EURO, common), inherit(common))).toEqual([])
})

test('numbers that reach no rung are written without one', () => {
  const common = togetherFor(inherit({ notation: 'scaled', rung: 'shared' }), [decimal(412)])
  expect(common.notation).toBe('plain')
})

test('decimals that follow from a unit are told apart', () => {
  expect(apartIn(inherit(EURO), inherit({}))).toEqual(['fraction'])
})
