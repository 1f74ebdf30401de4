import { compare, log10, magnitudeOf, multiply, subtract } from '../decimal/arithmetic'
import { type Decimal, decimal, ONE } from '../decimal/decimal'
import { powerOf } from '../decimal/powers'
import { divide } from '../decimal/round'
import { fromSuperscript } from '../decimal/superscript'
import type { Multiple } from '../notations/types'
import { keep, type Kept } from './keep'
import type { ReadConstant } from './multiple'
import type { Rule, SignState, Written } from './types'

/** How far a number may lie from a power that stands for it, as a part of it. */
const TOLERANCE = decimal('1e-9')
const NEARLY_ONE = subtract(ONE, TOLERANCE)

/** A size as a count, from 1 up to the constant, of a power of it. */
interface Counted {
  readonly count: Decimal
  readonly power: number
}
function countedIn(constant: Multiple, size: Decimal): Counted {
  const counts = (power: number): Decimal => divide(size, powerOf(decimal(constant.value), power))
  let power = Math.floor(log10(size) / log10(decimal(constant.value)))
  // A double may be one off beside a power.
  while (compare(counts(power), NEARLY_ONE) < 0) power--
  while (compare(counts(power + 1), NEARLY_ONE) >= 0) power++
  return { count: counts(power), power }
}

const EXACTLY_ONE: Kept = { digits: 1n, place: 0, decimals: 0 }
const isNearOne = (count: Decimal): boolean =>
  compare(magnitudeOf(subtract(count, ONE)), TOLERANCE) <= 0

/**
 * Decides a label that tells which power of a constant a number is, and how often it has that: e²,
 * 1.5e². What is a whole power within 10⁻⁹ of it, or rounds up to one, is written as that.
 *
 * @param value in the constant's own unit
 * @example decideRaised(ruleOfE, decimal('7.38905609893065'), sign) // digits 1n, constantPower 2
 */
export function decideRaised(
  { multiple, precision }: Rule,
  value: Decimal,
  sign: (negative: boolean, zero: boolean) => SignState,
): Omit<Written, 'rule' | 'bound'> {
  const rest = { kind: 'number', rung: 0, exponent: null, denominator: 1 } as const
  if (value.coefficient === 0n)
    return { ...rest, sign: sign(false, true), ...keep(precision, value), constantPower: 0 }
  const isBelow = value.coefficient < 0n
  const { count, power } = countedIn(multiple!, magnitudeOf(value))
  const signed = isBelow ? { ...count, coefficient: -count.coefficient } : count
  const kept = isNearOne(count) ? EXACTLY_ONE : keep(precision, signed)
  const told = { coefficient: kept.digits, exponent: kept.place }
  const carries = compare(told, multiply(decimal(multiple!.value), NEARLY_ONE)) >= 0
  return {
    ...rest,
    sign: sign(isBelow, false),
    ...(carries || isNearOne(told) ? EXACTLY_ONE : kept),
    constantPower: carries ? power + 1 : power,
  }
}

const RAISED = /^(.*?)(⁻?[⁰¹²³⁴⁵⁶⁷⁸⁹]+)?$/s

/**
 * Reads a count of a power of a constant.
 *
 * @param readDigits reads a number in the rule's marks
 * @returns null for another text
 * @example readRaised('1.5e⁻²', constantOf('e'), decimal) // { number: 1.5, constantPower: -2 }
 */
export function readRaised(
  text: string,
  { alone, behind }: Multiple,
  readDigits: (text: string) => Decimal | null,
): ReadConstant | null {
  const [, base = '', raised] = RAISED.exec(text)!
  const constantPower = raised === undefined ? 1 : fromSuperscript(raised)
  if (base === alone) return { number: ONE, denominator: 1, constantPower }
  const isOfConstant = base.endsWith(behind)
  if (!isOfConstant && raised !== undefined) return null
  const number = readDigits(isOfConstant ? base.slice(0, -behind.length) : base)
  return number && { number, denominator: 1, constantPower: isOfConstant ? constantPower : 0 }
}
