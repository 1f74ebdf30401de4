import { multiply } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { powerOf } from '../decimal/powers'
import { superscript } from '../decimal/superscript'
import type { Multiple } from '../notations/types'
import { decideMultiple, type ReadConstant, readMultiple } from './multiple'
import { decideRaised, readRaised } from './raised'
import type { Rule, SignState, Written } from './types'
import type { Emit } from './digits'

/**
 * What a count of a constant, or of a power of it, is in its own unit.
 *
 * @example timesConstant(constantOf('pi'), decimal('2')) // 6.283…
 */
export const timesConstant = ({ value }: Multiple, number: Decimal, power = 1): Decimal =>
  power === 0 ? number : multiply(number, powerOf(decimal(value), power))

/** Decides a label that counts a constant, or tells which power of it a number is. */
export const decideConstant = (
  rule: Rule,
  value: Decimal,
  sign: (negative: boolean, zero: boolean) => SignState,
): Omit<Written, 'rule' | 'bound'> =>
  (rule.multiple!.powers ? decideRaised : decideMultiple)(rule, value, sign)

/** Reads what `emitConstant` writes. @returns null for another text */
export const readConstant = (
  text: string,
  constant: Multiple,
  readDigits: (text: string) => Decimal | null,
): ReadConstant | null => (constant.powers ? readRaised : readMultiple)(text, constant, readDigits)

/**
 * Emits the parts of a multiple of a constant, 0, π, 2π, π/3, 0.35π, or of its power, e².
 *
 * @param emitDigits emits the count
 * @example of -2π/3, apart from its sign: integer 2, constant π, denominator /3
 */
export function emitConstant(
  { alone, behind }: Multiple,
  written: Written,
  emitDigits: () => void,
  emit: Emit,
): void {
  const { digits, place, decimals, denominator, constantPower: power = 1 } = written
  const isOne = digits === 1n && place === 0 && decimals === 0 && power !== 0
  if (!isOne) emitDigits()
  if (digits !== 0n && power !== 0) emit('constant', isOne ? alone : behind)
  if (power !== 0 && power !== 1) emit('exponent', superscript(power))
  if (denominator !== 1) emit('denominator', `/${denominator}`)
}
