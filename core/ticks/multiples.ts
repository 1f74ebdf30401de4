import { TickError } from '../error'
import { add, multiply, subtract } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { divide } from '../decimal/round'
import { constantOf } from '../notations/multiple'
import {
  ascending,
  checkCount,
  DEFAULT_COUNT,
  type Ends,
  multiplesIn,
  wholeNumbers,
} from './linear'
import type { Ticks } from './types'

/** A part of the constant, in lowest terms. */
interface Fraction {
  readonly numerator: bigint
  readonly denominator: bigint
}
export interface MultiplesRequest {
  readonly domain: readonly [Decimal, Decimal]
  /** pi, tau, e or decimal text above zero. */
  readonly constant: string
  /**
   * A fraction of the constant, such as "1/3" or "2"; where it is not given it is found from
   * `count`.
   */
  readonly step?: string
  readonly count?: number
  readonly ends?: Ends
}

/**
 * A domain that ends this near to a multiple, in steps, includes it: ends are seldom given to all
 * digits of π.
 */
const NEAR = decimal('0.001')
/** Steps that a reader knows, below one of the constant. */
const PARTS = [12, 8, 6, 4, 3, 2].map((part): Fraction => ({
  numerator: 1n,
  denominator: BigInt(part),
}))
const LARGEST_POWER = 15
const WHOLES = Array.from({ length: LARGEST_POWER }, (_, power) =>
  [1n, 2n, 5n].map((digit): Fraction => ({
    numerator: digit * 10n ** BigInt(power),
    denominator: 1n,
  })),
).flat()
const SMALL = Array.from({ length: LARGEST_POWER }, (_, at) =>
  [1n, 2n, 5n].map((digit) => lowest({ numerator: digit, denominator: 10n ** BigInt(at + 2) })),
).flat()
const STEPS = [...SMALL, ...PARTS, ...WHOLES]

function lowest({ numerator, denominator }: Fraction): Fraction {
  let [a, b] = [numerator < 0n ? -numerator : numerator, denominator]
  while (b !== 0n) [a, b] = [b, a % b]
  return a === 0n
    ? { numerator: 0n, denominator: 1n }
    : { numerator: numerator / a, denominator: denominator / a }
}
const textOf = ({ numerator, denominator }: Fraction): string =>
  denominator === 1n ? String(numerator) : `${numerator}/${denominator}`

function parseStep(text: string): Fraction {
  const [, numerator, denominator = '1'] = /^(\d+)(?:\/(\d+))?$/.exec(text.trim()) ?? []
  if (!numerator || BigInt(numerator) === 0n || BigInt(denominator) === 0n)
    throw new TickError(
      `step: ${JSON.stringify(text)} is not allowed; with multipleOf it takes a fraction above zero such as "1/3" or "2"`,
    )
  return lowest({ numerator: BigInt(numerator), denominator: BigInt(denominator) })
}

/**
 * Ticks at fractions of a constant: each is an exact fraction, its value good to 60 digits; zero is
 * zero.
 *
 * @throws TickError for a step that is no fraction above zero, and for more than 10,000 ticks
 * @example multipleTicks({ domain: [decimal(0), decimal('6.2831853')], constant: 'pi', step: '1/2' }).ticks.at(-1) // factor '2'
 */
export function multipleTicks({
  domain,
  constant,
  step,
  count = DEFAULT_COUNT,
  ends = 'tight',
}: MultiplesRequest): Ticks {
  checkCount(count)
  const { low, high, inOrder } = ascending(domain)
  const unit = decimal(constantOf(constant).value)
  const valueOf = ({ numerator, denominator }: Fraction): Decimal =>
    divide(multiply(unit, decimal(numerator)), decimal(denominator))
  const timesOf = (fraction: Fraction): [bigint, bigint] => {
    const size = valueOf(fraction)
    const near = multiply(size, NEAR)
    return ends === 'tight'
      ? multiplesIn(subtract(low, near), add(high, near), size, ends)
      : multiplesIn(add(low, near), subtract(high, near), size, ends)
  }
  const off = (fraction: Fraction): number => {
    const [first, last] = timesOf(fraction)
    return Math.abs(Number(last - first) + 1 - count)
  }
  // Of steps equally near to the count, the larger makes fewer ticks.
  const used =
    step === undefined
      ? STEPS.reduce((best, one) => (off(one) <= off(best) ? one : best))
      : parseStep(step)
  const [first, last] = timesOf(used)
  const ticks = wholeNumbers(first, last, textOf(used)).map((at) => {
    const fraction = lowest({ numerator: used.numerator * at, denominator: used.denominator })
    return { value: valueOf(fraction), factor: textOf(fraction) }
  })
  return { step: textOf(used), ticks: inOrder(ticks), minor: [] }
}
