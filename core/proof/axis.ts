import { compare, decimalsOf, subtract } from '../decimal/arithmetic'
import { type Decimal, toNumber } from '../decimal/decimal'
import { readIn, type Reader, relevant, type Said, type Way, waysOf } from './read'
import { GUESSED_PLACE, type Labelled, type Run } from './runs'
import { type Placed, type Scale, scaleOf } from './scale'
import { type Standing, type Steady, steadyOf } from './steady'
import type { Side } from './types'

/** An axis as its labels tell it. */
export interface Axis {
  readonly side: Side
  readonly isUpright: boolean
  readonly hasTicks: boolean
  readonly labels: readonly Labelled[]
  readonly said: readonly Said[]
  readonly places: readonly number[]
  readonly scale: Scale
  /** The simplest number of each place. */
  readonly values: readonly Decimal[]
  readonly step: Decimal | null
  readonly way: Way
  /** Labels that do not say the number of their place; whether no scale explains the most. */
  readonly misplaced: readonly number[]
  readonly isUneven: boolean
  /** Another way of reading its labels that explains them as well, and other numbers. */
  readonly other: { readonly way: Way; readonly said: readonly Said[] } | null
}

/** Labels that a scale must explain: this part of them, and so many. */
const EXPLAINED = 0.6
const LEAST = 3
const WRONG_AT_MOST = 0.25

/** Steps that are rarer than this are none that labels were rounded from. */
const RARE = 3
/** The part of their rounding that labels are given where they are taken at their word. */
const AT_THEIR_WORD = 0.02

/** What labels say as doubles, with all that they may have been rounded from. */
const placedOf = (said: readonly Said[], places: readonly number[], part = 1): Placed[] =>
  said.map(({ value, half }, at) => {
    const [number, room] = [toNumber(value), part * toNumber(half)]
    return { at: places[at]!, low: number - room, high: number + room }
  })

/** Decimals that are zero on every label are group marks, read wrongly. */
const IDLE = 3
const isWhole = (digits: Decimal): boolean => decimalsOf(digits) === 0
const areIdle = (said: readonly Said[]): boolean =>
  said.every(({ digits, decimals }) => decimals === 0 || (decimals >= IDLE && isWhole(digits)))
/** How much of what stands on labels a reader knows: units, names of powers, marks. */
function nativeOf(said: readonly Said[]): number {
  const known = said.filter(({ isNative, isKnown }) => isNative && isKnown).length
  return areIdle(said) && said.some(({ decimals }) => decimals > 0) ? 0 : known
}

/** Whether numbers go up and down more often than some wrong ones among ordered ones make them. */
function isDisordered(said: readonly Said[]): boolean {
  let [turns, last] = [0, 0]
  for (let at = 1; at < said.length; at++) {
    const way = compare(said[at]!.value, said[at - 1]!.value)
    if (way !== 0 && last !== 0 && way !== last) turns++
    last = way || last
  }
  // One number again and again is no scale either.
  return last === 0 || turns > 2 * Math.max(1, WRONG_AT_MOST * said.length)
}

interface Candidate {
  readonly way: Way
  readonly said: readonly Said[]
  /** The places in the run of labels that are read so. */
  readonly kept: readonly number[]
  readonly scale: Scale
  /** How many of its labels say nothing that is strange in the region. */
  readonly native: number
}
function candidateFor(run: Run, way: Way): Candidate | null {
  const read = readIn(
    run.labels.map(({ token }) => token),
    way,
  )
  const kept = read.flatMap((one, at) => (one ? [at] : []))
  if (kept.length < 2) return null
  const said = kept.map((at) => read[at]!)
  if (!run.hasTicks && isDisordered(said)) return null
  const isMultiple = said.some(({ token }) => token.multiple)
  const places = kept.map((at) => run.places[at]!)
  const scale = scaleOf(
    placedOf(said, places),
    isMultiple,
    run.hasTicks ? undefined : GUESSED_PLACE,
  )
  if (!scale) return null
  return { way, said, kept, scale, native: nativeOf(said) }
}
const isBetter = (a: Candidate, b: Candidate): boolean =>
  a.scale.count > b.scale.count || (a.scale.count === b.scale.count && a.native > b.native)

const sayTheSame = (a: Candidate, b: Candidate): boolean =>
  a.said.length === b.said.length &&
  a.said.every((one, at) => compare(one.value, b.said[at]!.value) === 0)

