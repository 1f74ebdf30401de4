import fc from 'fast-check'
import { add, sum } from '../decimal/arithmetic'
import { decimal, toText } from '../decimal/decimal'
import { derive, type DerivationId } from './derive'

const cells = (...texts: (string | null)[]) =>
  texts.map((text) => (text === null ? null : decimal(text)))
const said = (values: ReturnType<typeof derive>) =>
  values.map((value) => value && toText(value).slice(0, 12))

test.each<[DerivationId, (string | null)[]]>([
  ['sum', ['10', '3', null, '0']],
  ['difference', ['6', '3', null, '0']],
  ['product', ['16', '0', null, '0']],
  ['ratio', ['4', null, null, null]],
  ['change', ['3', null, null, null]],
  ['share', ['0.6153846153', '0.2307692307', '0.1538461538', '0']],
])('%s, missing where a cell is missing or nothing divides it', (id, expected) => {
  expect(said(derive(id, cells('8', '3', '2', '0'), cells('2', '0', null, '0')))).toEqual(expected)
})

test('shares make one, and a difference and what it was less of make the whole again', () => {
  const one = fc
    .tuple(fc.integer({ min: 1, max: 1e6 }), fc.integer({ min: -9, max: 9 }))
    .map(([n, power]) => decimal(`${n}e${power}`))
  fc.assert(
    fc.property(
      fc.array(one, { minLength: 1, maxLength: 20 }),
      fc.array(one, { minLength: 20, maxLength: 20 }),
      (a, b) => {
        const whole = Number(toText(sum(derive('share', a, []).map((value) => value!))))
        expect(Math.abs(whole - 1)).toBeLessThan(1e-12)
        expect(derive('difference', a, b).map((value, at) => toText(add(value!, b[at]!)))).toEqual(
          a.map(toText),
        )
      },
    ),
  )
})
