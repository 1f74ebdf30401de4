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
  expect(labels({ notation: 'scaled', fraction: [0, 0] }, [1400, 1_400_000])).toBeUndefined()
  expect(labels({ significant: [2, 2] }, [1.44, 14.4])).toBeUndefined()
  expect(apportion([decimal('1.5')], 4n)).toBeNull()
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
