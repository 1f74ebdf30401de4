import fc from 'fast-check'
import { add, compare, magnitudeOf, multiply, shift, subtract } from '../decimal/arithmetic'
import { scaleBy } from '../decimal/powers'
import { type Decimal, decimal, toText } from '../decimal/decimal'
import { LADDER_IDS, ladders } from '../ladders'
import { inherit } from '../style/inherit'
import type { Style } from '../style/fields'
import { saidBy, unitOfLastDigit } from './cells'
import { ruleFor } from './conditions'
import { decide, signs } from './decide'
import { constantOf } from '../notations/multiple'
import type { RoundingMode } from '../decimal/round'
import { labeller } from './labeller'
import { resolve } from './resolve'
import { textOf } from './write'

const plan = (style: Style) => resolve(inherit(style))
const rungOf = (style: Style, value: Decimal) => {
  const one = plan(style)
  const { rule, rung } = decide(one, value)
  return one.rules[rule]!.rungs[rung]!.power
}
const label = (style: Style, value: Decimal) => textOf(plan(style), decide(plan(style), value))

describe.each(LADDER_IDS)('on the ladder %s', (ladder) => {
  const { base, rungs } = ladders[ladder]
  const upward = rungs.filter(({ power }) => power > 0)
  const begin = (power: number) => scaleBy(decimal(1), base, power)
  const exact: Style = { notation: 'scaled', ladder, significant: [1, 100] }
  test('a number just under a rung keeps the one below, on it and just over it has it', () => {
    upward.slice(0, 12).forEach(({ power }, at) => {
      const below = at === 0 ? 0 : upward[at - 1]!.power
      const bit = shift(begin(power), -30)
      expect(
        [subtract(begin(power), bit), begin(power), add(begin(power), bit)].map((value) =>
          rungOf(exact, value),
        ),
      ).toEqual([below, power, power])
    })
  })
  test('one that rounds up to a rung moves there, with the digits that it asks for', () => {
    for (const { power } of upward.slice(0, 12)) {
      const almost = subtract(begin(power), shift(begin(power), -9))
      expect(rungOf({ notation: 'scaled', ladder, fraction: [1, 1] }, almost)).toBe(power)
      expect(label({ notation: 'scaled', ladder, fraction: [1, 1] }, almost)).toBe(
        label({ notation: 'scaled', ladder, fraction: [1, 1] }, begin(power)),
      )
      expect(
        rungOf({ notation: 'scaled', ladder, fraction: [1, 1], rounding: 'trunc' }, almost),
      ).toBeLessThan(power)
    }
  })
})

test('the sign in each mode, of a negative, a positive number and zero', () => {
  const states = Object.fromEntries(
    Object.entries(signs).map(([mode, state]) => [
      mode,
      [state(true, false), state(false, false), state(false, true)],
    ]),
  )
  expect(states).toEqual({
    auto: ['minus', 'none', 'none'],
    always: ['minus', 'plus', 'plus'],
    exceptZero: ['minus', 'plus', 'none'],
    never: ['none', 'none', 'none'],
    parentheses: ['minus', 'none', 'none'],
  })
  const mode = fc.constantFrom(...(Object.keys(signs) as (keyof typeof signs)[]))
  fc.assert(
    fc.property(mode, fc.integer({ min: -49, max: 49 }), (sign, hundredths) => {
      expect(
        decide(plan({ sign, fraction: [0, 0] }), { coefficient: BigInt(hundredths), exponent: -2 })
          .sign,
      ).not.toBe('minus')
    }),
  )
})

test('a magnitude begins with its first power and ends before its last, whatever the sign', () => {
  const cases = plan({
    cases: [{ when: { magnitude: { from: 3, to: 6 } }, use: { notation: 'scaled' } }],
  })
  const rules = ['999.9', '1000', '-1000', '999999.9', '1e6', '0'].map((text) =>
    ruleFor(cases, decimal(text)),
  )
  expect(rules).toEqual([1, 0, 0, 0, 1, 1])
  expect(ruleFor(cases, null)).toBe(1)
})

