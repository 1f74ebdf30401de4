import { DOUBT } from '../data/telling'
import { compare, magnitudeOf, multiply, subtract } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { divide } from '../decimal/round'
import { unitOfLastDigit } from '../label/decide'
import type { Plan, Written } from '../label/types'
import type { Proof } from './types'

const MOST_NAMED = 4
const HALF = decimal('0.5')

/** Whether a label says exactly its value. */
export const isExact = (proof: Proof, at: number): boolean => compare(proof.said[at]!, proof.values[at]!) === 0
/** How far a label reads from its value. */
export const offBy = (proof: Proof, at: number): Decimal => magnitudeOf(subtract(proof.said[at]!, proof.values[at]!))
/** Whether a is more than `times` as large as b; both above zero. */
export const isOver = (a: Decimal, times: string, b: Decimal): boolean => compare(a, multiply(decimal(times), b)) > 0
/** The places of values for which something holds. */
export function placesWhere({ values }: Proof, holds: (at: number) => boolean): number[] {
  const places: number[] = []
  for (let at = 0; at < values.length; at++) if (holds(at)) places.push(at)
  return places
}
/** The place, among some, whose measure is largest. */
export const worstOf = (places: readonly number[], measure: (at: number) => Decimal): number =>
  places.reduce((worst, at) => (compare(measure(at), measure(worst)) > 0 ? at : worst), places[0]!)

/** Whether a label is off by more than a share of its value; null where only exact digits can tell. */
export function isOffBeyond({ doubles, saidDoubles }: Proof, at: number, share: number): boolean | null {
  if (!doubles || !saidDoubles) return null
  const off = Math.abs(saidDoubles[at]! - doubles[at]!)
  const size = Math.abs(doubles[at]!)
  return off < (share - DOUBT) * size ? false : off > (share + DOUBT) * size ? true : null
}
/** Of some places the one whose label says the largest number, whatever its sign. */
export function largestSaid(proof: Proof, places: readonly number[]): number {
  const { saidDoubles } = proof
  if (saidDoubles) return places.reduce((most, at) => (Math.abs(saidDoubles[at]!) > Math.abs(saidDoubles[most]!) ? at : most), places[0]!)
  return worstOf(places, (at) => magnitudeOf(proof.said[at]!))
}
/** Numbers that doubles tell apart by less than this, per unit, are compared exactly. */
const CLOSE = 1e-9
/** The place, among some, whose label is off most for what it is measured by. */
export function worstOff(proof: Proof, places: readonly number[], measure: (at: number) => Decimal): number {
  const { doubles, saidDoubles, surface } = proof
  const exact = (among: readonly number[]) => worstOf(among, (at) => divide(offBy(proof, at), measure(at)))
  if (!doubles || !saidDoubles || surface === 'axis') return exact(places)
  const share = (at: number) => Math.abs((saidDoubles[at]! - doubles[at]!) / doubles[at]!)
  const most = places.reduce((largest, at) => Math.max(largest, share(at)), 0)
  // Equal numbers are off alike, and so is all that reads as zero: the first of them stands for all.
  const top = new Map(places.filter((at) => share(at) >= most * (1 - CLOSE)).reverse().map((at) => [saidDoubles[at] === 0 ? 0 : doubles[at]!, at]))
  return exact([...top.values()].sort((a, b) => a - b))
}
/** Decimals up to which a double is tried. */
const TRIED = 6
/** Whether a double is a number of few decimals, whose digits nothing else put there. */
export function isShort(double: number): boolean {
  for (let power = 1, decimals = 0; decimals <= TRIED; decimals++, power *= 10) if (Math.round(double * power) / power === double) return Math.abs(double * power) < 1e15
  return false
}

/** Half a unit of the last digit written: how far rounding to the nearest may move a number. */
export const halfUnit = (plan: Plan, written: Written): Decimal => multiply(HALF, unitOfLastDigit(plan, written))
/** The largest of whole numbers, 0 where there are none; a long column is too long for the arguments of a call. */
export const largest = (numbers: readonly number[]): number => numbers.reduce((most, number) => Math.max(most, number), 0)

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

/** The same of numbers. */
export const listedNumbers = (values: readonly Decimal[]): string => listed(values.slice(0, MOST_NAMED + 1).map(plainly), values.length)
/** The same of labels, by their places. */
export const listedLabels = ({ labels }: Proof, places: readonly number[]): string => listed(places.slice(0, MOST_NAMED + 1).map((at) => `“${labels[at]}”`), places.length)

/** Whether a label is a number written with digits, neither bound nor text for zero. */
export const isNumeral = (proof: Proof, at: number): boolean => proof.written[at]!.kind === 'number' && proof.written[at]!.bound === ''
/** Whether it says a number that is not zero. */
export const saysSome = (proof: Proof, at: number): boolean => isNumeral(proof, at) && proof.written[at]!.digits !== 0n
