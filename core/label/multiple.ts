import { compare, leadingPower, magnitudeOf, subtract } from '../decimal/arithmetic'
import { type Decimal, decimal, ONE } from '../decimal/decimal'
import { divide, quotientRounded } from '../decimal/round'
import type { Multiple } from '../notations/types'
import { keep, type Kept } from './keep'
import type { Precision, Rule, SignState, Written } from './types'

const LARGEST_DENOMINATOR = 12
/** How far a ratio may lie from a simple fraction that stands for it. */
const TOLERANCE = decimal('1e-9')
/**
 * From this power of ten on, a ratio of 60 digits has too few behind the mark to tell fractions
 * apart by that much.
 */
const UNTOLD = 48

interface Fraction {
  readonly numerator: bigint
  readonly denominator: number
}
const times = ({ coefficient, exponent }: Decimal, by: number): Decimal => ({
  coefficient: coefficient * BigInt(by),
  exponent,
})
const DENOMINATORS = Array.from({ length: LARGEST_DENOMINATOR }, (_, at) => at + 1)

/**
 * The simplest fraction within the tolerance, or null.
 *
 * @example simpleFraction(decimal('0.25')) // { numerator: 1n, denominator: 4 }
 */
export function simpleFraction(ratio: Decimal): Fraction | null {
  for (const denominator of DENOMINATORS) {
    const part = divide(decimal(1), decimal(denominator))
    const numerator = quotientRounded(times(ratio, denominator), decimal(1), 'halfEven')
    const stands = { coefficient: part.coefficient * numerator, exponent: part.exponent }
    if (compare(magnitudeOf(subtract(ratio, stands)), TOLERANCE) <= 0)
      return { numerator, denominator }
  }
  return null
}

/** Whether decimals are exactly a fraction: 0.25 is a quarter, 0.333 is no third. */
const isExactly = (decimals: Decimal, { numerator, denominator }: Fraction): boolean =>
  compare(times(decimals, denominator), { coefficient: numerator, exponent: 0 }) === 0

/**
 * Whether rounding stepped over a simple fraction or came to stand on one that it is not: then the
 * label would read in the wrong order, or as that fraction.
 */
function isAstray(ratio: Decimal, rounded: Decimal): boolean {
  const near = simpleFraction(rounded)
  if (near && !isExactly(rounded, near)) return true
  const direction = compare(rounded, ratio)
  if (direction === 0) return false
  const mode = direction > 0 ? 'ceil' : 'floor'
  return DENOMINATORS.some((denominator) => {
    const numerator = quotientRounded(times(ratio, denominator), decimal(1), mode)
    const beyond = compare(times(rounded, denominator), { coefficient: numerator, exponent: 0 })
    return direction > 0 ? beyond > 0 : beyond < 0
  })
}

/** A ratio that lies farther from a fraction than the tolerance is told apart by these decimals. */
const TELLING_DECIMALS = 12
const saysTheSame = (kept: Kept, ratio: Decimal): boolean =>
  compare({ coefficient: kept.digits, exponent: kept.place }, magnitudeOf(ratio)) === 0
/**
 * What is kept of a ratio: as many decimals as its style has, or as tell it from fractions; such
 * that what is kept of that again is the same.
 */
function keepApart(precision: Precision, ratio: Decimal): Kept {
  const kept = keep(precision, ratio)
  const size = magnitudeOf(ratio)
  const isClear = ({ digits, place }: Kept) =>
    !isAstray(size, { coefficient: digits, exponent: place })
  if (precision.increment !== null || isClear(kept)) return kept
  const isKept = (finer: Kept): boolean => {
    if (saysTheSame(finer, ratio)) return true
    const coefficient = ratio.coefficient < 0n ? -finer.digits : finer.digits
    const again = { coefficient, exponent: finer.place }
    return saysTheSame(keepApart(precision, again), again)
  }
  for (let most = kept.decimals + 1; most <= TELLING_DECIMALS; most++) {
    const finer = keep({ ...precision, significant: null, fraction: [0, most] }, ratio)
    if (isClear(finer) && isKept(finer)) return finer
  }
  return kept
}

/**
 * Decides a label that counts a constant: a simple fraction of it where one fits, a decimal
 * factor otherwise. A factor that rounds to a simple fraction is written as that fraction, so
 * that the label reads back to itself; one that would round past a simple fraction, or seem to be
 * one, has as many more decimals as tell it apart. With an increment, its multiples alone are
 * written. Exact to 60 digits, those of the constants.
 *
 * @param value in the constant's own unit
 * @example decideMultiple(rule, decimal('-2.0943951023931953'), sign) // of π: 2 over 3, negative
 */
export function decideMultiple(
  rule: Rule,
  value: Decimal,
  sign: (negative: boolean, zero: boolean) => SignState,
): Omit<Written, 'rule' | 'bound'> {
  const ratio = divide(value, decimal(rule.multiple!.value))
  const size = magnitudeOf(ratio)
  const isTold = leadingPower(size) < UNTOLD
  const rounded = (isTold ? keepApart : keep)(rule.precision, ratio)
  const decimals = { coefficient: rounded.digits, exponent: rounded.place }
  const own = isTold && rule.precision.increment === null ? simpleFraction(size) : null
  const simple = own ?? (isTold ? simpleFraction(decimals) : null)
  const kept = simple ? { digits: simple.numerator, place: 0, decimals: 0 } : rounded
  const zero = kept.digits === 0n
  return {
    kind: 'number',
    sign: sign(value.coefficient < 0n && !zero, zero),
    ...kept,
    rung: 0,
    exponent: null,
    denominator: simple?.denominator ?? 1,
  }
}

/** What a label says of a constant: how often, over what, and which power of it. */
export interface ReadConstant {
  readonly number: Decimal
  readonly denominator: number
  readonly constantPower?: number
}

/**
 * Reads a multiple of a constant.
 *
 * @param readDigits reads a number in the rule's marks
 * @returns null for another text
 * @example readMultiple('2π/3', constantOf('pi'), decimal) // { number: 2, denominator: 3 }
 */
export function readMultiple(
  text: string,
  { alone, behind }: Multiple,
  readDigits: (text: string) => Decimal | null,
): ReadConstant | null {
  const [head = '', below] = text.split(/\/(?=\d+$)/)
  const denominator = below === undefined ? 1 : Number(below)
  if (head === alone) return { number: ONE, denominator }
  if (head.endsWith(behind)) {
    const number = readDigits(head.slice(0, -behind.length))
    return number && { number, denominator }
  }
  const zero = readDigits(head)
  return zero?.coefficient === 0n && denominator === 1 ? { number: zero, denominator } : null
}
