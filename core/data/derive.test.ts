import fc from 'fast-check'
import { add, sum } from '../decimal/arithmetic'
import { decimal, toText } from '../decimal/decimal'
import { derive, type DerivationId, type Given } from './derive'

const cells = (...texts: (string | null)[]) =>
  texts.map((text) => (text === null ? null : decimal(text)))
const said = (values: ReturnType<typeof derive>) =>
  values.map((value) => value && toText(value).slice(0, 12))

const given: Given = {
  column: cells('2', '0', null, '0'),
  number: decimal('0.1'),
  groups: ['a', 'b', 'a', 'b'],
}
test.each<[DerivationId, (string | null)[]]>([
  ['sum', ['10', '3', null, '0']],
  ['difference', ['6', '3', null, '0']],
  ['product', ['16', '0', null, '0']],
  ['ratio', ['4', null, null, null]],
  ['change', ['3', null, null, null]],
  ['share', ['0.6153846153', '0.2307692307', '0.1538461538', '0']],
  ['groupShare', ['0.8', '1', '0.2', '0']],
  ['times', ['0.8', '0.3', '0.2', '0']],
  ['over', ['80', '30', '20', '0']],
  ['plus', ['8.1', '3.1', '2.1', '0.1']],
  ['rowChange', [null, '-5', '-1', '-2']],
  ['rowGrowth', [null, '-0.625', '-0.333333333', '-1']],
  ['running', ['8', '11', '13', '13']],
])('%s, missing where a cell is missing or nothing divides it', (id, expected) => {
  expect(said(derive(id, cells('8', '3', '2', '0'), given))).toEqual(expected)
})

test('a missing cell has no running total, no change after it, and no share', () => {
  const holed = cells('1', null, '4')
  expect(said(derive('running', holed))).toEqual(['1', null, '5'])
  expect(said(derive('rowChange', holed))).toEqual([null, null, null])
  expect(said(derive('share', holed))).toEqual(['0.2', null, '0.8'])
})

const one = fc
  .tuple(fc.integer({ min: 1, max: 1e6 }), fc.integer({ min: -9, max: 9 }))
  .map(([n, power]) => decimal(`${n}e${power}`))

test('shares make one, and a difference and what it was less of make the whole again', () => {
  fc.assert(
    fc.property(
      fc.array(one, { minLength: 1, maxLength: 20 }),
      fc.array(one, { minLength: 20, maxLength: 20 }),
      (a, b) => {
        const whole = Number(toText(sum(derive('share', a).map((value) => value!))))
        expect(Math.abs(whole - 1)).toBeLessThan(1e-12)
        const less = derive('difference', a, { column: b })
        expect(less.map((value, at) => toText(add(value!, b[at]!)))).toEqual(a.map(toText))
      },
    ),
  )
})

test('running totals of the differences to the row before make the column again', () => {
  fc.assert(
    fc.property(fc.array(one, { minLength: 1, maxLength: 20 }), (a) => {
      const changes = [a[0]!, ...derive('rowChange', a).slice(1)]
      expect(derive('running', changes).map((value) => toText(value!))).toEqual(a.map(toText))
    }),
  )
})
