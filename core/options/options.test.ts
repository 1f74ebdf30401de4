import fc from 'fast-check'
import { labeller } from '../label/labeller'
import { resolve } from '../label/resolve'
import { ROUNDING_MODES } from '../decimal/round'
import type { Style } from '../style/fields'
import type { NumberOptions } from '../notations/types'
import { optionsOf } from './options'

test.each<[Style, NumberOptions]>([
  [{}, { minimumFractionDigits: 0, maximumFractionDigits: 3, signDisplay: 'negative' }],
  [
    { significant: [1, 3], fraction: null, grouping: 'never' },
    {
      minimumSignificantDigits: 1,
      maximumSignificantDigits: 3,
      useGrouping: false,
      signDisplay: 'negative',
    },
  ],
  [
    {
      unit: { kind: 'currency', code: 'EUR', display: 'code' },
      fraction: [2, 2],
      sign: 'parentheses',
    },
    {
      style: 'currency',
      currency: 'EUR',
      currencyDisplay: 'code',
      currencySign: 'accounting',
      minimumFractionDigits: 2,
      maximumFractionDigits: 2,
      signDisplay: 'negative',
    },
  ],
  [
    { unit: { kind: 'percent' }, fraction: [0, 0], rounding: 'floor' },
    {
      style: 'percent',
      minimumFractionDigits: 0,
      maximumFractionDigits: 0,
      roundingMode: 'floor',
      signDisplay: 'negative',
    },
  ],
  [
    { notation: 'scaled', ladder: 'locale', rungForm: 'word', fraction: [0, 1] },
    {
      notation: 'compact',
      compactDisplay: 'long',
      minimumFractionDigits: 0,
      maximumFractionDigits: 1,
      signDisplay: 'negative',
    },
  ],
  [
    { increment: '0.05', fraction: [0, 2] },
    {
      roundingIncrement: 5,
      minimumFractionDigits: 2,
      maximumFractionDigits: 2,
      signDisplay: 'negative',
    },
  ],
])('%j is said whole', (style, options) => {
  expect(optionsOf(style)).toEqual({ locale: 'en', options, unsaid: [] })
})

test.each<[Style, string]>([
  [{ notation: 'multiple' }, 'multiples'],
  [{ notation: 'scaled' }, 'this ladder'],
  [{ notation: 'scaled', ladder: 'locale', rung: 'shared' }, 'one rung'],
  [{ notation: 'scientific', exponent: 'shared' }, 'one exponent'],
  [{ unit: { kind: 'symbol', text: 'kg' } }, 'this unit'],
  [{ marks: { minus: '−' } }, 'marks'],
  [{ factor: '2' }, 'a factor'],
  [{ over: '100' }, 'bounds'],
  [{ before: '~' }, 'text around'],
  [{ increment: '7' }, 'this increment'],
  [{ sign: 'parentheses' }, 'parentheses'],
  [{ cases: [{ when: { magnitude: { from: 3 } }, use: { fraction: [0, 0] } }] }, 'cases'],
  [{ unit: { kind: 'currency', code: { column: 'c' } } }, 'named by a column'],
  [{ unit: { kind: 'measure', id: 'knot' } }, 'this unit'],
  [{ notation: 'scaled', ladder: 'locale', unitAt: 'title' }, 'said once'],
])('of %j is told that options have no word for %s', (style, part) => {
  expect(optionsOf(style).unsaid.join(', ')).toContain(part)
})
test('what cells are recorded in is told', () => {
  expect(optionsOf({}, { recorded: 3 }).unsaid[0]).toContain('10^3')
  const pounds: Style = { unit: { kind: 'measure', id: 'pound' } }
  expect(optionsOf(pounds, { measure: 'kilogram' }).unsaid).toEqual([
    'cells that are recorded in kilogram (convert them first)',
  ])
  expect(optionsOf(pounds, { measure: 'pound' }).unsaid).toEqual([])
})

/** Styles that the options can say, and numbers whose doubles are their decimals. */
const sayable: fc.Arbitrary<Style> = fc.record(
  {
    fraction: fc
      .tuple(fc.integer({ min: 0, max: 6 }), fc.integer({ min: 0, max: 6 }))
      .map(([a, b]): [number, number] => [Math.min(a, b), Math.max(a, b)]),
    rounding: fc.constantFrom(...ROUNDING_MODES),
    grouping: fc.constantFrom('auto', 'always', 'min2', 'never'),
    sign: fc.constantFrom('auto', 'exceptZero', 'never'),
    trailingZeros: fc.constantFrom('auto', 'stripIfInteger'),
    unit: fc.constantFrom<NonNullable<Style['unit']>>(
      { kind: 'none' },
      { kind: 'percent' },
      { kind: 'currency', code: 'EUR' },
    ),
  },
  { requiredKeys: [] },
)

test('where nothing is left unsaid, the platform writes the same labels', () => {
  fc.assert(
    fc.property(
      sayable,
      fc.array(
        fc.integer({ min: -1e12, max: 1e12 }).map((whole) => `${whole}e-5`),
        { minLength: 1, maxLength: 8 },
      ),
      (style, values) => {
        const { locale, options, unsaid } = optionsOf(style)
        expect(unsaid).toEqual([])
        const platform = new Intl.NumberFormat(locale, options)
        expect(labeller(resolve(style)).labels(values)).toEqual(
          values.map((value) => platform.format(value as never)),
        )
      },
    ),
    { numRuns: 400 },
  )
})
