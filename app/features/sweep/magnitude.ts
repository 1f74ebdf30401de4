import { LARGEST_ORDER, LEAST_ORDER } from '~~/core/compare/magnitudes'
import { leadingPower, magnitudeOf } from '~~/core/decimal/arithmetic'
import { type Decimal, decimal } from '~~/core/decimal/decimal'
import type { StyleCase } from '~~/core/style/schemas'

/** Ten steps from one power of ten to the next: preferred numbers, the R10 series of ISO 3. */
const STEPS = ['1', '1.25', '1.6', '2', '2.5', '3.15', '4', '5', '6.3', '8'].map(decimal)
export const [LEAST_PLACE, LAST_PLACE] = [LEAST_ORDER * STEPS.length, LARGEST_ORDER * STEPS.length]

/**
 * The number at a place on the line of all magnitudes, ten places a power of ten.
 *
 * @example sizeAt(63) // 2000000
 */
export function sizeAt(place: number): Decimal {
  const order = Math.floor(place / STEPS.length)
  const { coefficient, exponent } = STEPS[place - order * STEPS.length]!
  return { coefficient, exponent: exponent + order }
}
/** The power of ten of a place. */
export const orderAt = (place: number): number => Math.floor(place / STEPS.length)
/** The place of a number's power of ten. */
export const placeOfSize = (value: Decimal): number => {
  const order = leadingPower(magnitudeOf(value))
  return Number.isFinite(order) ? order * STEPS.length : 0
}

/** An edge of a case by size that can be moved. */
export interface Edge {
  /** The place of its case. */
  readonly at: number
  readonly end: 'from' | 'to'
  readonly power: number
}
/** The edges of cases by size. */
export const edgesIn = (cases: readonly StyleCase[]): Edge[] =>
  cases.flatMap(({ when }, at) =>
    'magnitude' in when
      ? (['from', 'to'] as const).flatMap((end) => {
          const power = when.magnitude[end]
          return power === undefined ? [] : [{ at, end, power }]
        })
      : [],
  )

/**
 * The cases with an edge moved: it stays on its side of the other end, and one case ends where the
 * next began if they met before.
 */
export function withEdge(
  cases: readonly StyleCase[],
  { at, end, power: before }: Edge,
  power: number,
): StyleCase[] {
  const bounded = Math.min(LARGEST_ORDER, Math.max(LEAST_ORDER, power))
  return cases.map(({ when, use }, place) => {
    if (!('magnitude' in when)) return { when, use }
    const own = when.magnitude
    const moved = { ...own }
    if (place === at) moved[end] = bounded
    else {
      // The other side of the same edge.
      const other = end === 'from' ? 'to' : 'from'
      if (own[other] === before) moved[other] = bounded
    }
    const { from = -Infinity, to = Infinity } = moved
    return { when: { magnitude: from < to ? moved : own }, use }
  })
}
