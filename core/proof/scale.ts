import type { ScaleKind } from './types'

/** Where a label stands along its axis, and the ends of what it says. */
export interface Placed {
  readonly at: number
  readonly low: number
  readonly high: number
}

/** A scale that turns places into numbers, in doubles: what is shown is decided exactly. */
export interface Scale {
  readonly kind: ScaleKind
  /** The number of a place. */
  value(at: number): number
  /** The least and the largest step per pixel for which all labels that it explains hold. */
  readonly slopes: readonly [number, number]
  /** Whether it explains each label. */
  readonly explains: readonly boolean[]
  readonly count: number
}

/** How far a label may stand from its tick, in pixels. */
const TOLERANCE = 0.75
const MOST_PAIRS = 400
/** Longer axes are not tried as scales that are bent about zero, of which there are many. */
const MOST_BENT = 60
/** Labels that a scale of a root or a square has to explain at least. */
const LEAST_POWERED = 5
/** Exact slopes look at each pair. */
const MOST_EXACT = 300

interface Line {
  readonly from: number
  readonly slope: number
}
const along = ({ from, slope }: Line, at: number): number => from + slope * at
const isWithin = (line: Line, { at, low, high }: Placed, tolerance: number): boolean => {
  const number = along(line, at)
  const room = Math.abs(line.slope) * tolerance + 1e-9 * Math.max(Math.abs(low), Math.abs(high))
  return number >= low - room && number <= high + room
}

/** Pairs of places, of many those that lie farther apart first. */
function* pairsOf(count: number): Generator<readonly [number, number]> {
  let left = MOST_PAIRS
  for (let apart = count - 1; apart > 0; apart--)
    for (let first = 0; first + apart < count; first++) {
      yield [first, first + apart]
      if (--left === 0) return
    }
}

const middle = ({ low, high }: Placed): number => (low + high) / 2
/** The line that explains most labels; among equals the one that is nearest to what they say. */
function bestLine(placed: readonly Placed[], tolerance: number): Line | null {
  let best: { line: Line; count: number; off: number } | null = null
  for (const [i, j] of pairsOf(placed.length)) {
    const [a, b] = [placed[i]!, placed[j]!]
    if (a.at === b.at) continue
    for (const [from, to] of [
      [middle(a), middle(b)],
      [a.low, b.high],
      [a.high, b.low],
    ] as const) {
      const slope = (to - from) / (b.at - a.at)
      const line = { from: from - slope * a.at, slope }
      let [count, off] = [0, 0]
      for (const one of placed) {
        if (!isWithin(line, one, tolerance)) continue
        count++
        off += Math.abs(along(line, one.at) - middle(one))
      }
      if (!best || count > best.count || (count === best.count && off < best.off))
        best = { line, count, off }
    }
    if (best?.count === placed.length) break
  }
  return best?.line ?? null
}

/**
 * All slopes for which one line goes through the spans of all labels: for each pair, the slope may
 * not be so steep or so flat that it leaves one of the two.
 */
function slopesOf(placed: readonly Placed[], { slope }: Line, tolerance: number): [number, number] {
  if (placed.length > MOST_EXACT) return [slope, slope]
  const room = Math.abs(slope) * tolerance
  let [least, most] = [-Infinity, Infinity]
  for (let j = 1; j < placed.length; j++)
    for (let i = 0; i < j; i++) {
      const [a, b] =
        placed[i]!.at < placed[j]!.at ? [placed[i]!, placed[j]!] : [placed[j]!, placed[i]!]
      const apart = b.at - a.at
      if (apart === 0) continue
      least = Math.max(least, (b.low - a.high - 2 * room) / apart)
      most = Math.min(most, (b.high - a.low + 2 * room) / apart)
    }
  return least <= most ? [least, most] : [slope, slope]
}

