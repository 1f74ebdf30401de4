import fc from 'fast-check'
import { add, compare, leadingPower, multiply } from './arithmetic'
import { decimal, fromNumber, parseDecimal, toNumber, toText } from './decimal'
import { ROUNDING_MODES, type RoundingMode, roundToIncrement, roundToPlace } from './round'

const finite = fc.double({ noNaN: true, noDefaultInfinity: true })

test.each([
  ['1.50e3', '1500'],
  ['-0.000', '0'],
  ['+007', '7'],
  ['1e-324', '0.' + '0'.repeat(323) + '1'],
  ['9'.repeat(3000), '9'.repeat(3000)],
])('reads %s without loss', (text, plain) => {
  expect(toText(parseDecimal(text)!)).toBe(plain)
})

test.each(['', '.5', '5.', '1,000', '0x10', '1e', ' 1', '1e99999999999'])('refuses %j', (text) => {
  expect(parseDecimal(text)).toBeNull()
})

test('a number means its shortest digits, and comes back as itself', () => {
  expect(toText(fromNumber(1.005))).toBe('1.005')
  fc.assert(
    fc.property(finite, (value) => Object.is(toNumber(fromNumber(value)), value === 0 ? 0 : value)),
  )
})

test('sums and products are exact', () => {
  expect(toText(add(decimal('0.1'), decimal('0.2')))).toBe('0.3')
  expect(toText(add(decimal(5e-324), decimal('1e308')))).toHaveLength(309 + 1 + 324)
  fc.assert(
    fc.property(
      fc.bigInt(),
      fc.bigInt(),
      (a, b) => multiply(decimal(a), decimal(b)).coefficient === a * b,
    ),
  )
})

test('order follows the numbers', () => {
  fc.assert(
    fc.property(
      finite,
      finite,
      (a, b) => Math.sign(compare(fromNumber(a), fromNumber(b))) === Number(a > b) - Number(a < b),
    ),
  )
})

test('the leading power counts digits, not bits', () => {
  expect([999, 1000, 0.001, 0.00099].map((value) => leadingPower(fromNumber(value)))).toEqual([
    2, 3, -3, -4,
  ])
  // At powers of ten the nearest double may lie on the other side, or be infinite.
  for (let power = 1; power <= 700; power++) {
    const ten = 10n ** BigInt(power)
    expect([ten - 1n, ten, ten + 1n, -ten].map((value) => leadingPower(decimal(value)))).toEqual([
      power - 1,
      power,
      power,
      power,
    ])
  }
  fc.assert(
    fc.property(
      fc.bigInt({ min: 1n, max: 10n ** 320n }),
      (value) => leadingPower(decimal(value)) === String(value).length - 1,
    ),
  )
})

/** 2.5, -2.5, 2.4, 2.6 and 3.5 to whole numbers, as ECMA-402 defines each mode. */
const expected: Record<RoundingMode, number[]> = {
  halfExpand: [3, -3, 2, 3, 4],
  halfEven: [2, -2, 2, 3, 4],
  halfTrunc: [2, -2, 2, 3, 3],
  halfCeil: [3, -2, 2, 3, 4],
  halfFloor: [2, -3, 2, 3, 3],
  ceil: [3, -2, 3, 3, 4],
  floor: [2, -3, 2, 2, 3],
  expand: [3, -3, 3, 3, 4],
  trunc: [2, -2, 2, 2, 3],
}
test.each(ROUNDING_MODES)('%s rounds decimal digits', (mode) => {
  expect(
    ['2.5', '-2.5', '2.4', '2.6', '3.5'].map((text) =>
      Number(roundToPlace(decimal(text), 0, mode)),
    ),
  ).toEqual(expected[mode])
})

test('1.005 to hundredths is 1.01, since its digits say so', () => {
  expect(roundToPlace(fromNumber(1.005), -2, 'halfExpand')).toBe(101n)
})

test('an increment keeps its multiples', () => {
  expect(roundToIncrement(decimal('1.03'), decimal('0.05'), 'halfExpand')).toBe(105n)
  expect(roundToIncrement(decimal('1234'), decimal('50'), 'floor')).toBe(1200n)
})
