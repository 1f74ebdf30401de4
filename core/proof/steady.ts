import { add, compare, magnitudeOf, multiply, subtract } from '../decimal/arithmetic'
import { type Decimal, decimal, fromNumber, toNumber } from '../decimal/decimal'
import { divide } from '../decimal/round'
import type { Said } from './read'
import type { Scale } from './scale'

/** A label and where it stands, from the least number to the largest. */
export interface Standing {
  readonly said: Said
  readonly at: number
}
/** The number that each label stands for, and the step between them where that is steady. */
export interface Steady {
  readonly values: readonly Decimal[]
  readonly step: Decimal | null
  /** How rare such steps are; 0 where labels say their own. */
  readonly cost: number
}

/** Steps that axes have, by their digits, the simplest first; a lower cost is simpler. */
const STEPS: readonly (readonly [digits: number, cost: number])[] = [
  [1, 0],
  [2, 0],
  [5, 0],
  [25, 1],
  [3, 2],
  [4, 2],
  [6, 2],
  [125, 2],
  [15, 2],
  [12, 3],
  [8, 3],
  [75, 3],
  [45, 3],
  [375, 4],
  [625, 4],
  [7, 4],
  [9, 4],
]
/** A step whose multiples the ticks are not is less likely than one of a rarer kind. */
const OFFSET_COST = 3
/** Labels say their ticks as exactly as they can, so that one which was rounded is the rarer case. */
const INEXACT_COST = 0.1
const MOST_FIRST = 12
/** A step of no usual digits. */
const RARE = 6
const MOST_PARTS = 4
const LEAST_GAP = 3
const TOLERANCE = 0.75
/** Fractions of a constant have denominators up to this. */
const MOST_DENOMINATOR = 12

/** How many equal gaps each label stands from the first; null where no gap goes into them all. */
function countsOf(places: readonly number[]): { counts: number[]; gap: number } | null {
  const [first, last] = [places[0]!, places.at(-1)!]
  const gaps = places.slice(1).map((at, i) => Math.abs(at - places[i]!))
  const least = Math.min(...gaps.filter((gap) => gap > 0.5))
  for (let parts = 1; parts <= MOST_PARTS; parts++) {
    const rough = least / parts
    if (!(rough >= LEAST_GAP)) return null
    const most = Math.round(Math.abs(last - first) / rough)
    const gap = Math.abs(last - first) / most
    const counts = places.map((at) => Math.round(Math.abs(at - first) / gap))
    if (places.every((at, i) => Math.abs(Math.abs(at - first) - counts[i]! * gap) <= TOLERANCE))
      return { counts, gap }
  }
  return null
}

/** The number with fewest digits between two. */
export function simplestBetween(low: number, high: number): Decimal {
  if (low <= 0 && high >= 0) return decimal(0)
  const size = Math.floor(Math.log10(Math.max(Math.abs(low), Math.abs(high))))
  for (let place = size; place > size - 17; place--) {
    const unit = 10 ** place
    const digits = Math.ceil(low / unit - 1e-9)
    if (digits * unit <= high * (1 + Math.sign(high) * 1e-12))
      return { coefficient: BigInt(digits), exponent: place }
  }
  return fromNumber((low + high) / 2)
}

interface Spans {
  readonly low: readonly number[]
  readonly high: readonly number[]
}
/** The first ticks that keep every label within its span, for a step. */
function offsetFor(
  { low, high }: Spans,
  counts: readonly number[],
  step: number,
): [number, number] {
  let [least, most] = [-Infinity, Infinity]
  counts.forEach((count, at) => {
    least = Math.max(least, low[at]! - count * step)
    most = Math.min(most, high[at]! - count * step)
  })
  const slack = Math.abs(step) * 1e-9
  return [least - slack, most + slack]
}

interface Choice {
  readonly step: Decimal
  readonly first: Decimal
  readonly cost: number
}
/** A step with the simplest first tick for it; null where no tick keeps all labels. */
function choiceFor(
  step: Decimal,
  cost: number,
  spans: Spans,
  counts: readonly number[],
): Choice | null {
  const size = toNumber(step)
  const [least, most] = offsetFor(spans, counts, size)
  if (least > most) return null
  const inexact = (first: number): number =>
    counts.filter((count, at) => {
      const middle = (spans.low[at]! + spans.high[at]!) / 2
      return Math.abs(first + count * size - middle) > 1e-6 * size
    }).length
  let best: Choice | null = null
  const last = Math.min(Math.floor(most / size + 1e-9), Math.ceil(least / size - 1e-9) + MOST_FIRST)
  for (let times = Math.ceil(least / size - 1e-9); times <= last; times++) {
    const own = cost + INEXACT_COST * inexact(times * size)
    if (!best || own < best.cost)
      best = { step, first: multiply(decimal(BigInt(times)), step), cost: own }
  }
  if (best) return best
  const first = simplestBetween(least, most)
  return { step, first, cost: cost + OFFSET_COST + INEXACT_COST * inexact(toNumber(first)) }
}
function simplestStep(
  [least, most]: readonly [number, number],
  spans: Spans,
  counts: readonly number[],
): Choice | null {
  const power = Math.floor(Math.log10(most))
  let best: Choice | null = null
  for (const [digits, cost] of STEPS) {
    const own = Math.floor(Math.log10(digits))
    for (const exponent of [power - own, power - own - 1, power - own + 1]) {
      const step: Decimal = { coefficient: BigInt(digits), exponent }
      const size = toNumber(step)
      if (size < least * (1 - 1e-9) || size > most * (1 + 1e-9)) continue
      const choice = choiceFor(step, cost, spans, counts)
      if (choice && (!best || choice.cost < best.cost)) best = choice
    }
  }
  return best ?? choiceFor(simplestBetween(least, most), RARE, spans, counts)
}