/** How numbers are bent before they lie on a line, and back. */
interface Bend {
  readonly kind: ScaleKind
  bend(value: number): number
  straighten(value: number): number
}
const straight = (kind: ScaleKind): Bend => ({
  kind,
  bend: (value) => value,
  straighten: (value) => value,
})
const logarithmic: Bend = {
  kind: 'log',
  bend: (value) => (value > 0 ? Math.log10(value) : -Infinity),
  straighten: (value) => 10 ** value,
}
const powered = (exponent: number): Bend => ({
  kind: 'power',
  bend: (value) => Math.sign(value) * Math.abs(value) ** exponent,
  straighten: (value) => Math.sign(value) * Math.abs(value) ** (1 / exponent),
})
/** Linear about zero and logarithmic beyond: sign × log(1 + |value| ÷ constant). */
const symmetric = (constant: number): Bend => ({
  kind: 'symlog',
  bend: (value) => Math.sign(value) * Math.log1p(Math.abs(value) / constant),
  straighten: (value) => Math.sign(value) * Math.expm1(Math.abs(value)) * constant,
})
/** The same with a linear part of its own length up to a threshold. */
const thresholded = (threshold: number, length: number): Bend => ({
  kind: 'symlog',
  bend(value) {
    const size = Math.abs(value) / threshold
    return Math.sign(value) * (size <= 1 ? size * length : length + Math.log10(size))
  },
  straighten(value) {
    const size = Math.abs(value)
    const far = size <= length ? size / length : 10 ** (size - length)
    return Math.sign(value) * far * threshold
  },
})

function fitted(labels: readonly Placed[], bend: Bend, tolerance: number): Scale | null {
  const bent = labels.map(({ at, low, high }) => ({
    at,
    low: bend.bend(low),
    high: bend.bend(high),
  }))
  const finite = bent.map(({ high }) => Number.isFinite(high))
  // Beneath a small number whose span reaches zero, a logarithm has no end.
  const ended = bent.map((one) => (Number.isFinite(one.low) ? one : { ...one, low: one.high - 1 }))
  const line = bestLine(
    ended.filter((_, at) => finite[at]),
    tolerance,
  )
  if (!line || line.slope === 0) return null
  const explains = ended.map((one, at) => finite[at]! && isWithin(line, one, tolerance))
  const explained = bent.filter((_, at) => explains[at])
  return {
    kind: bend.kind,
    value: (at) => bend.straighten(along(line, at)),
    slopes: slopesOf(explained, line, 0),
    explains,
    count: explained.length,
  }
}

/** Scales are tried in this order; a later one has to explain more. */
function* bendsFor(labels: readonly Placed[], isMultiple: boolean): Generator<Bend> {
  yield* usualBends(labels, isMultiple)
  // Roots and squares fit few labels too easily.
  if (isMultiple || labels.length < LEAST_POWERED) return
  yield powered(0.5)
  yield powered(2)
}
function* usualBends(labels: readonly Placed[], isMultiple: boolean): Generator<Bend> {
  yield straight(isMultiple ? 'multiple' : 'linear')
  if (isMultiple) return
  const sizes = labels.map(({ low, high }) => Math.abs((low + high) / 2)).filter((one) => one > 0)
  const areAllPositive = labels.every(({ high, low }) => (low + high) / 2 > 0)
  if (areAllPositive) yield logarithmic
  if (areAllPositive || sizes.length < 3 || labels.length > MOST_BENT) return
  const least = Math.floor(Math.log10(Math.min(...sizes)))
  for (const power of [least, least - 1, least - 2, least + 1]) yield symmetric(10 ** power)
  yield symmetric(1)
  for (const constant of [Math.min(...sizes), 10 ** least])
    for (const length of [1 / 0.9, 1, 2, 0.5]) yield thresholded(constant, length)
}

/**
 * The scale that explains most labels by where they stand: linear before all others, which must
 * explain more.
 *
 * @param labels in any order
 * @param isMultiple whether they count in a constant such as π
 * @param tolerance in pixels: how far places are off where no ticks were found
 * @returns null for fewer than two places, or where no line goes through two of them
 * @example scaleOf([{ at: 0, low: -0.5, high: 0.5 }, { at: 100, low: 9.5, high: 10.5 }]).value(50) // 5
 */
export function scaleOf(
  labels: readonly Placed[],
  isMultiple = false,
  tolerance = TOLERANCE,
): Scale | null {
  let best: Scale | null = null
  for (const bend of bendsFor(labels, isMultiple)) {
    const scale = fitted(labels, bend, tolerance)
    if (scale && (!best || scale.count > best.count)) best = scale
    if (best?.count === labels.length) break
  }
  return best
}
