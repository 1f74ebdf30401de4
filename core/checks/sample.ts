import { doublesOf, valueAt } from './proof'
import type { Subject } from './types'

/** Larger sets are looked at in part before a change is tried on all of them. */
const MOST_TRIED_WHOLE = 2000
const SAMPLED = 500

/** So many of the closest pairs are looked at: finer labels fail on them first. */
const PAIRS = 200

const found = new WeakMap<Float64Array, readonly number[]>()
/** The places of the closest pairs of different values of a column, found once. */
function closestPlaces(doubles: Float64Array): readonly number[] {
  const known = found.get(doubles)
  if (known) return known
  const sorted = doubles.slice().sort()
  const gaps = sorted.slice(1).map((value, at) => value - sorted[at]! || Infinity)
  const most = gaps.slice().sort()[PAIRS] ?? Infinity
  const ends = new Set<number>()
  for (let at = 0; at < gaps.length && ends.size < 2 * PAIRS; at++)
    if (gaps[at]! <= most) ends.add(sorted[at]!).add(sorted[at + 1]!)
  const places: number[] = []
  for (let at = 0; at < doubles.length && ends.size > 0; at++)
    if (ends.delete(doubles[at]!)) places.push(at)
  found.set(doubles, places)
  return places
}

/**
 * Values that a finding is about, the closest pairs, and some of all, in the set that they belong
 * to; null where all
 * can be tried at once.
 */
export function sampleOf(subject: Subject, at: readonly number[]): Subject | null {
  const { values, rows, byHand, total, shares } = subject
  if (values.length <= MOST_TRIED_WHOLE || byHand || total || shares) return null
  const stride = Math.ceil(values.length / SAMPLED)
  const even = [...values.keys()].filter((place) => place % stride === 0)
  const doubles = doublesOf(subject)
  const close = doubles ? closestPlaces(doubles) : []
  const places = [...new Set([...at.slice(0, SAMPLED), ...even, ...close])].sort((a, b) => a - b)
  return {
    ...subject,
    values: doubles
      ? Float64Array.from(places, (place) => doubles[place]!)
      : places.map((place) => valueAt(subject, place)),
    rows: rows && places.map((place) => rows[place]!),
  }
}