test('a category is met by its cell alone, the first case that is met wins', () => {
  const cases = plan({
    cases: [
      { when: { column: 'site', is: ['a', 'b'] }, use: { fraction: [1, 1] } },
      { when: { column: 'site', is: ['b', ''] }, use: { fraction: [2, 2] } },
    ],
  })
  expect(
    [{ site: 'a' }, { site: 'b' }, { site: '' }, { site: null }, { site: 'c' }, undefined].map(
      (row) => ruleFor(cases, decimal(1), row),
    ),
  ).toEqual([0, 0, 1, 1, 2, 2])
})

test('what a label says lies within half of its last digit, in the cells’ own measure', () => {
  const cell = fc
    .tuple(fc.bigInt({ min: -(10n ** 18n), max: 10n ** 18n }), fc.integer({ min: -12, max: 6 }))
    .map(([coefficient, exponent]) => ({ coefficient, exponent }))
  const style = fc.record({
    notation: fc.constantFrom('plain', 'scaled', 'scientific', 'engineering'),
    ladder: fc.constantFrom(...LADDER_IDS),
    fraction: fc.integer({ min: 0, max: 6 }).map((most) => [0, most]),
    factor: fc.constantFrom('1', '2', '0.001'),
  })
  fc.assert(
    fc.property(style, cell, fc.integer({ min: -2, max: 6 }), (own, value, recorded) => {
      const one = resolve(inherit(own as Style), { recorded })
      const now = decide(one, value)
      const off = magnitudeOf(subtract(saidBy(one, now), value))
      expect(compare(add(off, off), unitOfLastDigit(one, now))).toBeLessThanOrEqual(0)
    }),
  )
})

test('beyond the last rung digits grow, then powers of ten stand without a rung', () => {
  const last = ladders.short.rungs.at(-1)!
  const times = (power: number) =>
    decide(plan({ notation: 'scaled', fraction: [0, 1] }), decimal(`1e${last.power + power}`))
  expect([times(5).exponent, times(6).exponent]).toEqual([null, last.power + 6])
  expect(toText(saidBy(plan({ notation: 'scaled', fraction: [0, 1] }), times(6)))).toBe(
    toText(decimal(`1e${last.power + 6}`)),
  )
})

test.each<[RoundingMode, string]>([
  ['floor', '3'],
  ['ceil', '7'],
  ['trunc', '-3'],
  ['expand', '0.7'],
  ['halfEven', '6'],
])('%s with a factor of %s: what is read has the same label again', (rounding, factor) => {
  const by = labeller(resolve({ factor, rounding, fraction: [0, 1] }))
  for (const value of ['1', '-1', '0.3333', '1e20', '-0.25', 3]) {
    const label = by.label(value)
    const { coefficient, exponent } = by.read(label).value as Decimal
    expect(by.label(`${coefficient}e${exponent}`)).toBe(label)
  }
})

test.each([
  ['0.3334', '0.3334π'],
  ['0.33333333333', 'π/3'],
  ['0.2504', 'π/4'],
  ['2.0004', '2π'],
  ['0.6665', '0.6665π'],
])('%s of π is %s: a fraction stands for what is one', (ratio, label) => {
  const value = multiply(decimal(ratio), decimal(constantOf('pi').value))
  const by = labeller(resolve({ notation: 'multiple', fraction: [0, 3] }))
  expect(by.label(`${value.coefficient}e${value.exponent}`)).toBe(label)
})

test.each(['morePrecision', 'lessPrecision'] as const)(
  '%s: decimals and significant digits that keep the same place follow the platform',
  (priority) => {
    const by = labeller(resolve({ fraction: [3, 3], significant: [1, 6], priority }))
    const platform = new Intl.NumberFormat('en', {
      minimumFractionDigits: 3,
      maximumFractionDigits: 3,
      minimumSignificantDigits: 1,
      maximumSignificantDigits: 6,
      roundingPriority: priority,
    })
    for (const value of [1.5, 15, 150, 1500, 0.15, 149.9996, 99999.5])
      expect(by.label(value)).toBe(platform.format(value))
  },
)
