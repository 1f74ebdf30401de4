import fc from 'fast-check'
import { compare, magnitudeOf, subtract } from '../decimal/arithmetic'
import { type Decimal, decimal, toText } from '../decimal/decimal'
import { divide } from '../decimal/round'
import { aggregate } from './aggregate'
import { finite, extremesOf } from './extremes'

const decimals = (...texts: string[]) => texts.map((text) => decimal(text))
const texts = (values: readonly Decimal[] | null) => values?.map(toText) ?? null

test('the smallest is below all others; nearest to zero is told where it is another', () => {
  const told = (...values: string[]) => {
    const { largest, smallest, nearest } = extremesOf(decimals(...values))!
    return [toText(largest), toText(smallest), nearest && toText(nearest)]
  }
  expect(told('3', '-70', '0.5', '0')).toEqual(['3', '-70', '0.5'])
  expect(told('-3', '0.0000001', '5')).toEqual(['5', '-3', '0.0000001'])
  expect(told('3', '70')).toEqual(['70', '3', null])
  expect(told('-3', '-70')).toEqual(['-3', '-70', null])
  expect(told('0', '4')).toEqual(['4', '0', null])
})

test('the closest pair is of different values', () => {
  expect(texts(extremesOf(decimals('5', '1', '5.0', '1.25'))!.closest)).toEqual(['1', '1.25'])
  expect(extremesOf(decimals('5', '5'))!.closest).toBeNull()
})

test('an empty set tells nothing, zeros alone tell zero', () => {
  expect(extremesOf([])).toBeNull()
  expect(toText(extremesOf(decimals('0', '0'))!.largest)).toBe('0')
})

test('of doubles the closest pair is the same as of the decimals that they mean', () => {
  const near = fc
    .tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: -3, max: 3 }))
    .map(([tenths, bits]) => tenths / 10 + bits * 2 ** -54)
  fc.assert(
    fc.property(
      fc.array(fc.oneof(near, fc.double({ min: -1e12, max: 1e12, noNaN: true })), {
        minLength: 1,
        maxLength: 20,
      }),
      (numbers) => {
        const values = numbers.map((number) => decimal(number))
        const [byDecimals, byDoubles] = [
          extremesOf(values)!,
          extremesOf(values, Float64Array.from(numbers))!,
        ].map(({ closest }) => closest && toText(subtract(closest[1], closest[0])))
        expect(byDoubles).toBe(byDecimals)
      },
    ),
  )
})

test('no pair lies closer than the closest', () => {
  fc.assert(
    fc.property(fc.array(fc.integer(), { minLength: 2, maxLength: 30 }), (numbers) => {
      const values = numbers.map((number) => decimal(number))
      const found = extremesOf(values)!.closest
      const apart = numbers
        .flatMap((a, at) => numbers.slice(at + 1).map((b) => Math.abs(a - b)))
        .filter((gap) => gap > 0)
      if (!found) return apart.length === 0
      return Number(toText(magnitudeOf(subtract(found[0], found[1])))) === Math.min(...apart)
    }),
  )
})

test('missing cells and infinities are no values', () => {
  expect(texts(finite([1.5, NaN, null, Infinity, '12345678901234567890', 'x']))).toEqual([
    '1.5',
    '12345678901234567890',
  ])
})

test.each([
  ['sum', ['0.3', '5']],
  ['largest', ['0.2', '5']],
  ['least', ['0.1', '5']],
] as const)('%s of each category, exactly, in the order in which they appear', (by, expected) => {
  const groups = aggregate(['a', 'b', 'a', 'c'], [...decimals('0.1', '5', '0.2'), null], by)
  expect(groups.map(({ category }) => category)).toEqual(['a', 'b'])
  expect(groups.map(({ value }) => toText(value))).toEqual(expected)
})

test('the sum of a category is the sum of its cells, digit by digit', () => {
  fc.assert(
    fc.property(
      fc.array(fc.bigInt({ min: -(10n ** 30n), max: 10n ** 30n }), { minLength: 1 }),
      (cells) => {
        const [group] = aggregate(
          cells.map(() => 'all'),
          cells.map((cell) => decimal(cell)),
          'sum',
        )
        return compare(group!.value, decimal(cells.reduce((a, b) => a + b, 0n))) === 0
      },
    ),
  )
})

test('a mean of ratios that is weighted by what they were divided by is the ratio of the sums', () => {
  const [above, below] = [decimals('1', '2', '6'), decimals('2', '10', '4')]
  const ratios = above.map((one, at) => divide(one, below[at]!))
  const by = (weights: (Decimal | null)[]) =>
    aggregate(['a', 'a', 'b'], ratios, 'mean', weights).map(
      ({ category, value }) => `${category} ${toText(value)}`,
    )
  expect(by(below)).toEqual(['a 0.25', 'b 1.5'])
  expect(by([below[0]!, null, below[2]!])).toEqual(['a 0.5', 'b 1.5'])
  expect(by(decimals('1', '-1', '4'))).toEqual(['b 1.5'])
})
