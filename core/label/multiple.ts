import { compare, magnitudeOf, subtract } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { divide, quotientRounded } from '../decimal/round'
import { keep } from './keep'
import type { Rule, SignState, Written } from './types'

const LARGEST_DENOMINATOR = 12
/** How far a ratio may lie from a simple fraction that stands for it. */
const TOLERANCE = decimal('1e-9')

/** The simplest fraction within the tolerance, or null. */
function simpleFraction(ratio: Decimal): { numerator: bigint; denominator: number } | null {
  for (let denominator = 1; denominator <= LARGEST_DENOMINATOR; denominator++) {
    const part = divide(decimal(1), decimal(denominator))
    const numerator = quotientRounded({ coefficient: ratio.coefficient * BigInt(denominator), exponent: ratio.exponent }, decimal(1), 'halfEven')
    const stands = { coefficient: part.coefficient * numerator, exponent: part.exponent }
    if (compare(magnitudeOf(subtract(ratio, stands)), TOLERANCE) <= 0) return { numerator, denominator }
  }
  return null
}

/**
 * Decides a label that counts a constant: a simple fraction of it where one fits, a decimal
 * factor otherwise. A factor that rounds to a simple fraction is written as that fraction, so
 * that the label reads back to itself. Exact to 60 digits, those of the constants.
 *
 * @param value in the constant's own unit
 * @example decideMultiple(rule, decimal('-2.0943951023931953'), sign) // of π: 2 over 3, negative
 */
export function decideMultiple(rule: Rule, value: Decimal, sign: (negative: boolean, zero: boolean) => SignState): Omit<Written, 'rule' | 'bound'> {
  const ratio = divide(value, decimal(rule.multiple!.value))
  const rounded = keep(rule.precision, ratio)
  const simple = simpleFraction(magnitudeOf(ratio)) ?? simpleFraction({ coefficient: rounded.digits, exponent: rounded.place })
  const kept = simple ? { digits: simple.numerator, place: 0, decimals: 0 } : rounded
  const zero = kept.digits === 0n
  return {
    kind: 'number', sign: sign(value.coefficient < 0n && !zero, zero), ...kept,
    rung: 0, exponent: null, denominator: simple?.denominator ?? 1,
  }
}