/** Whether numbers go up, or down, all along. */
function areOrdered(values: readonly Decimal[]): boolean {
  const signs = values
    .slice(1)
    .map((value, at) => Math.sign(toNumber(subtract(value, values[at]!))))
    .filter((sign) => sign !== 0)
  return signs.length > 0 && signs.every((sign) => sign === signs[0])
}

/** Whether a run is an axis at all, by what its labels say and where they stand. */
function isAxis({ scale, said }: Candidate, { hasTicks, isOnMarks }: Run): boolean {
  const [count, all] = [scale.count, said.length]
  const explained = said.filter((_, at) => scale.explains[at]).map(({ value }) => value)
  const isFit =
    count >= Math.min(LEAST, all) &&
    count >= EXPLAINED * all &&
    areOrdered(explained) &&
    scale.slopes[0] * scale.slopes[1] > 0
  // Labels on bars beside the ticks of their names are no axis, though they may be sorted.
  if (isOnMarks) return isFit && count === all && hasTicks
  if (hasTicks) return isFit || (all >= LEAST && areOrdered(said.map(({ value }) => value)))
  // Among many numbers some lie on a line by chance.
  const isSure = count === all || (count > LEAST && all - count <= WRONG_AT_MOST * all)
  return all >= LEAST && isFit && isSure
}

/** The scale of the ticks that labels stand for, which is more exact than that of the labels. */
function ofTicks(scale: Scale, { values, step }: Steady, places: readonly number[]): Scale {
  if (scale.kind !== 'linear' || !step) return scale
  const [from, to] = [toNumber(values[0]!), toNumber(values.at(-1)!)]
  const [first, last] = [places[0]!, places.at(-1)!]
  const slope = (to - from) / (last - first)
  return { ...scale, value: (at) => from + slope * (at - first), slopes: [slope, slope] }
}

/** A scale with the numbers of its places, and the labels that do not say theirs. */
interface Settled {
  readonly scale: Scale
  readonly steady: Steady
  readonly wrong: readonly number[]
}
/**
 * Where some labels fit no scale, and the others only one of a rare step that they were all rounded
 * from, labels are taken at their word.
 */
function settled(standing: readonly Standing[], loose: Scale, { hasTicks }: Run): Settled {
  const withScale = (scale: Scale): Settled => ({
    scale,
    steady: steadyOf(standing, scale),
    wrong: standing.flatMap((_, at) => (scale.explains[at] ? [] : [at])),
  })
  const first = withScale(loose)
  if (first.wrong.length === 0 || first.steady.cost < RARE) return first
  const said = standing.map((one) => one.said)
  const places = standing.map(({ at }) => at)
  const tight = scaleOf(
    placedOf(said, places, AT_THEIR_WORD),
    false,
    hasTicks ? undefined : GUESSED_PLACE,
  )
  return tight ? withScale(tight) : first
}

/**
 * A run of labels as an axis: the way of reading them that the places of most of them bear out, and
 * the numbers that they stand for.
 *
 * @param readers who may have written them, the likeliest first
 * @returns null for a run that is none
 */
export function axisOf(run: Run, readers: readonly Reader[]): Axis | null {
  const tokens = run.labels.map(({ token }) => token)
  const ways = waysOf(tokens, relevant(tokens, readers))
  let best: Candidate | null = null
  const all: Candidate[] = []
  for (const way of ways) {
    const candidate = candidateFor(run, way)
    if (!candidate) continue
    all.push(candidate)
    if (!best || isBetter(candidate, best)) best = candidate
  }
  if (!best || !isAxis(best, run)) return null
  const { way, said, kept } = best
  const places = kept.map((at) => run.places[at]!)
  const standing = said.map((one, at) => ({ said: one, at: places[at]! }))
  const { scale, steady, wrong } = settled(standing, best.scale, run)
  const isWrong = scale.count >= LEAST && wrong.length <= Math.max(1, WRONG_AT_MOST * said.length)
  const isUneven = wrong.length > 0 && !isWrong
  const other = all.find(
    (one) => one.scale.count === scale.count && one.native >= best.native && !sayTheSame(one, best),
  )
  return {
    side: run.side,
    isUpright: run.isUpright,
    hasTicks: run.hasTicks,
    labels: kept.map((at) => run.labels[at]!),
    said,
    places,
    scale: isUneven ? scale : ofTicks(scale, steady, places),
    values: isUneven ? said.map(({ value }) => value) : steady.values,
    step: isUneven ? null : steady.step,
    way,
    misplaced: isUneven ? [] : wrong,
    isUneven,
    other: other ? { way: other.way, said: other.said } : null,
  }
}
