import { part } from '../testing/part'
import fc from 'fast-check'
import {
  add,
  compare,
  leadingPower,
  magnitudeOf,
  multiply,
  shift,
  subtract,
} from '../decimal/arithmetic'
import { decimal, type Decimal, fromNumber, ZERO } from '../decimal/decimal'
import { divide, isDirected, ROUNDING_MODES } from '../decimal/round'
import { LADDER_IDS } from '../ladders'
import { NOTATION_IDS } from '../notations'
import { CLOCK_KINDS, CLOCK_UNITS } from '../notations/clock'
import type { FullStyle, Style } from '../style/fields'
import { inCells, saidBy } from './cells'
import { lastPlace } from './keep'
import { labeller } from './labeller'
import { resolve } from './resolve'
import type { Plan, Written } from './types'

/** A simple fraction stands for all within 10⁻⁹ of it. */
const TOLERANCE = decimal('1e-9')
/** Constants are known to 60 digits. */
const CONSTANT_ERROR = decimal('1e-50')
const double = fc.double({ noNaN: true, noDefaultInfinity: true })
/** Doubles as they come, and those close to where labels carry. */
const value = fc.oneof(
  double,
  fc
    .tuple(
      fc.integer({ min: -30, max: 30 }),
      fc.constantFrom(0.9994, 0.9995, 0.99951, 1, 1.0005, 9.995),
    )
    .map(([power, lead]) => Number(`${lead}e${power}`)),
  fc.integer(),
)
const unit: fc.Arbitrary<FullStyle['unit']> = fc.constantFrom<FullStyle['unit']>(
  { kind: 'none' },
  { kind: 'currency', code: 'EUR' },
  { kind: 'currency', code: 'CHF' },
  { kind: 'percent' },
  { kind: 'basisPoint' },
  { kind: 'symbol', text: 'kg' },
  { kind: 'symbol', text: '#', side: 'before' },
)
const pair = (least: number) =>
  fc
    .tuple(fc.integer({ min: least, max: 6 }), fc.integer({ min: least, max: 6 }))
    .map(([a, b]) => [Math.min(a, b), Math.max(a, b)] as [number, number])
const rungs: Record<(typeof LADDER_IDS)[number], number[]> = {
  short: [0, 3, 12, 303],
  si: [-9, 0, 6],
  long: [9, 12],
  indian: [5, 7],
  myriad: [4, 16],
  binary: [10, 40],
}
/** Every style with its sign shown. */
const styleOfLadder = (ladder: (typeof LADDER_IDS)[number]): fc.Arbitrary<Style> =>
  fc.record(
    {
      notation: fc.constantFrom(...NOTATION_IDS),
      ladder: fc.constant<FullStyle['ladder']>(ladder),
      rung: fc.constantFrom<FullStyle['rung'][]>('each', 'shared', ...rungs[ladder]),
      rungForm: fc.constantFrom<FullStyle['rungForm'][]>('symbol', 'word', 'symbolExponent'),
      rungFrom: fc.constantFrom<FullStyle['rungFrom'][]>(null, 4, 6),
      exponent: fc.oneof(
        fc.constantFrom<FullStyle['exponent'][]>('each', 'shared'),
        fc.integer({ min: -12, max: 12 }),
      ),
      exponentForm: fc.constantFrom<FullStyle['exponentForm'][]>('times', 'e', 'E', 'power'),
      multipleOf: fc.constantFrom('pi' as const, 'tau' as const, 'e' as const, '0.25', '7'),
      clock: fc.record({
        of: fc.constantFrom(...CLOCK_UNITS),
        form: fc.constantFrom('h:mm' as const, 'h:mm:ss' as const),
        kind: fc.constantFrom(...CLOCK_KINDS),
      }),
      fraction: pair(0),
      significant: fc.option(pair(1)),
      priority: fc.constantFrom<FullStyle['priority'][]>('morePrecision', 'lessPrecision'),
      rounding: fc.constantFrom(...ROUNDING_MODES),
      increment: fc.constantFrom(null, null, null, '5', '0.05', '7'),
      trailingZeros: fc.constantFrom<FullStyle['trailingZeros'][]>('auto', 'stripIfInteger'),
      grouping: fc.constantFrom<FullStyle['grouping'][]>('auto', 'always', 'min2', 'never'),
      sign: fc.constantFrom<FullStyle['sign'][]>('auto', 'always', 'exceptZero', 'parentheses'),
      marks: fc.constantFrom<Partial<FullStyle['marks']>[]>(
        {},
        { minus: '−' },
        { decimal: ',', group: '.' },
        { group: '\u202f' },
      ),
      factor: fc.constantFrom('1', '1000', '0.001', '2.5'),
      before: fc.constantFrom('', '≈ '),
      after: fc.constantFrom('', '*'),
      unit,
    },
    { requiredKeys: ['ladder'] },
  )
/** A clock says its own unit, and powers are of numbers above 1, of which no increment is one. */
function withoutClashes(one: Style): Style {
  if (one.notation === 'clock') return { ...one, unit: { kind: 'none' } }
  if (one.notation !== 'multiple' || one.exponentForm !== 'power') return one
  const { multipleOf = 'e' } = one
  return { ...one, increment: null, multipleOf: multipleOf === '0.25' ? '2.5' : multipleOf }
}
const style = fc
  .constantFrom(...LADDER_IDS)
  .chain(styleOfLadder)
  .map(withoutClashes)

