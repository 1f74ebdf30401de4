import { tellingValues } from '~~/core/data/telling'
import { decimal } from '~~/core/decimal/decimal'
import { resolve } from '~~/core/label/resolve'
import { inherit } from '~~/core/style/inherit'
import { groundOf, LOW_ROW, placesOf, ROW, spokenRows } from './face'
import { railOf } from './rail'

const style = inherit({ notation: 'scaled', rung: 6, fraction: [1, 1] })
const rail = railOf(resolve(style), tellingValues(['1739346.2', '492782.66', '307502.88'].map((text) => decimal(text)))!, null)

test.each([ROW, LOW_ROW])('rows of %i pixels follow each other, with their digits inside', (height) => {
  const { top, baseline, axis, bottom } = placesOf(rail, 900, height)
  rail.rows.forEach((_, at) => {
    expect(top(at + 1) - top(at)).toBe(height)
    for (const y of [axis(at), baseline(at)]) expect([y > top(at), y < top(at + 1)]).toEqual([true, true])
    expect(axis(at)).toBeLessThan(baseline(at))
  })
  expect(bottom).toBe(top(rail.rows.length))
})

test('columns stand a power apart, and a place in one is nearest to its power', () => {
  const { right, middle, powerAt, column, end } = placesOf(rail, 900, ROW)
  for (let power = rail.low; power <= rail.high; power++) {
    expect(right(power) - middle(power)).toBeCloseTo(column / 2, 9)
    expect([powerAt(right(power)), powerAt(right(power) - column * 0.4), powerAt(right(power) + column * 0.4)]).toEqual([power, power, power])
  }
  expect(end).toBeGreaterThan(right(rail.low))
})

test('the ground is another when rows are lower, and the same while labels alone change', () => {
  const ground = (one: typeof rail, height: number) => groundOf(one, style, placesOf(one, 900, height))
  expect(ground(rail, LOW_ROW)).not.toBe(ground(rail, ROW))
  const others = { ...rail, rows: rail.rows.map((row) => ({ ...row, label: '2M', off: '1' })) }
  expect(ground(others, ROW)).toBe(ground(rail, ROW))
})

test('the rail is told in words, a row each', () => {
  const told = spokenRows(rail).split('; ')
  expect(told.length).toBe(rail.rows.length)
  expect(told[0]).toBe('largest: written 1.7M, read as 1,700,000, off by 39,346.2')
})
