import { compare, multiply, subtract } from '../decimal/arithmetic'
import { closestPair, closestSorted, leastGap } from '../data/extremes'
import { type Decimal, decimal, ONE, toNumber } from '../decimal/decimal'
import { briefly } from '../decimal/plainly'
import { quotientRounded } from '../decimal/round'
import { unitOfLastDigit } from '../label/cells'
import type { Decision } from '../label/fast/column'
import type { Written } from '../label/types'
import { surfaces } from '../surfaces'
import { fewerDecimals, withError } from './changes'
import { beyondError } from './beyond-error'
import { doublesAt, isExact, isNumeral, isOver, isSure, placesWhere } from './numbers'
import { doublesOf, labelAt, valueAt, writtenAt } from './proof'
import type { Check, Proof } from './types'
import { usualDecimals } from './usual'

/** Digits finer than the closest pair by more than this tell nothing apart. */
const FINER = '100'

/** Whole numbers below this are doubles whose shortest decimals are their digits. */
const KEPT = 1e15
/**
 * Whether a double is surely a multiple of a step, or surely none; null where exact digits must
 * tell.
 */
function isMultipleByDoubles(double: number, { coefficient, exponent }: Decimal): boolean | null {
  const power = 10 ** Math.abs(exponent)
  const count = Math.round(exponent < 0 ? double * power : double / power)
  if (
    Math.abs(count) >= KEPT ||
    Math.abs(exponent) > 15 ||
    (exponent < 0 ? count / power : count * power) !== double
  )
    return null
  return count % Number(coefficient) === 0
}
/** Values at even steps need every digit that the step has. */
const isMultiple = (value: Decimal, step: Decimal): boolean =>
  compare(multiply(decimal(quotientRounded(value, step, 'trunc')), step), value) === 0

const hasDecimals = (decision: Decision): boolean =>
  isSure(decision) && decision.written.decimals > 0

/** One unit of the last digit, which labels of a column share with many others. */
function unitsIn({ plan }: Proof): (written: Written) => Decimal {
  let [last, unit]: [Written | null, Decimal] = [null, ONE]
  const known = new Map<string, Decimal>()
  return (written) => {
    const { rule, rung, exponent, decimals } = written
    if (
      last &&
      last.rung === rung &&
      last.decimals === decimals &&
      last.exponent === exponent &&
      last.rule === rule
    )
      return unit
    const name = `${rule} ${rung} ${exponent} ${decimals}`
    unit = known.get(name) ?? unitOfLastDigit(plan, written)
    known.set(name, unit)
    last = written
    return unit
  }
}

/** Values closer than this need the decimals of every label; null where none has decimals. */
function neededGap({ decisions }: Proof, unitOf: (written: Written) => Decimal): number | null {
  const units = new Set<Decimal>()
  for (const decision of decisions) if (hasDecimals(decision)) units.add(unitOf(decision.written))
  return units.size === 0 ? null : Math.min(...Array.from(units, toNumber)) * Number(FINER)
}

/**
 * Whether two different values of a long column that have one label are surely that close: then no
 * pair need be sought.
 */
const hasCloserAlike = ({ decisions, column }: Proof, needed: number): boolean =>
  column !== undefined &&
  decisions.some(
    (decision, place) =>
      column.least[place]! < column.largest[place]! &&
      isNumeral(decision) &&
      leastGap(Float64Array.of(column.least[place]!, column.largest[place]!)) < needed,
  )

/** So many values, and this part of them, show how finely all were recorded. */
const [FEWEST_RECORDED, MOST_OF_THEM] = [3, 0.75]
/** Beyond these decimals a record is a computation. */
const MOST_RECORDED = 4
/** Of a long column the first tell it. */
const LOOKED_AT = 1000
/**
 * Whether the data were recorded to the last place that is written, as coordinates and scores are.
 */
function carryThem(proof: Proof, places: readonly number[]): boolean {
  const looked = places.slice(0, LOOKED_AT)
  if (looked.length < FEWEST_RECORDED || !looked.every((at) => isExact(proof, at))) return false
  const full = looked.filter((at) => {
    const { decimals } = writtenAt(proof, at)
    return decimals <= MOST_RECORDED && -valueAt(proof, at).exponent === decimals
  })
  return full.length >= MOST_OF_THEM * looked.length
}
/** Whether labels have no more decimals than is usual for what they write. */
function areUsual(proof: Proof, places: readonly number[]): boolean {
  const usual = usualDecimals(proof)
  return usual !== null && places.every((at) => writtenAt(proof, at).decimals <= usual)
}

/**
 * Protects readers from digits that tell nothing: more than set the values apart by a factor of
 * 100.
 * Cents are left alone, and digits to which the data were recorded, as those of coordinates and
 * scores.
 */
export const tooFine: Check<{ apart?: string; error?: string; label: string; unit: string }> = {
  id: 'too-fine',
  title: 'More digits than needed',
  weight: 'note',
  finds:
    'a last digit that is worth less than a hundredth of the distance between the closest two values, or more digits than two of a known error. It stays quiet in sentences, if all values are multiples of that distance or were recorded with that digit, and for the decimals of a currency',
  find(proof) {
    const beyond = beyondError(proof)
    if (beyond) return { severity: 'note', ...beyond }
    // Words tell numbers apart there, and not their digits.
    if (surfaces[proof.surface].isProse) return null
    const unitOf = unitsIn(proof)
    const needed = neededGap(proof, unitOf)
    if (needed === null || hasCloserAlike(proof, needed)) return null
    const numerals = placesWhere(proof, isNumeral)
    const doubles = doublesOf(proof)
    const sorted = doubles && doublesAt(doubles, numerals).sort()
    if (sorted && leastGap(sorted) < needed) return null
    const closest = sorted
      ? closestSorted(sorted)
      : closestPair(numerals.map((at) => valueAt(proof, at)))
    if (!closest) return null
    const apart = subtract(closest[1], closest[0])
    if (
      numerals.every(
        (at) =>
          (doubles && isMultipleByDoubles(doubles[at]!, apart)) ??
          isMultiple(valueAt(proof, at), apart),
      )
    )
      return null
    const at = placesWhere(
      proof,
      (decision) => hasDecimals(decision) && isOver(apart, FINER, unitOf(decision.written)),
    )
    if (at.length === 0 || carryThem(proof, numerals) || areUsual(proof, at)) return null
    const first = at[0]!
    return {
      severity: 'note',
      params: {
        apart: briefly(apart),
        label: labelAt(proof, first),
        unit: briefly(unitOf(writtenAt(proof, first))),
      },
      at,
    }
  },
  message: ({ apart, error, label, unit }) =>
    error
      ? `The last digit of “${label}” is worth ${unit}, but the value is known only to within ${error}.`
      : `The closest two numbers are ${apart} apart, but the last digit of “${label}” is worth ${unit}.`,
  *propose(proof) {
    yield* withError(proof)
    yield* fewerDecimals(proof)
  },
}
