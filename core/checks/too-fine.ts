import { compare, multiply, subtract } from '../decimal/arithmetic'
import { closestDoubles, closestPair } from '../data/telling'
import { type Decimal, decimal } from '../decimal/decimal'
import { briefly } from '../decimal/plainly'
import { quotientRounded } from '../decimal/round'
import { unitOfLastDigit } from '../label/decide'
import type { Written } from '../label/types'
import { fewerDecimals } from './changes'
import { isNumeral, isOver, placesWhere } from './numbers'
import type { Check, Surface } from './types'

/** Digits finer than the closest pair by more than this tell nothing apart. */
const FINER = '100'

/** Whole numbers below this are doubles whose shortest decimals are their digits. */
const KEPT = 1e15
/** Whether a double is surely a multiple of a step, or surely none; null where exact digits must tell. */
function isMultipleByDoubles(double: number, { coefficient, exponent }: Decimal): boolean | null {
  const power = 10 ** Math.abs(exponent)
  const count = Math.round(exponent < 0 ? double * power : double / power)
  if (Math.abs(count) >= KEPT || Math.abs(exponent) > 15 || (exponent < 0 ? count / power : count * power) !== double) return null
  return count % Number(coefficient) === 0
}
/** Values at even steps need every digit that the step has. */
const isMultiple = (value: Decimal, step: Decimal): boolean => compare(multiply(decimal(quotientRounded(value, step, 'trunc')), step), value) === 0

/** Where words tell numbers apart, and not their digits. */
const IN_WORDS: readonly Surface[] = ['headline', 'sentence']

/** More digits than tell the values apart by a factor of 100. */
export const tooFine: Check = {
  id: 'too-fine',
  title: 'Finer than the values differ',
  find(proof) {
    if (IN_WORDS.includes(proof.surface)) return null
    const numerals = placesWhere(proof, (i) => isNumeral(proof, i))
    const { doubles } = proof
    const closest = doubles ? closestDoubles(Float64Array.from(numerals, (at) => doubles[at]!)) : closestPair(numerals.map((at) => proof.values[at]!))
    if (!closest) return null
    const apart = subtract(closest[1], closest[0])
    if (numerals.every((at) => (doubles && isMultipleByDoubles(doubles[at]!, apart)) ?? isMultiple(proof.values[at]!, apart))) return null
    // In a long column labels that are alike are one decision.
    const finer = new Map<Written, boolean>()
    const isFiner = (written: Written): boolean => {
      const known = finer.get(written) ?? isOver(apart, FINER, unitOfLastDigit(proof.plan, written))
      finer.set(written, known)
      return known
    }
    const at = numerals.filter((i) => proof.written[i]!.decimals > 0 && isFiner(proof.written[i]!))
    if (at.length === 0) return null
    const first = at[0]!
    return { severity: 'note', message: `The closest two numbers lie ${briefly(apart)} apart, and the last digit of “${proof.labels[first]}” counts ${briefly(unitOfLastDigit(proof.plan, proof.written[first]!))}.`, at }
  },
  propose: fewerDecimals,
}
