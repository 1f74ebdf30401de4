import fc from 'fast-check'
import { shift } from '../decimal/arithmetic'
import { decimal, toText } from '../decimal/decimal'
import type { Style } from '../style/fields'
import { saidBy } from './cells'
import { ruleFor } from './conditions'
import { decide } from './decide'
import { labeller } from './labeller'
import { resolve } from './resolve'

const from = (power: number, use: object) => ({ when: { magnitude: { from: power } }, use })
const below = (power: number, use: object) => ({ when: { magnitude: { to: power } }, use })
const written = (style: Style, value: string) => labeller(resolve(style)).label(value)

test.each<[string, Style, string, string]>([
  [
    'a scaled number goes to an exponent',
    {
      notation: 'scaled',
      fraction: [1, 1],
      cases: [from(15, { notation: 'scientific', fraction: [1, 1] })],
    },
    '999990000000000',
    '1.0×10¹⁵',
  ],
  [
    'a negative one alike',
    { fraction: [0, 0], cases: [from(6, { notation: 'scaled' })] },
    '-999999.6',
    '-1M',
  ],
  [
    'a case of more digits prints what rounding made, not digits of a smaller size',
    { fraction: [0, 0], cases: [from(6, { notation: 'scientific', fraction: [0, 9] })] },
    '999999.6',
    '1×10⁶',
  ],
  [
    'small numbers round up out of theirs',
    {
      notation: 'scaled',
      fraction: [1, 1],
      cases: [below(3, { notation: 'plain', fraction: [0, 0] })],
    },
    '999.7',
    '1.0K',
  ],
  [
    'a number that stays within its size stays in its notation',
    { fraction: [0, 0], cases: [from(6, { notation: 'scaled' })] },
    '999999.4',
    '999,999',
  ],
  [
    'what vanishes says in which unit',
    {
      notation: 'scaled',
      rung: 6,
      fraction: [1, 1],
      zero: 'nil',
      cases: [below(3, { notation: 'plain' })],
    },
    '1200',
    '0.0M',
  ],
])(
  'a label that rounds over the edge of a case is written by the other: %s',
  (_, style, value, label) => expect(written(style, value)).toBe(label),
)

test('beyond a bound, a label is of the case of its value', () =>
  expect(
    written({ fraction: [0, 0], under: '1000', cases: [from(3, { notation: 'scaled' })] }, '5'),
  ).toBe('<1,000'))

const use = fc.record({
  notation: fc.constantFrom('plain', 'scaled', 'scientific', 'engineering'),
  fraction: fc.integer({ min: 0, max: 3 }).map((n): [number, number] => [n, n]),
})
const edge = fc.integer({ min: -4, max: 14 })
test('a printed number has one notation, whatever the cases and on whichever side of an edge', () => {
  fc.assert(
    fc.property(
      use,
      use,
      use,
      edge,
      edge,
      edge,
      fc.integer({ min: 900, max: 1100 }),
      (a, b, c, low, high, at, lead) => {
        const style = { ...a, cases: [from(Math.max(low, high), b), below(Math.min(low, high), c)] }
        const plan = resolve(style as Style)
        const value = shift(decimal(`0.999${lead}`), at)
        const label = decide(plan, value)
        if (label.digits === 0n) return
        const said = saidBy(plan, label)
        expect(`${toText(value)}: rule ${ruleFor(plan, said)}`).toBe(
          `${toText(value)}: rule ${label.rule}`,
        )
      },
    ),
    { numRuns: 3000 },
  )
})

describe('a case for some widths of the page', () => {
  const style: Style = {
    notation: 'plain',
    fraction: [2, 2],
    cases: [
      { when: { column: 'site', is: ['A'] }, use: { after: '!' } },
      { when: { width: { to: 480 } }, use: { notation: 'scaled', fraction: [0, 1] } },
      { when: { width: { from: 480, to: 900 } }, use: { fraction: [0, 0] } },
      { when: { column: 'site', is: ['B'] }, use: { after: '?' } },
    ],
  }
  const values = [1234567.891, 1234567.891, 1234567.891]
  const rows = [{ site: 'A' }, { site: 'B' }, { site: 'C' }]
  const at = (pageWidth?: number) =>
    labeller(resolve(style, { values, rows, pageWidth })).labels(values, rows)

  test.each([
    [360, ['1,234,567.89!', '1.2M', '1.2M']],
    [479.5, ['1,234,567.89!', '1.2M', '1.2M']],
    [480, ['1,234,567.89!', '1,234,568', '1,234,568']],
    [900, ['1,234,567.89!', '1,234,567.89?', '1,234,567.89']],
    [undefined, ['1,234,567.89!', '1,234,567.89?', '1,234,567.89']],
  ])('at %s px', (width, labels) => {
    expect(at(width)).toEqual(labels)
  })

  test('what it shares is shared over all that it writes', () => {
    const shared: Style = {
      cases: [
        {
          when: { width: { to: 480 } },
          use: { notation: 'scaled', rung: 'shared', unitAt: 'title' },
        },
      ],
    }
    const plan = resolve(shared, { values: [1500, 2_500_000], pageWidth: 360 })
    expect(labeller(plan).labels([1500, 2_500_000])).toEqual(['0.002', '2.5'])
    expect(plan.title).toBe('million')
  })
})
