import { TickError } from '../error'
import {
  absolute,
  compare,
  leadingPower,
  magnitudeOf,
  multiply,
  subtract,
  tenTo,
} from '../decimal/arithmetic'
import { type Decimal, toNumber, toText } from '../decimal/decimal'
import { divide as quotient } from '../decimal/round'
import { type Counted, countedSteps } from './counted'

export type Ends = 'tight' | 'loose'
export interface LinearRequest {
  /** Two values, in either order. */
  readonly domain: readonly [Decimal, Decimal]
  /** The step; where it is not given it is found from `count`. */
  readonly step?: Decimal
  /** How many ticks are wanted; the nearest that a step allows. */
  readonly count?: number
  /** What the axis counts, where that has steps of its own. */
  readonly counted?: Counted
  /** `tight`: inside the domain; `loose`: the outermost ticks enclose it. */
  readonly ends?: Ends
}
export interface LinearTicks {
  readonly step: Decimal
  /** In the domain's direction, each an exact multiple of the step. */
  readonly values: readonly Decimal[]
}

export const MOST_TICKS = 10_000
export const DEFAULT_COUNT = 6
/** Round steps, tenfold so that all are whole: 1, 2, 2.5 and 5. */
const ROUND_STEPS = [10n, 20n, 25n, 50n]

/**
 * The whole multiples of a step that the domain begins and ends with.
 *
 * @returns the first and the last, in steps from zero
 * @example multiplesIn(decimal('0.3'), decimal('2'), decimal('0.5'), 'tight') // [1n, 4n]
 */
export function multiplesIn(
  low: Decimal,
  high: Decimal,
  step: Decimal,
  ends: Ends,
): [bigint, bigint] {
  const loose = ends === 'loose'
  return [divide(low, step, loose ? 'floor' : 'ceil'), divide(high, step, loose ? 'ceil' : 'floor')]
}

function divide(value: Decimal, step: Decimal, towards: 'floor' | 'ceil'): bigint {
  const shift = value.exponent - step.exponent
  const numerator = value.coefficient * tenTo(Math.max(shift, 0))
  const denominator = step.coefficient * tenTo(Math.max(-shift, 0))
  const quotient = numerator / denominator
  if (quotient * denominator === numerator) return quotient
  if (towards === 'floor') return numerator < 0n ? quotient - 1n : quotient
  return numerator < 0n ? quotient : quotient + 1n
}

/** How far around a power of ten round steps are looked for. */
const POWERS_AROUND = [-2, -1, 0, 1, 2, 3]
const roundSteps = (lead: number): Decimal[] =>
  POWERS_AROUND.flatMap((more) =>
    ROUND_STEPS.map((coefficient) => ({ coefficient, exponent: lead + more - 1 })),
  )

/** The round step whose number of ticks is nearest to the count; ties go to fewer ticks. */
function stepFor(
  low: Decimal,
  high: Decimal,
  { count, ends, counted }: { count: number; ends: Ends; counted: Counted | undefined },
): Decimal {
  const span = subtract(high, low)
  if (span.coefficient === 0n) {
    const lead = low.coefficient === 0n ? 0 : leadingPower(low)
    return { coefficient: 1n, exponent: lead }
  }
  const lead = leadingPower(span) - Math.ceil(Math.log10(Math.max(count, 1)))
  let best: { step: Decimal; off: number; ticks: number } | undefined
  for (const step of counted ? countedSteps(counted, span) : roundSteps(lead)) {
    const [first, last] = multiplesIn(low, high, step, ends)
    const ticks = Number(last - first) + 1
    const off = Math.abs(ticks - count)
    if (!best || off < best.off || (off === best.off && ticks < best.ticks))
      best = { step, off, ticks }
  }
  return best!.step
}

/** @throws TickError for a count that is none */
export function checkCount(count: number): void {
  if (!Number.isInteger(count) || count < 1 || count > MOST_TICKS)
    throw new TickError(
      `count: ${count} is not allowed; it takes a whole number from 1 to ${MOST_TICKS}`,
    )
}

