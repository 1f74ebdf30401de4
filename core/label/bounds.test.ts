import fc from 'fast-check'
import { compare } from '../decimal/arithmetic'
import { decimal } from '../decimal/decimal'
import type { Style } from '../style/fields'
import { labeller } from './labeller'
import type { Interval } from './readback'
import { resolve } from './resolve'

describe('bounds', () => {
  const write = (style: Style, value: number | string) =>
    labeller(resolve(style, { values: [value] })).label(value)

  test.each<[Style, number | string, string]>([
    [{ under: '0.001', fraction: [2, 2] }, '0.0004', '<0.001'],
    [{ under: '5', fraction: [2, 2] }, 1, '<5.00'],
    [{ under: '12345.5', significant: [1, 2] }, 1, '<12,345.5'],
    [{ over: '999950', notation: 'scaled', fraction: [0, 1] }, 1e7, '>999.95K'],
    [{ over: '1000', notation: 'scaled', ladder: 'binary', fraction: [0, 0] }, 2000, '>1,000'],
    [{ over: '1536', notation: 'scaled', ladder: 'binary', fraction: [0, 0] }, 9000, '>1.5Ki'],
    [{ over: '0.1234', unit: { kind: 'percent' }, fraction: [0, 0] }, 1, '>12.34%'],
    [{ under: '7', increment: '5' }, 1, '<7'],
    [{ over: '1.25', notation: 'scientific', exponent: 3, fraction: [0, 1] }, 2, '>0.00125×10³'],
    [{ under: '1', factor: '-1' }, 0, '>-1'],
    [{ notation: 'multiple', under: '0.1', fraction: [0, 2] }, 0.01, '<0.04π'],
    [{ notation: 'multiple', over: '3', fraction: [0, 2] }, 4, '>0.95π'],
  ])('%j writes every digit of its bound: %s as %s', (style, value, label) => {
    expect(write(style, value)).toBe(label)
  })

  test('what lies beyond is what the label says, whatever the style', () => {
    const bound = fc
      .tuple(fc.integer({ min: -99999, max: 99999 }), fc.integer({ min: -6, max: 4 }))
      .map(([digits, power]) => `${digits}e${power}`)
    const styles = fc.constantFrom<Style>(
      {},
      { fraction: [0, 0] },
      { significant: [1, 2] },
      { notation: 'scaled' },
      { notation: 'scaled', ladder: 'binary', fraction: [0, 0] },
      { notation: 'engineering' },
      { factor: '-2.5', fraction: [1, 1] },
    )
    fc.assert(
      fc.property(bound, styles, fc.constantFrom('under', 'over'), (limit, style, side) => {
        const value = side === 'under' ? '-1e12' : '1e12'
        const by = labeller(resolve({ ...style, [side]: limit }, { values: [value] }))
        const said = by.read(by.label(value)).value as Interval
        const end = side === 'under' ? said.to : said.from
        expect(side === 'under' ? said.from : said.to).toBeNull()
        expect(compare(end!, decimal(limit))).toBe(0)
      }),
    )
  })
})

test('bounds that cross are refused, by a case as by the style, and equal ones are not', () => {
  expect(() => resolve({ under: '5', over: '1' })).toThrow('style.under: "5" is not allowed')
  expect(() => resolve({ under: '5', over: '5' })).not.toThrow()
  const use = { under: '1e3' }
  const when = { magnitude: { from: 3 } }
  expect(() => resolve({ over: '100', cases: [{ when, use }] })).toThrow('under')
})

test.each([
  [{ magnitude: { from: 6, to: 3 } }],
  [{ magnitude: { from: 3, to: 3 } }],
  [{ width: { from: 800, to: 400 } }],
])('a case that ends before it begins is refused: %j', (when) => {
  expect(() => resolve({ cases: [{ when, use: {} }] })).toThrow('cases[0] ends at')
})
