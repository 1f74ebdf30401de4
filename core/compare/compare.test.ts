import fc from 'fast-check'
import { leadingPower } from '../decimal/arithmetic'
import { decimal, toText } from '../decimal/decimal'
import { textWidth } from '../text/advance'
import { measure } from './measure'
import { drawn, PROBES } from './probes'

const on = (style: object, ...values: string[]) =>
  measure({ surface: 'table', style, values: values.map((value) => decimal(value)) }, 13)

test('a style is measured by its widest label, its worst loss, its different labels and its findings', () => {
  const found = on({ notation: 'scaled', rung: 6, fraction: [1, 1] }, '1250000', '1240000', '40000')
  expect(found.labels).toEqual(['1.3M', '1.2M', '0.0M'])
  expect(found).toMatchObject({ different: 3, values: 3, worst: { at: 2 } })
  expect(toText(found.worst.off)).toBe('1')
  expect(found.widest.width).toBe(textWidth('1.3M', 13))
  expect(found.findings.map(({ check }) => check.id)).toContain('vanished')
  expect(on({ fraction: [0, 0] }, '1.4', '1.2', '1.4')).toMatchObject({ different: 1, values: 2 })
})

test('nothing is lost where every digit is written, and zero is never off', () => {
  const found = on({ fraction: [0, 20] }, '0', '0.125', '999.5')
  expect(toText(found.worst.off)).toBe('0')
  expect(found.findings.filter(({ severity }) => severity === 'error')).toEqual([])
})

test('numbers are drawn evenly over the magnitudes asked for, the same for the same seed', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -300, max: 290 }),
      fc.integer({ min: 1, max: 12 }),
      fc.integer({ min: 1, max: 40 }),
      fc.integer(),
      (from, more, count, seed) => {
        const found = drawn([from, from + more], count, seed)
        expect(found).toHaveLength(count)
        expect(drawn([from, from + more], count, seed)).toEqual(found)
        for (const text of found) {
          const power = leadingPower(decimal(text))
          expect(power >= from && power <= from + more).toBe(true)
        }
      },
    ),
  )
})

test('a seed says which numbers are drawn, by the constants that are named', () => {
  expect(drawn([0, 3], 4, 1)).toEqual(['1504324e-6', '1064027e-5', '7554079e-5', '6007066e-4'])
})

test('probes stand on both sides of each thousandfold step, and one of them is missing', () => {
  for (const edge of ['1000', '1000000', '1000000000']) expect(PROBES).toContain(edge)
  expect(PROBES.filter((probe) => probe === null)).toHaveLength(1)
  expect(PROBES.flatMap((probe) => probe ?? []).every((probe) => decimal(probe) !== null)).toBe(
    true,
  )
})

test('the first of several stands for the widest and the worst, and zero loses nothing', () => {
  const { widest, worst, offs, values } = on({ fraction: [0, 0] }, '0', '1.4', '1.40', '2.8')
  expect([widest.at, worst.at, values]).toEqual([0, 1, 3])
  expect(offs.map(({ coefficient }) => coefficient === 0n)).toEqual([true, false, false, false])
})

test('a number of one digit that is lost is off by all of itself, and the first of equals stands', () => {
  const found = on({ fraction: [0, 0] }, '0.1', '0.1')
  expect(found.offs.map(toText)).toEqual(['1', '1'])
  expect([found.worst.at, found.widest.at]).toEqual([0, 0])
})