/** The step of labels that go up evenly as they are written; null where they do not. */
function writtenStep(labels: readonly Standing[], counts: readonly number[]): Decimal | null {
  const [first, last] = [labels[0]!, labels.at(-1)!]
  const times = decimal(counts.at(-1)! - counts[0]!)
  if (times.coefficient === 0n) return null
  const step = divide(subtract(last.said.value, first.said.value), times)
  const isEven = labels.every(
    ({ said }, at) =>
      compare(
        add(first.said.value, multiply(decimal(counts[at]! - counts[0]!), step)),
        said.value,
      ) === 0,
  )
  return isEven ? step : null
}

/** A fraction of a constant near a number. */
function fractionNear(value: number): Decimal {
  for (let by = 1; by <= MOST_DENOMINATOR; by++) {
    const times = Math.round(value * by)
    if (Math.abs(times / by - value) < 0.02 / by) return divide(decimal(times), decimal(by))
  }
  return simplestBetween(value - 0.005, value + 0.005)
}

/** The simplest number of a place: what lies within a pixel of it. */
function numberNear(scale: Scale, at: number): Decimal {
  if (scale.kind === 'multiple') return fractionNear(scale.value(at))
  const ends = [scale.value(at - 1), scale.value(at + 1)].sort((a, b) => a - b)
  return simplestBetween(ends[0]!, ends[1]!)
}

/**
 * The simplest number of a steady step that lies in the span of each label; where labels are not
 * steady, what they say, and for those that the scale does not explain the simplest number of
 * their place.
 *
 * @param labels along the axis, with one that it explains at least
 * @example labels 0, 0.1, 0.3, 0.4 and 0.5 at equal distances stand for eighths: 0, 0.125, 0.25, …
 */
export function steadyOf(labels: readonly Standing[], scale: Scale): Steady {
  const asSaid = (): Steady => ({
    values: labels.map(({ said, at }, i) =>
      scale.explains[i] ? said.value : numberNear(scale, at),
    ),
    step: null,
    cost: 0,
  })
  if (scale.kind !== 'linear') return asSaid()
  const counted = countsOf(labels.map(({ at }) => at))
  if (!counted) return asSaid()
  const { counts, gap } = counted
  const isDown = scale.value(labels.at(-1)!.at) < scale.value(labels[0]!.at)
  const signed = isDown ? counts.map((count) => -count) : counts
  const explained = labels.map((_, at) => at).filter((at) => scale.explains[at])
  const own = explained.map((at) => labels[at]!)
  const ownCounts = explained.map((at) => signed[at]!)
  const written = writtenStep(own, ownCounts)
  const base = own[0]!.said.value
  const valuesBy = (step: Decimal, first: Decimal): Decimal[] =>
    signed.map((count) => add(first, multiply(decimal(count), step)))
  const stepBetween = (step: Decimal): Decimal | null => {
    const between = new Set(counts.slice(1).map((count, at) => count - counts[at]!))
    return between.size === 1 ? multiply(decimal([...between][0]!), magnitudeOf(step)) : null
  }
  if (written) {
    const first = subtract(base, multiply(decimal(ownCounts[0]!), written))
    return { values: valuesBy(written, first), step: stepBetween(written), cost: 0 }
  }
  const steps = scale.slopes.map((slope) => Math.abs(slope) * gap).sort((a, b) => a - b)
  const spans = {
    low: own.map(({ said }) => toNumber(subtract(said.value, said.half))),
    high: own.map(({ said }) => toNumber(add(said.value, said.half))),
  }
  // Places are known to a fraction of a pixel alone.
  const slack = TOLERANCE / Math.abs(labels.at(-1)!.at - labels[0]!.at)
  const found = simplestStep([steps[0]! * (1 - slack), steps[1]! * (1 + slack)], spans, ownCounts)
  if (!found) return asSaid()
  return {
    values: valuesBy(found.step, found.first),
    step: stepBetween(found.step),
    cost: found.cost,
  }
}
