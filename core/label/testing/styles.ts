import fc from 'fast-check'
import { ROUNDING_MODES } from '../../decimal/round'
import { LADDER_IDS } from '../../ladders'
import { NOTATION_IDS } from '../../notations'
import { CLOCK_FORMS, CLOCK_KINDS, CLOCK_UNITS } from '../../notations/clock'
import type { Value } from '../types'

const pair = fc.tuple(fc.integer({ min: 0, max: 100 }), fc.integer({ min: 0, max: 100 }))
const number = fc.constantFrom('1', '0', '-3', '0.05', '1e-9', '1e400', 'x')
const power = fc.constantFrom(0, 3, 6, -3, 12, 400, -400)
const text = fc.constantFrom('', ' ', '-', '(', '0', '–', 'K', '1.5M', '<', '٣')
/** What may be given for each field, right or wrong. */
export const anyFields: Record<string, fc.Arbitrary<unknown>> = {
  notation: fc.constantFrom(...NOTATION_IDS),
  ladder: fc.constantFrom(...LADDER_IDS, 'locale', {
    rungs: [{ power: 2, symbol: 'h', word: 'hundred' }],
  }),
  rung: fc.oneof(fc.constantFrom('each', 'shared'), power),
  rungForm: fc.constantFrom('symbol', 'word', 'symbolExponent'),
  rungFrom: fc.option(power),
  rungGap: fc.option(text),
  exponent: fc.oneof(fc.constantFrom('each', 'shared'), power),
  exponentForm: fc.constantFrom('times', 'e', 'E', 'power'),
  multipleOf: fc.oneof(fc.constantFrom('pi', 'tau', 'e'), number),
  clock: fc.record(
    {
      of: fc.constantFrom(...CLOCK_UNITS),
      form: fc.constantFrom(...CLOCK_FORMS),
      kind: fc.constantFrom(...CLOCK_KINDS),
    },
    { requiredKeys: [] },
  ),
  fraction: fc.option(pair),
  significant: fc.option(pair),
  priority: fc.constantFrom('morePrecision', 'lessPrecision'),
  rounding: fc.constantFrom(...ROUNDING_MODES),
  increment: fc.option(number),
  trailingZeros: fc.constantFrom('auto', 'stripIfInteger'),
  locale: fc.constantFrom('en', 'de', 'hi', 'de-u-nu-deva', 'xx', 'de-u-nu-roman'),
  grouping: fc.constantFrom('auto', 'always', 'min2', 'never'),
  marks: fc.record({ decimal: text, group: text, minus: text }, { requiredKeys: [] }),
  sign: fc.constantFrom('auto', 'always', 'exceptZero', 'never', 'parentheses'),
  unit: fc.constantFrom(
    { kind: 'none' },
    { kind: 'currency', code: 'EUR' },
    { kind: 'currency', code: 'EUR', display: 'name' },
    { kind: 'currency', code: { column: 'c' } },
    { kind: 'percent' },
    { kind: 'symbol', text: '5' },
  ),
  factor: number,
  unitAt: fc.constantFrom('label', 'first', 'last', 'title'),
  under: fc.option(number),
  over: fc.option(number),
  before: text,
  after: text,
  zero: fc.option(text),
  missing: text,
  uncertainty: fc.option(
    fc.record(
      {
        column: fc.constantFrom('c', 'd'),
        form: fc.constantFrom('plusMinus', 'parentheses', 'interval', 'unsaid'),
        significant: fc.constantFrom(1, 2),
      },
      { requiredKeys: ['column'] },
    ),
  ),
  align: fc.constantFrom('end', 'decimal', 'edges'),
  cases: fc.constantFrom(
    [],
    [{ when: { magnitude: { from: 3 } }, use: { notation: 'scaled', fraction: [0, 0] } }],
    [{ when: { column: 'c', is: ['EUR'] }, use: { factor: '0.001', significant: [2, 2] } }],
  ),
}
/** A few fields at a time, since one that is refused hides the others. */
export const anyStyle = fc
  .subarray(Object.keys(anyFields), { maxLength: 7 })
  .chain((names) => fc.record(Object.fromEntries(names.map((name) => [name, anyFields[name]!]))))
export const anyValue: fc.Arbitrary<Value> = fc.oneof(
  fc.double(),
  fc.bigInt(),
  fc.constantFrom(null, undefined, '', 'NaN', '-Infinity', '9'.repeat(400), '1e-400', 'apples'),
)
