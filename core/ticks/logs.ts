import { TickError } from '../error'
import { compare, leadingPower, magnitudeOf, negate } from '../decimal/arithmetic'
import { type Decimal, decimal, ONE, ZERO } from '../decimal/decimal'
import { powerOf, scaleBy } from '../decimal/powers'
import { constantOf } from '../notations/multiple'
import { ascending, checkCount, DEFAULT_COUNT, type Ends, linearTicks, MOST_TICKS } from './linear'
import type { Ticks } from './types'

const E = decimal(constantOf('e').value)
/** Bases of a log axis, with the powers of each; those of e are good to 60 digits. */
const bases = {
  10: { log10: 1, power: (n: number): Decimal => ({ coefficient: 1n, exponent: n }) },
  2: { log10: Math.log10(2), power: (n: number): Decimal => scaleBy(ONE, 2, n) },
  e: { log10: Math.log10(Math.E), power: (n: number): Decimal => powerOf(E, n) },
} as const
export type LogBase = keyof typeof bases

/** The largest whole power of a base that is not above a value. @param value above zero */
function floorPower(base: LogBase, value: Decimal): number {
  const { log10, power } = bases[base]
  let n = Math.floor(leadingPower(value) / log10)
  while (compare(power(n), value) > 0) n--
  while (compare(power(n + 1), value) <= 0) n++
  return n
}
function ceilPower(base: LogBase, value: Decimal): number {
  const n = floorPower(base, value)
  return compare(bases[base].power(n), value) === 0 ? n : n + 1
}

export interface LogRequest {
  readonly domain: readonly [Decimal, Decimal]
  readonly base?: LogBase
  readonly count?: number
  readonly ends?: Ends
  /** Whether the multiples between powers, or the powers that were left out, are given too. */
  readonly minor?: boolean
}

const range = (from: number, to: number): number[] =>
  Array.from({ length: Math.max(0, to - from + 1) }, (_, at) => from + at)
/** Round counts of powers, which labels can say: 10⁵⁰, 10¹⁰⁰. */
const STRIDES = [1, 2, 3, 5, 10, 20, 50, 100, 200, 500, 1000]
/**
 * Every so many powers, by a round count, so that there are at most about as many as wanted; the
 * power of zero is among them.
 */
function thinned(powers: readonly number[], count: number): { kept: number[]; left: number[] } {
  const keptBy = (by: number) => powers.filter((n) => n % by === 0)
  const stride = STRIDES.find((by) => keptBy(by).length <= count) ?? powers.length
  return { kept: keptBy(stride), left: powers.filter((n) => n % stride !== 0) }
}
const MANTISSAS = [[1], [1, 2, 5], [1, 2, 3, 4, 5, 6, 7, 8, 9]]
const BETWEEN = [2, 3, 4, 5, 6, 7, 8, 9]
/** An axis with fewer ticks is hard to read between them. */
const FEWEST = 3
const times = (digit: number, value: Decimal): Decimal => ({
  coefficient: value.coefficient * BigInt(digit),
  exponent: value.exponent,
})

/** Multiples of powers of ten within a domain too short for powers alone. */
function finerLog(low: Decimal, high: Decimal): Decimal[] | null {
  const powers = range(floorPower(10, low), floorPower(10, high))
  const inside = MANTISSAS.map((digits) =>
    powers
      .flatMap((n) => digits.map((digit) => times(digit, bases[10].power(n))))
      .filter((value) => compare(value, low) >= 0 && compare(value, high) <= 0),
  )
  return inside.find((values) => values.length >= FEWEST) ?? null
}

/**
 * Ticks at whole powers of a base; where there are too many, every so many of them; where a domain
 * holds fewer than three powers of ten, at their multiples by 2 and 5, then by all digits.
 *
 * @throws TickError for a domain that reaches or crosses zero
 * @example logTicks({ domain: [decimal(1), decimal(1000)] }).ticks.length // 4
 */
