import fc from 'fast-check'
import { compare, magnitudeOf, subtract, sum } from '../decimal/arithmetic'
import { decimal } from '../decimal/decimal'
import { readBack } from '../label/readback'
import { resolve } from '../label/resolve'
import type { Style } from '../style/fields'
import { adjustedLabels, apportion } from './adjust'

const labels = (style: Style, values: (number | string)[], total?: number | string) =>
  adjustedLabels(
    resolve(style, { values }),
    values.map(decimal),
    total === undefined ? undefined : decimal(total),
  )?.map(({ label, isAdjusted }) => label + (isAdjusted ? '*' : ''))

test('parts that are rounded add up to their rounded total, and those that were moved are marked', () => {
  expect(labels({ fraction: [0, 0] }, ['3.4', '5.4', '2.4'])).toEqual(['4*', '5', '2'])
  expect(
    labels({ fraction: [0, 0], unit: { kind: 'percent' } }, ['0.3333', '0.3333', '0.3334'], 1),
  ).toEqual(['33%', '33%', '34%*'])
  expect(
    labels(
      { notation: 'scaled', rung: 'shared', fraction: [1, 1] },
      [1_240_000, 2_340_000, 5_350_000],
    ),
  ).toEqual(['1.2M', '2.3M', '5.4M'])
  expect(labels({ fraction: [0, 1] }, ['1.04', '2.04', '0.96'])).toEqual(['1', '2', '1'])
  expect(labels({ fraction: [0, 0] }, ['-3.4', '-5.4', '-2.4'])).toEqual(['-3', '-5', '-3*'])
})

test('nothing is adjusted where labels have no last place in common', () => {
  expect(apportion([decimal('1.5')], 4n)).toBeNull()
})

test.each<[string, Style, (number | string)[]]>([
  ['rungs differ', { notation: 'scaled', fraction: [0, 0] }, [1400, 1_400_000]],
  ['the total has another rung', { notation: 'scaled', fraction: [0, 0] }, [600_400, 700_400]],
  ['exponents differ', { notation: 'scientific', fraction: [1, 1] }, [144, 1440]],
  ['significant digits decide', { significant: [2, 2] }, [1.44, 1.54]],
  ['an increment decides', { increment: '5' }, [12, 14]],
  ['parts are fractions of a constant', { notation: 'multiple' }, ['1.5707963267948966', 1]],
  ['one part is beyond what is written', { fraction: [0, 0], over: '100' }, ['3.4', 120]],
  ['there are none', { fraction: [0, 0] }, []],
  ['all read as zero', { fraction: [0, 0] }, ['0.4', '0.4']],
])('nothing is adjusted where %s', (_, style, values) => {
  expect(labels(style, values)).toBeUndefined()
})

test('zero has no rung or exponent of its own, and stays', () => {
  const millions = [0, 1_400_000, 2_300_000]
  expect(labels({ notation: 'scaled', fraction: [0, 0] }, millions)).toEqual(['0', '2M*', '2M'])
  expect(labels({ notation: 'scientific', fraction: [0, 0] }, [0, 1400, 2300])).toEqual([
    '0',
    '2×10³*',
    '2×10³',
  ])
})

test('as many are raised as are lacking, the largest remainders first, and no whole one', () => {
  const parts = ['1.2', '1.9', '1.5', '1'].map(decimal)
  expect(apportion(parts, 4n)).toEqual([1n, 1n, 1n, 1n])
  expect(apportion(parts, 5n)).toEqual([1n, 2n, 1n, 1n])
  expect(apportion(parts, 6n)).toEqual([1n, 2n, 2n, 1n])
  expect(apportion(parts, 7n)).toEqual([2n, 2n, 2n, 1n])
  expect(apportion(parts, 8n)).toBeNull()
  expect(apportion(parts, 3n)).toBeNull()
  // Of equal remainders the first is raised.
  expect(apportion(['0.5', '0.5'].map(decimal), 1n)).toEqual([1n, 0n])
})

test('adjusted parts always add up, each less than one unit off', () => {
  const values = fc.array(
    fc.integer({ min: -1e9, max: 1e9 }).map((n) => decimal(`${n}e-4`)),
    { minLength: 1, maxLength: 12 },
  )
  fc.assert(
    fc.property(values, fc.integer({ min: 0, max: 3 }), (parts, decimals) => {
      const plan = resolve({ fraction: [decimals, decimals], grouping: 'never' })
      const made = adjustedLabels(plan, parts)
      if (made === null)
        return expect(
          parts.every(
            ({ coefficient }) =>
              coefficient === 0n || Math.abs(Number(coefficient)) < 10 ** (4 - decimals),
          ),
        ).toBe(true)
      const read = made.map(({ label }) => readBack(label, plan).value as (typeof parts)[number])
      const unit = decimal(`1e-${decimals}`)
      expect(compare(magnitudeOf(subtract(sum(read), sum(parts))), unit)).toBeLessThan(0)
      for (const [at, part] of parts.entries())
        expect(compare(magnitudeOf(subtract(read[at]!, part)), unit)).toBeLessThan(0)
    }),
  )
})
