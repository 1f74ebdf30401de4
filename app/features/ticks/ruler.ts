import type { Counted } from '~~/core/ticks/counted'
import { add, compare, leadingPower, multiply, subtract } from '~~/core/decimal/arithmetic'
import { type Decimal, decimal, toNumber, toText } from '~~/core/decimal/decimal'
import { divide, roundToPlace } from '~~/core/decimal/round'
import type { AxisChoice } from '~~/core/suggest/axis'
import { placeTicks } from '~~/core/ticks/place'
import type { Span } from '~~/core/ticks/linear'
import type { Scored } from '~~/core/ticks/search'
import { placeShown, type ShownUnit } from '~~/core/ticks/shown'
import type { TickWishes } from '~~/shared/study/chart'
import { words as catalogue } from '~~/words'

const { powers } = catalogue.ticks

/** What the length of an axis, the size of its type and the number of its ticks may be. */
export const LIMITS = { width: [80, 2000], fontSize: [6, 40], count: [1, 100] } as const

/** Two digits less than a span has: what one move of an end is worth. */
const FINER = 2
/** The power of ten that the ends of a span are moved by. */
export const grainOf = ([from, to]: Span): number => {
  const span = subtract(to, from)
  return (span.coefficient === 0n ? 0 : leadingPower(span)) - FINER
}
const atGrain = (value: Decimal, grain: number): string =>
  toText({ coefficient: roundToPlace(value, grain, 'halfEven'), exponent: grain })

/**
 * The round value that stands so far along a span.
 * @example valueAlong(0.5, [decimal(0), decimal(10)]) // '5'
 */
export const valueAlong = (along: number, span: Span): string =>
  atGrain(add(span[0], multiply(subtract(span[1], span[0]), decimal(along))), grainOf(span))

/** A value moved by whole grains. */
export const nudged = (value: Decimal, span: Span, times: number): string =>
  atGrain(add(value, { coefficient: BigInt(times), exponent: grainOf(span) }), grainOf(span))

/** Leading digits of round steps, and of the next power's first one. */
const ROUND = [10n, 20n, 25n, 50n, 100n]
/** Round steps of a size's own power of ten, ascending. */
const stepsAround = (size: Decimal): Decimal[] =>
  ROUND.map((coefficient) => ({ coefficient, exponent: leadingPower(size) - 1 }))

/**
 * The round step whose ratio to a size is nearest to one.
 * @example stepNear(decimal('0.23')) // '0.25'
 */
export function stepNear(size: Decimal): string {
  const off = (step: Decimal) => Math.abs(Math.log(toNumber(divide(step, size))))
  return toText(stepsAround(size).reduce((best, step) => (off(step) < off(best) ? step : best)))
}

/** The next round step above or below a step. @example nextStep(decimal('0.2'), true) // '0.25' */
export function nextStep(step: Decimal, isUp: boolean): string {
  const lower = stepsAround(step).map((one) => ({ ...one, exponent: one.exponent - 1 }))
  const steps = [
    ...lower,
    ...stepsAround(step),
    ...stepsAround(step).map((one) => ({ ...one, exponent: one.exponent + 1 })),
  ]
  const next = isUp
    ? steps.find((one) => compare(one, step) > 0)
    : steps.findLast((one) => compare(one, step) < 0)
  return toText(next!)
}

/** Fractions of a constant that readers know as steps. */
export const FRACTIONS = [
  '1/12',
  '1/8',
  '1/6',
  '1/4',
  '1/3',
  '1/2',
  '1',
  '2',
  '5',
  '10',
  '20',
  '50',
]
export function nextFraction(step: string, isUp: boolean): string {
  const at = FRACTIONS.indexOf(step)
  return FRACTIONS[
    at < 0
      ? FRACTIONS.indexOf('1')
      : Math.min(FRACTIONS.length - 1, Math.max(0, at + (isUp ? 1 : -1)))
  ]!
}

const [FEWEST, MOST] = [2, 12]
/** Steps of a constant that give an axis two to twelve ticks. */
export function fractionSteps(
  domain: Span,
  multipleOf: string,
  ends: TickWishes['ends'],
): { step: string; values: Decimal[] }[] {
  return FRACTIONS.flatMap((step) => {
    try {
      const values = placeTicks({ domain, multipleOf, step, ends }).ticks.map(({ value }) => value)
      return values.length >= FEWEST && values.length <= MOST ? [{ step, values }] : []
    } catch {
      // So small a step makes more ticks than there may be.
      return []
    }
  })
}

/** One candidate a set of ticks: the best labels of each. */
export function distinctTicks(
  found: readonly Scored<AxisChoice>[],
  most: number,
): Scored<AxisChoice>[] {
  const keyOf = ({ ticks }: Scored<AxisChoice>) => ticks.values.map(toText).join(' ')
  return found
    .filter((one, at) => found.findIndex((other) => keyOf(other) === keyOf(one)) === at)
    .slice(0, most)
}

/** The wishes that make an axis have just the ticks of a candidate. */
export function wishesFor(
  { ticks }: Scored<AxisChoice>,
  now: TickWishes,
  domain: Span,
  unit?: ShownUnit,
): TickWishes {
  const wishes: TickWishes = { labels: now.labels, domain: now.domain, step: toText(ticks.step) }
  const wanted = ticks.values.map(toText).join(' ')
  const ends = (['loose', 'tight'] as const).find(
    (one) =>
      placeShown({ domain, step: toText(ticks.step), ends: one }, unit)
        .ticks.map(({ value }) => toText(value))
        .join(' ') === wanted,
  )
  return ends
    ? { ...wishes, ends }
    : { ...wishes, ends: 'tight', domain: [toText(ticks.values[0]!), toText(ticks.values.at(-1)!)] }
}

/** Axes whose ticks stand at powers, by the name of the choice. */
export const POWERS: Readonly<
  Record<string, { title: string; kind: 'log' | 'symlog'; base: NonNullable<TickWishes['base']> }>
> = {
  log10: { title: powers.log10, kind: 'log', base: 10 },
  log2: { title: powers.log2, kind: 'log', base: 2 },
  loge: { title: powers.loge, kind: 'log', base: 'e' },
  symlog10: { title: powers.symlog10, kind: 'symlog', base: 10 },
}
/** The choice that an axis follows; undefined where its ticks are even. */
export const powersOf = ({ kind, base = 10 }: TickWishes): string | undefined =>
  Object.keys(POWERS).find((id) => POWERS[id]!.kind === kind && POWERS[id]!.base === base)

/** What is counted in its own way, as it is chosen. */
export const countedTitles: Readonly<Record<Counted, string>> = {
  second: 'seconds',
  minute: 'minutes',
  hour: 'hours',
  degree: 'degrees',
  month: 'months',
  byte: 'bytes',
}

const COUNTS = [2, 3, 4, 6, 8, 12]
/** Ticks at powers, thinned to several counts. */
export function powerTicks(
  domain: Span,
  { kind, base, ends }: TickWishes,
): { count: number; values: Decimal[] }[] {
  const found = COUNTS.map((count) => ({
    count,
    values: placeTicks({ domain, kind, base, ends: ends ?? 'loose', count }).ticks.map(
      ({ value }) => value,
    ),
  }))
  const keyOf = ({ values }: { values: Decimal[] }) => values.map(toText).join(' ')
  return found
    .filter((one, at) => found.findIndex((other) => keyOf(other) === keyOf(one)) === at)
    .sort((a, b) => Math.abs(a.values.length - WANTED) - Math.abs(b.values.length - WANTED))
}
const WANTED = 6
