import { compare, leadingPower, log10, magnitudeOf } from '../decimal/arithmetic'
import { type Decimal, toNumber } from '../decimal/decimal'
import { divide } from '../decimal/round'
import { alongOf, type Span } from './linear'

export type AxisKind = 'linear' | 'log' | 'symlog'

/**
 * Sizes that a symmetric log axis begins from: one, or a thousandth of the power it reaches where
 * that is below ten.
 */
const SMALL_POWERS = 3
function symlogOf([from, to]: Span): (value: Decimal) => number {
  const largest = [from, to].map(magnitudeOf).reduce((a, b) => (compare(a, b) > 0 ? a : b))
  const last = largest.coefficient === 0n ? 0 : leadingPower(largest)
  const unit: Decimal = { coefficient: 1n, exponent: last > 0 ? 0 : last - SMALL_POWERS }
  // As far from zero as from one power to the next: linear within the first, the logarithm beyond.
  const size = (value: Decimal) =>
    compare(value, unit) <= 0 ? toNumber(divide(value, unit)) : 1 + log10(divide(value, unit))
  return (value) => Math.sign(Number(value.coefficient)) * size(magnitudeOf(value))
}
const ratio = (value: number, from: number, to: number) =>
  from === to ? 0.5 : (value - from) / (to - from)

const places: Record<AxisKind, (span: Span) => (value: Decimal) => number> = {
  linear: (span) => (value) => alongOf(value, span),
  log: (span) => {
    const [from, to] = span.map((end) => log10(magnitudeOf(end))) as [number, number]
    return (value) => ratio(log10(magnitudeOf(value)), from, to)
  },
  symlog: (span) => {
    const scale = symlogOf(span)
    return (value) => ratio(scale(value), scale(span[0]), scale(span[1]))
  },
}

/**
 * How far along an axis values stand: 0 at its beginning, 1 at its end.
 *
 * @param span of the axis; of a log axis on one side of zero
 * @returns a function of the value; of a log axis, of one on that side
 * @example alongAxis('log', [decimal(1), decimal(1000)])(decimal(10)) // 0.333…
 */
export const alongAxis = (kind: AxisKind, span: Span): ((value: Decimal) => number) =>
  places[kind](span)

/**
 * The least and largest number on one side of zero, for a log axis; null where there is none above
 * it.
 *
 * @example positiveSpan(['-1', '0', '10', '1000'].map(decimal)) // 10 and 1000
 */
export function positiveSpan(values: readonly Decimal[]): Span | null {
  const positive = values.filter(({ coefficient }) => coefficient > 0n)
  const [first] = positive
  if (!first) return null
  const ends = positive.reduce<[Decimal, Decimal]>(
    ([low, high], value) => [
      compare(value, low) < 0 ? value : low,
      compare(value, high) > 0 ? value : high,
    ],
    [first, first],
  )
  return compare(ends[0], ends[1]) === 0
    ? [divide(ends[0], { coefficient: 10n, exponent: 0 }), ends[1]]
    : ends
}