const written = (styleOf: Style, values: number[]) => {
  const plan = resolve(styleOf, { values })
  return { plan, write: labeller(plan) }
}
/** What one unit of the last place that the style decides is worth, in the value's own measure. */
function lastUnit(plan: Plan, one: Written, value: Decimal): Decimal {
  const rule = plan.rules[0]!
  const unitHere = inCells(plan, rule, decimal(1), { ...one, denominator: 1 })
  if (rule.precision.increment !== null)
    return magnitudeOf(multiply(unitHere, decimal(rule.precision.increment)))
  const ratio = divide(value, unitHere)
  const lead = ratio.coefficient === 0n ? 0 : leadingPower(ratio)
  return magnitudeOf(shift(unitHere, lastPlace(rule.precision, lead)))
}

test('a label reads back within half a unit of its last place, a directed one within a whole', () => {
  fc.assert(
    fc.property(style, value, (by, number) => {
      const { plan, write } = written(by, [number])
      const read = write.read(write.label(number))
      expect(read.candidates).toHaveLength(1)
      const off = magnitudeOf(subtract(read.value as Decimal, fromNumber(number)))
      const one = write.written(number)
      const unitHere = lastUnit(plan, one, fromNumber(number))
      const [rule] = plan.rules
      const rounded = isDirected(rule!.precision.rounding)
        ? unitHere
        : multiply(unitHere, decimal('0.5'))
      const counted = () =>
        add(
          add(unitHere, magnitudeOf(inCells(plan, rule!, TOLERANCE, { ...one, denominator: 1 }))),
          multiply(magnitudeOf(fromNumber(number)), CONSTANT_ERROR),
        )
      // A clock's sixtieths read back as decimals that do not end.
      const cut = multiply(unitHere, CONSTANT_ERROR)
      const allowed = rule!.multiple ? counted() : add(rounded, rule!.clock ? cut : ZERO)
      expect(compare(off, allowed)).toBeLessThanOrEqual(0)
    }),
    { numRuns: part(1000, 2000) },
  )
})

test('what is read is what was decided, and its own label is the same label', () => {
  fc.assert(
    fc.property(style, value, (by, number) => {
      const { plan, write } = written(by, [number])
      const label = write.label(number)
      const read = write.read(label).value as Decimal
      expect(compare(read, saidBy(plan, write.written(number)))).toBe(0)
      expect(write.label(`${read.coefficient}e${read.exponent}`)).toBe(label)
    }),
    { numRuns: part(1000, 2000) },
  )
})

test('a larger number never reads smaller', () => {
  fc.assert(
    fc.property(style, fc.array(value, { minLength: 2, maxLength: 12 }), (by, numbers) => {
      const { write } = written(by, numbers)
      const ascending = [...numbers].sort((a, b) => a - b)
      const read = ascending.map((number) => write.read(write.label(number)).value as Decimal)
      for (let i = 1; i < read.length; i++)
        expect(compare(read[i - 1]!, read[i]!)).toBeLessThanOrEqual(0)
    }),
    { numRuns: part(500, 1000) },
  )
})

const QUARTERS: Style = {
  notation: 'multiple',
  multipleOf: '0.25',
  exponentForm: 'times',
  factor: '0.25',
}
test('multiples of a constant keep their order close to simple fractions', () => {
  const near = fc
    .tuple(
      fc.integer({ min: -30, max: 30 }),
      fc.integer({ min: 1, max: 13 }),
      fc.constantFrom(0, 1e-12, 2e-9, 1e-4, 0.003, 0.4),
    )
    .chain(([numerator, denominator, off]) =>
      fc.constantFrom(
        numerator / denominator - off,
        numerator / denominator,
        numerator / denominator + off,
      ),
    )
  fc.assert(
    fc.property(style, fc.array(near, { minLength: 2, maxLength: 8 }), (by, ratios) => {
      const { write } = written({ ...by, ...QUARTERS, unit: { kind: 'none' } }, ratios)
      const read = [...ratios]
        .sort((a, b) => a - b)
        .map((ratio) => write.read(write.label(ratio)).value as Decimal)
      for (let i = 1; i < read.length; i++)
        expect(compare(read[i - 1]!, read[i]!)).toBeLessThanOrEqual(0)
    }),
    { numRuns: part(500, 1000) },
  )
})

test.each([
  ['ceil', [0.9995, 1], ['0.1428×7', '7/7']],
  ['halfExpand', [3.9, 4], ['0.56×7', '4×7/7']],
] as const)(
  'a factor that would round past a simple fraction has decimals enough: %s',
  (rounding, values, labels) => {
    const write = labeller(
      resolve({ notation: 'multiple', multipleOf: '7', fraction: [0, 0], rounding }, { values }),
    )
    expect(write.labels(values)).toEqual(labels)
  },
)

test('parts join to the text', () => {
  fc.assert(
    fc.property(style, fc.oneof(value, fc.constantFrom(NaN, Infinity, -Infinity)), (by, number) => {
      const { write } = written(by, [number])
      expect(
        write
          .parts(number)
          .map((part) => part.value)
          .join(''),
      ).toBe(write.label(number))
    }),
    { numRuns: part(500, 1000) },
  )
})