export function logTicks({
  domain,
  base = 10,
  count = DEFAULT_COUNT,
  ends = 'tight',
  minor = false,
}: LogRequest): Ticks {
  checkCount(count)
  const { low, high, inOrder } = ascending(domain)
  if (low.coefficient <= 0n && high.coefficient >= 0n)
    throw new TickError(
      'domain: a log axis cannot reach zero; take a domain on one side of it, or the kind symlog',
    )
  if (high.coefficient < 0n) {
    const mirrored = logTicks({
      domain: [negate(domain[0]), negate(domain[1])],
      base,
      count,
      ends,
      minor,
    })
    return {
      ...mirrored,
      ticks: mirrored.ticks.map(({ value }) => ({ value: negate(value) })),
      minor: mirrored.minor.map(negate),
    }
  }
  const powers =
    ends === 'tight'
      ? range(ceilPower(base, low), floorPower(base, high))
      : range(floorPower(base, low), ceilPower(base, high))
  if (powers.length > MOST_TICKS)
    throw new TickError(`domain: it holds more than ${MOST_TICKS} powers`)
  const isShort = base === 10 ? powers.length < FEWEST : powers.length < 2
  if (isShort && ends === 'tight') {
    const finer = finerLog(low, high) ?? linearTicks({ domain: [low, high], count }).values
    return { step: null, ticks: inOrder([...finer].map((value) => ({ value }))), minor: [] }
  }
  const { power } = bases[base]
  const { kept, left } = thinned(powers, count)
  const isInside = (value: Decimal) =>
    ends === 'loose' || (compare(value, low) >= 0 && compare(value, high) <= 0)
  const between =
    left.length > 0 || base !== 10
      ? left.map(power)
      : range(powers[0]! - 1, powers.at(-1)!)
          .flatMap((n) => BETWEEN.map((digit) => times(digit, power(n))))
          .filter(isInside)
  return {
    step: null,
    ticks: inOrder(kept.map((n) => ({ value: power(n) }))),
    minor: minor ? between : [],
  }
}

/**
 * Powers that stand between zero and the largest on each side of a symmetric log axis that is all
 * below one.
 */
const SMALL_POWERS = 3
/** Sizes of a symmetric log axis that ends between one and ten. */
const UNITS = [1n, 2n, 5n]

/**
 * Ticks of a symmetric log axis: zero, and powers on both sides of it, from one on, the largest
 * among them; where the domain does not reach ten, at 1, 2 and 5, and where it does not reach one,
 * from a thousandth of it.
 *
 * @throws TickError for a count that is none, or a domain with too many powers
 * @example symlogTicks({ domain: [decimal(-100), decimal(100)] }).ticks.length // 7: -100 to 100 over zero
 */
export function symlogTicks({ domain, base = 10, count = DEFAULT_COUNT + 1 }: LogRequest): Ticks {
  checkCount(count)
  const { low, high, inOrder } = ascending(domain)
  const largest = [low, high].map(magnitudeOf).reduce((a, b) => (compare(a, b) > 0 ? a : b))
  if (largest.coefficient === 0n) return { step: null, ticks: [{ value: ZERO }], minor: [] }
  const { power } = bases[base]
  const last = floorPower(base, largest)
  const first = last > 0 ? 0 : last - SMALL_POWERS
  const isInside = (value: Decimal) => compare(value, low) >= 0 && compare(value, high) <= 0
  const { kept } = thinned(range(0, last - first), Math.max(1, Math.floor((count - 1) / 2)))
  const sizes =
    base === 10 && last === 0
      ? UNITS.map((coefficient) => ({ coefficient, exponent: 0 }))
      : kept.map((n) => power(last - n)).reverse()
  const values = [...[...sizes].reverse().map(negate), ZERO, ...sizes].filter(isInside)
  return { step: null, ticks: inOrder(values.map((value) => ({ value }))), minor: [] }
}
