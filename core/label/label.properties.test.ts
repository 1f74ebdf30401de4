import fc from 'fast-check'
import { compare, magnitudeOf, multiply, subtract } from '../decimal/arithmetic'
import { decimal, type Decimal, fromNumber } from '../decimal/decimal'
import { isDirected, ROUNDING_MODES } from '../decimal/round'
import { LADDER_IDS } from '../ladders'
import { NOTATION_IDS } from '../notations'
import type { FullStyle, Style } from '../style/fields'
import { saidBy } from './decide'
import { labeller } from './labeller'
import { resolve } from './resolve'
import type { Written } from './types'

const double = fc.double({ noNaN: true, noDefaultInfinity: true })
/** Doubles as they come, and those close to where labels carry. */
const value = fc.oneof(
  double,
  fc.tuple(fc.integer({ min: -30, max: 30 }), fc.constantFrom(0.9994, 0.9995, 0.99951, 1, 1.0005, 9.995)).map(([power, lead]) => Number(`${lead}e${power}`)),
  fc.integer(),
)
const unit: fc.Arbitrary<FullStyle['unit']> = fc.constantFrom<FullStyle['unit']>(
  { kind: 'none' }, { kind: 'currency', code: 'EUR' }, { kind: 'currency', code: 'CHF' },
  { kind: 'symbol', text: 'kg' }, { kind: 'symbol', text: '#', side: 'before' },
)
/** Every style with its sign shown. */
const style: fc.Arbitrary<Style> = fc.record({
  notation: fc.constantFrom(...NOTATION_IDS),
  ladder: fc.constantFrom(...LADDER_IDS),
  rung: fc.constantFrom<FullStyle['rung'][]>('each', 'shared', 0, 3, 12),
  exponent: fc.oneof(fc.constantFrom<FullStyle['exponent'][]>('each', 'shared'), fc.integer({ min: -12, max: 12 })),
  exponentForm: fc.constantFrom<FullStyle['exponentForm'][]>('times', 'e', 'E', 'power'),
  fraction: fc.tuple(fc.nat(6), fc.nat(6)).map(([a, b]) => [Math.min(a, b), Math.max(a, b)] as [number, number]),
  rounding: fc.constantFrom(...ROUNDING_MODES),
  grouping: fc.constantFrom<FullStyle['grouping'][]>('auto', 'always', 'min2', 'never'),
  sign: fc.constantFrom<FullStyle['sign'][]>('auto', 'always', 'exceptZero', 'parentheses'),
  marks: fc.constantFrom<Partial<FullStyle['marks']>[]>({}, { minus: '−' }, { decimal: ',', group: '.' }, { group: '\u202f' }),
  unit,
}, { requiredKeys: [] })

const written = (styleOf: Style, values: number[]) => {
  const plan = resolve(styleOf, { values })
  return { plan, write: labeller(plan) }
}
const unitOf = (plan: ReturnType<typeof resolve>, one: Written): Decimal => {
  const power = one.exponent ?? plan.rules[0]!.rungs[one.rung]!.power
  return { coefficient: 1n, exponent: power - plan.rules[0]!.precision.fraction[1] }
}

test('a label reads back within half a unit of its last place, a directed one within a whole', () => {
  fc.assert(fc.property(style, value, (by, number) => {
    const { plan, write } = written(by, [number])
    const read = write.read(write.label(number))
    expect(read.candidates).toHaveLength(1)
    const off = magnitudeOf(subtract(read.value as Decimal, fromNumber(number)))
    const unitHere = unitOf(plan, write.written(number))
    const allowed = isDirected(plan.rules[0]!.precision.rounding) ? unitHere : multiply(unitHere, decimal('0.5'))
    expect(compare(off, allowed)).toBeLessThanOrEqual(0)
  }), { numRuns: 2000 })
})

test('what is read is what was decided, and its own label is the same label', () => {
  fc.assert(fc.property(style, value, (by, number) => {
    const { plan, write } = written(by, [number])
    const label = write.label(number)
    const read = write.read(label).value as Decimal
    expect(compare(read, saidBy(plan, write.written(number)))).toBe(0)
    expect(write.label(`${read.coefficient}e${read.exponent}`)).toBe(label)
  }), { numRuns: 2000 })
})

test('a larger number never reads smaller', () => {
  fc.assert(fc.property(style, fc.array(value, { minLength: 2, maxLength: 12 }), (by, numbers) => {
    const { write } = written(by, numbers)
    const ascending = [...numbers].sort((a, b) => a - b)
    const read = ascending.map((number) => write.read(write.label(number)).value as Decimal)
    for (let i = 1; i < read.length; i++) expect(compare(read[i - 1]!, read[i]!)).toBeLessThanOrEqual(0)
  }), { numRuns: 1000 })
})

test('parts join to the text', () => {
  fc.assert(fc.property(style, fc.oneof(value, fc.constantFrom(NaN, Infinity, -Infinity)), (by, number) => {
    const { write } = written(by, [number])
    expect(write.parts(number).map((part) => part.value).join('')).toBe(write.label(number))
  }), { numRuns: 1000 })
})
