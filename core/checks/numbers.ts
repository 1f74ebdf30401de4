import { compare, magnitudeOf, multiply, subtract } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { divide } from '../decimal/round'
import { unitOfLastDigit } from '../label/cells'
import type { Decision } from '../label/fast/column'
import type { Plan, Written } from '../label/types'
import { surfaces } from '../surfaces'
import { doublesOf, labelAt, saidAt, valueAt } from './proof'
import type { Proof } from './types'

const MOST_NAMED = 4
const HALF = decimal('0.5')

/**
 * Whether a label says exactly its value.
 *
 * @throws RangeError for a double that is not finite
 */
export const isExact = (proof: Proof, at: number): boolean =>
  compare(saidAt(proof, at), valueAt(proof, at)) === 0
/**
 * How far a label reads from its value.
 *
 * @throws RangeError for a double that is not finite
 */
export const offBy = (proof: Proof, at: number): Decimal =>
  magnitudeOf(subtract(saidAt(proof, at), valueAt(proof, at)))
/** Whether a is more than `times` as large as b; both above zero. */
export const isOver = (a: Decimal, times: string, b: Decimal): boolean =>
  compare(a, multiply(decimal(times), b)) > 0
/** Of a decision's values all, or those that a test of their own picks; 0 is none. */
const [ALL, SOME] = [1, 2]
/**
 * The places of values for which something holds. What a decision alone tells is asked once,
 * however many values have it.
 *
 * @param ofDecision null where each of its values must be asked
 */
export function placesWhere(
  { decisions, which }: Proof,
  ofDecision: (decision: Decision, place: number) => boolean | null,
  ofValue: (at: number) => boolean = () => true,
): number[] {
  // A loop: `from` with a function takes three times as long for a million.
  const verdicts = new Uint8Array(decisions.length)
  let isAny = false
  for (let place = 0; place < decisions.length; place++) {
    const holds = ofDecision(decisions[place]!, place)
    if (holds === false) continue
    verdicts[place] = holds ? ALL : SOME
    isAny = true
  }
  if (!isAny) return []
  const places: number[] = []
  for (let at = 0; at < which.length; at++) {
    const verdict = verdicts[which[at]!]!
    if (verdict === ALL || (verdict === SOME && ofValue(at))) places.push(at)
  }
  return places
}
/** The places of all values for which something holds. */
export const placesOf = (proof: Proof, holds: (at: number) => boolean): number[] =>
  placesWhere(proof, () => null, holds)
/**
 * The doubles at some places, in a loop of their own: a million calls would cost more than all
 * else.
 */
export function doublesAt(doubles: Float64Array, places: readonly number[]): Float64Array {
  const found = new Float64Array(places.length)
  for (let i = 0; i < places.length; i++) found[i] = doubles[places[i]!]!
  return found
}
/** Where a decision first stands. */
export const firstOf = ({ which }: Proof, place: number): number => which.indexOf(place)
/** The place, among some, whose measure is largest. */
export const worstOf = (places: readonly number[], measure: (at: number) => Decimal): number =>
  places.reduce((worst, at) => (compare(measure(at), measure(worst)) > 0 ? at : worst), places[0]!)

/** Numbers that doubles tell apart by less than this, per unit, are compared exactly. */
const CLOSE = 1e-9
/** The place, among some, whose label is off most for what it is measured by. */
export function worstOff(
  proof: Proof,
  places: readonly number[],
  measure: (at: number) => Decimal,
): number {
  const { column, which, surface } = proof
  const doubles = doublesOf(proof)
  const exact = (among: readonly number[]) =>
    worstOf(among, (at) => divide(offBy(proof, at), measure(at)))
  if (!doubles || !column || surfaces[surface].hasTicks) return exact(places)
  const share = (at: number) => Math.abs((column.said[which[at]!]! - doubles[at]!) / doubles[at]!)
  const most = places.reduce((largest, at) => Math.max(largest, share(at)), 0)
  // Equal numbers are off alike, and so is all that reads as zero: the first of them stands for
  // all.
  const top = new Map<number, number>()
  for (const at of places) {
    if (share(at) < most * (1 - CLOSE)) continue
    const alike = column.said[which[at]!] === 0 ? 0 : doubles[at]!
    if (!top.has(alike)) top.set(alike, at)
  }
  return exact([...top.values()])
}
/** Decimals up to which a double is tried. */
const TRIED = 6
/** Whether a double is a number of few decimals, whose digits nothing else put there. */
export function isShort(double: number): boolean {
  for (let power = 1, decimals = 0; decimals <= TRIED; decimals++, power *= 10)
    if (Math.round(double * power) / power === double) return Math.abs(double * power) < 1e15
  return false
}

/** Whether a value is zero itself. */
export const isZero = ({ values }: Proof, at: number): boolean => {
  const value = values[at]!
  return typeof value === 'number' ? value === 0 : value.coefficient === 0n
}

/** Half a unit of the last digit written: how far rounding to the nearest may move a number. */
export const halfUnit = (plan: Plan, written: Written): Decimal =>
  multiply(HALF, unitOfLastDigit(plan, written))
/**
 * The largest of whole numbers, 0 where there are none; a long column is too long for the arguments
 * of a call.
 */
export const largest = (numbers: readonly number[]): number =>
  numbers.reduce((most, number) => Math.max(most, number), 0)

/**
 * "3, 5 and 2", "1, 2, 3, 4 and 7 more"
 *
 * @param count of all, where only the first of them are given
 */
export function listed(texts: readonly string[], count: number = texts.length): string {
  if (texts.length === 1) return texts[0]!
  const named = texts.slice(0, MOST_NAMED)
  const more = count - named.length
  const last = more > 0 ? `${more} more` : named.pop()
  return `${named.join(', ')} and ${last}`
}

export const quoted = (text: string): string => `“${text}”`

/** So many values and labels of some places as a list may name. */
export const firstNumbers = (proof: Proof, places: readonly number[]): string[] =>
  places.slice(0, MOST_NAMED + 1).map((at) => plainly(valueAt(proof, at)))
export const firstLabels = (proof: Proof, places: readonly number[]): string[] =>
  places.slice(0, MOST_NAMED + 1).map((at) => labelAt(proof, at))

/** Whether a label is a number written with digits, neither bound nor text for zero. */
export const isNumeral = ({ written }: Decision): boolean =>
  written.kind === 'number' && written.bound === ''
/** Whether it is written by its value alone: an error beside it says how far it may be off. */
export const isSure = (decision: Decision): boolean =>
  isNumeral(decision) && decision.written.error === undefined
/** Whether it says a number that is not zero. */
export const saysSome = (decision: Decision): boolean =>
  isNumeral(decision) && decision.written.digits !== 0n
