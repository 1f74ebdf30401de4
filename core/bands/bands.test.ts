import fc from 'fast-check'
import { compare, magnitudeOf } from '../decimal/arithmetic'
import { decimal, toText } from '../decimal/decimal'
import { resolve } from '../label/resolve'
import { joined } from '../label/write'
import type { Style } from '../style/schemas'
import { type Band, bandFor, bandsOf } from './bands'
import { takenAt } from './frame'

const said = (bands: readonly Band[]) =>
  bands.map(({ from, frame: { before, after, number } }) =>
    [
      toText(from),
      joined(before),
      number && `${number.power} ${number.least}-${number.most} ${number.isGrouped}`,
      joined(after),
    ].join('|'),
  )
const above = (style: Style) => said(bandsOf(resolve(style), [-2, 8]).above)

test.each<[Style, string[]]>([
  [{}, ['0||0 0-3 true|']],
  [
    { notation: 'scaled', fraction: [0, 1] },
    ['0||0 0-1 null|', '999.95||-3 0-1 null|K', '999950||-6 0-1 null|M'],
  ],
  [{ fraction: [1, 2], grouping: 'min2' }, ['0||0 1-2 false|', '9999.995||0 1-2 true|']],
  [{ fraction: [2, 2], trailingZeros: 'stripIfInteger' }, ['0||0 2-2 true|']],
  [{ unit: { kind: 'percent' }, fraction: [0, 1] }, ['0||2 0-1 true|%']],
  [{ under: '25', over: '5000' }, ['0|<25||', '25||0 0-3 true|', '5000.00000000000001|>5,000||']],
  [{ notation: 'scientific', exponentForm: 'E' }, ['0||null 0-3 null|']],
  [{ notation: 'scientific', exponent: 6 }, ['0||-6 0-3 null|×10⁶']],
  [
    {
      cases: [{ when: { magnitude: { from: 6 } }, use: { notation: 'scaled', fraction: [0, 1] } }],
    },
    ['0||0 0-3 true|', '999999.9995||-6 0-1 null|M'],
  ],
])('%j has the bands %j', (style, bands) => expect(above(style)).toEqual(bands))

test('numbers below zero have bands of their own, with their sign', () => {
  const { below, zero } = bandsOf(resolve({ sign: 'parentheses', zero: 'nil' }), [0, 3])
  expect(said(below)).toEqual(['0|(|0 0-3 true|)'])
  expect([joined(zero.before), zero.number]).toEqual(['nil', null])
})

const styles: Style[] = [
  { notation: 'scaled', fraction: [0, 1] },
  { notation: 'scaled', rungForm: 'word', significant: [1, 3] },
  { notation: 'scaled', rungFrom: 4, sign: 'always', unit: { kind: 'currency', code: 'EUR' } },
  { under: '0.5', over: '123456', fraction: [0, 2] },
  { rounding: 'floor', notation: 'scaled', fraction: [1, 1] },
]
test.each(styles)('a label of %j has what its band says around its number', (style) => {
  const plan = resolve(style)
  const bands = bandsOf(plan, [-6, 15])
  const value = fc
    .tuple(fc.integer({ min: 1, max: 999_999 }), fc.integer({ min: -6, max: 9 }), fc.boolean())
    .map(([digits, power, isBelow]) => decimal(`${isBelow ? '-' : ''}${digits}e${power}`))
  fc.assert(
    fc.property(value, (one) => {
      const { frame } = takenAt(plan, one)
      // What rounds to zero is written as zero is.
      if (frame.number?.most === null) return
      const side = compare(one, decimal(0)) < 0 ? bands.below : bands.above
      const band = bandFor(side, magnitudeOf(one)).frame
      expect([joined(band.before), band.number?.power, joined(band.after)]).toEqual([
        ...[joined(frame.before), frame.number?.power, joined(frame.after)],
      ])
      if (!band.number || !frame.number) return
      expect(frame.number.most).toBeLessThanOrEqual(band.number.most!)
      expect(frame.number.most).toBeGreaterThanOrEqual(band.number.least ?? 0)
    }),
  )
})