/** From one end to the other, in either direction. */
export type Span = readonly [Decimal, Decimal]

/**
 * What an axis reaches over: a domain, and ticks beyond it, in the domain's direction.
 *
 * @example reachOf([decimal('0'), decimal('9')], [decimal('0'), decimal('10')]) // 0 to 10
 */
export function reachOf([from, to]: Span, values: readonly Decimal[]): Span {
  const [first, last] = [values[0] ?? from, values.at(-1) ?? to]
  const sign = compare(to, from) < 0 ? -1 : 1
  return [sign * compare(first, from) < 0 ? first : from, sign * compare(last, to) > 0 ? last : to]
}

/**
 * How far along a span a value stands: 0 at its beginning, 1 at its end.
 *
 * @example alongOf(decimal('5'), [decimal('0'), decimal('20')]) // 0.25
 */
export function alongOf(value: Decimal, [from, to]: Span): number {
  const span = subtract(to, from)
  return span.coefficient === 0n ? 0.5 : toNumber(quotient(subtract(value, from), span))
}

/**
 * A domain from its lower end to its upper one, and what puts ticks back in its own direction.
 *
 * @example ascending([decimal('9'), decimal('0')]).low // 0
 */
export function ascending([from, to]: readonly [Decimal, Decimal]): {
  low: Decimal
  high: Decimal
  inOrder: <Tick>(ticks: Tick[]) => Tick[]
} {
  const descends = compare(from, to) > 0
  return {
    low: descends ? to : from,
    high: descends ? from : to,
    inOrder: (ticks) => (descends ? ticks.reverse() : ticks),
  }
}

/**
 * Whole numbers from one to another.
 * @throws TickError for more than there may be ticks, naming the step
 * @example wholeNumbers(-1n, 2n, '5') // [-1n, 0n, 1n, 2n]
 */
export function wholeNumbers(first: bigint, last: bigint, step: string): bigint[] {
  if (absolute(last - first) >= BigInt(MOST_TICKS))
    throw new TickError(
      `step: ${step} makes more than ${MOST_TICKS} ticks over this domain; take a larger step`,
    )
  const all: bigint[] = []
  for (let at = first; at <= last; at++) all.push(at)
  return all
}

/**
 * Ticks at even steps, each an exact decimal: the ten-thousandth is as exact as the first.
 *
 * @throws TickError for a step of zero or below, a count below 1, and more than 10,000 ticks
 * @example linearTicks({ domain: [decimal(0), decimal(1)], step: decimal('0.125') }).values.length // 9
 */
export function linearTicks({
  domain,
  step,
  count = DEFAULT_COUNT,
  ends = 'tight',
  counted,
}: LinearRequest): LinearTicks {
  if (step && step.coefficient <= 0n)
    throw new TickError(`step: ${toText(step)} is not allowed; it takes a number above zero`)
  checkCount(count)
  const { low, high, inOrder } = ascending(domain)
  const used = step ?? stepFor(low, high, { count, ends, counted })
  const times = wholeNumbers(...multiplesIn(low, high, used, ends), toText(used))
  return {
    step: used,
    values: inOrder(times.map((at) => multiply({ coefficient: at, exponent: 0 }, used))),
  }
}

/**
 * The step between values that stand evenly, in their order; null where they do not or are fewer
 * than two.
 *
 * @example evenStep([decimal(0), decimal('0.125'), decimal('0.25')]) // 0.125
 */
export function evenStep(values: readonly Decimal[]): Decimal | null {
  const [first, second] = values
  if (!first || !second) return null
  const step = subtract(second, first)
  const isEven =
    step.coefficient !== 0n &&
    values.slice(2).every((value, at) => compare(subtract(value, values[at + 1]!), step) === 0)
  return isEven ? magnitudeOf(step) : null
}
