import { compare, magnitudeOf, multiply, subtract } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
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
export const placesWhere = (proof: Proof, holds: (at: number) => boolean): number[] => proof.values.map((_, at) => at).filter(holds)
/** The place, among some, whose measure is largest. */
export const worstOf = (places: readonly number[], measure: (at: number) => Decimal): number =>
  places.reduce((worst, at) => (compare(measure(at), measure(worst)) > 0 ? at : worst), places[0]!)

/** Half a unit of the last digit written: how far rounding to the nearest may move a number. */
export const halfUnit = (plan: Plan, written: Written): Decimal => multiply(HALF, unitOfLastDigit(plan, written))
/** The largest of whole numbers, 0 where there are none; a long column is too long for the arguments of a call. */
export const largest = (numbers: readonly number[]): number => numbers.reduce((most, number) => Math.max(most, number), 0)

/** "3, 5 and 2", "1, 2, 3, 4 and 7 more" */
export function listed(texts: readonly string[]): string {
  if (texts.length === 1) return texts[0]!
  const named = texts.slice(0, MOST_NAMED)
  const more = texts.length - named.length
  const last = more > 0 ? `${more} more` : named.pop()
  return `${named.join(', ')} and ${last}`
}

/** The same of numbers. */
export const listedNumbers = (values: readonly Decimal[]): string => listed(values.map(plainly))

/** Whether a label is a number written with digits, neither bound nor text for zero. */
export const isNumeral = (proof: Proof, at: number): boolean => proof.written[at]!.kind === 'number' && proof.written[at]!.bound === ''
/** Whether it says a number that is not zero. */
export const saysSome = (proof: Proof, at: number): boolean => isNumeral(proof, at) && proof.written[at]!.digits !== 0n
