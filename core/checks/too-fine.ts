import { compare, multiply, subtract } from '../decimal/arithmetic'
import { closestPair } from '../data/telling'
import { type Decimal, decimal } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { quotientRounded } from '../decimal/round'
import { unitOfLastDigit } from '../label/decide'
import { fewerDecimals } from './changes'
import { isNumeral, isOver, placesWhere } from './numbers'
import type { Check } from './types'

/** Digits finer than the closest pair by more than this tell nothing apart. */
const FINER = '100'

/** Values at even steps need every digit that the step has. */
const isMultiple = (value: Decimal, step: Decimal): boolean => compare(multiply(decimal(quotientRounded(value, step, 'trunc')), step), value) === 0

/** More digits than tell the values apart by a factor of 100. */
export const tooFine: Check = {
  id: 'too-fine',
  title: 'Finer than the values differ',
  find(proof) {
    const numerals = placesWhere(proof, (i) => isNumeral(proof, i))
    const closest = closestPair(numerals.map((at) => proof.values[at]!))
    if (!closest) return null
    const apart = subtract(closest[1], closest[0])
    if (numerals.every((at) => isMultiple(proof.values[at]!, apart))) return null
    const at = numerals.filter((i) => proof.written[i]!.decimals > 0 && isOver(apart, FINER, unitOfLastDigit(proof.plan, proof.written[i]!)))
    if (at.length === 0) return null
    const first = at[0]!
    return { severity: 'note', message: `The closest two numbers lie ${plainly(apart)} apart, and the last digit of “${proof.labels[first]}” counts ${plainly(unitOfLastDigit(proof.plan, proof.written[first]!))}.`, at }
  },
  propose: fewerDecimals,
}
