import { ZERO } from '../../decimal/decimal'
import { decide, signs } from '../decide'
import type { Plan, SignState } from '../types'
import { joined, partsOf, textOf } from '../write'
import {
  LARGEST_DIGITS,
  LARGEST_EXACT_POWER,
  POWERS,
  ruleForDoubles,
  rungsForDoubles,
} from './kind'
import { SIX_DECIMALS_FROM, nearestIn } from './nearest'
import { numeralsOf, SMALL } from './numerals'

/**
 * Labels with fewer digits than are written at once are off by far less than this; so far from a
 * tie there is none.
 */
const CLEAR = 1e-9
/** Labels with fewer digits than this are written at once. */
const SHORT = 10_000
/**
 * Rungs above the first that are counted at once; ladders that step by three have no more within
 * the reach of exact powers.
 */
const COUNTED = 7

interface Side {
  readonly before: string
  readonly after: string
  readonly isBare: boolean
  /**
   * Texts of the decimals with what stands after the number; null where decimals are not listed.
   */
  readonly ends: readonly string[] | null
}

/** What the one writer puts around a number in a rung. */
function sideOf(
  plan: Plan,
  rung: number,
  sign: SignState,
  fractions: readonly string[] | null,
): Side {
  const parts = partsOf(plan, {
    kind: 'number',
    rule: 0,
    sign,
    digits: 5n,
    place: 0,
    decimals: 0,
    rung,
    exponent: null,
    denominator: 1,
    bound: '',
  })
  const at = parts.findIndex(({ type }) => type === 'integer')
  const [before, after] = [joined(parts.slice(0, at)), joined(parts.slice(at + 1))]
  return {
    before,
    after,
    isBare: before === '' && after === '',
    ends: fractions?.map((text) => text + after) ?? null,
  }
}

/**
 * Writes numbers by doubles alone where those decide every digit without doubt. It stands beside
 * `decide` for speed only: a column of a million labels is written while the hand still moves.
 *
 * @returns null where the plan is not of that kind; the function gives null where exact digits must
 *   decide
 * @throws ValueError naming the index of what is no number
 */
// One closure: what a label needs lies at hand, and a call for each part of it would take longer
// than the label.
// eslint-disable-next-line max-lines-per-function
export function fastLabels(plan: Plan): ((value: number) => string | null) | null {
  const rule = ruleForDoubles(plan)
  if (!rule) return null
  const [least, most] = rule.precision.fraction!
  const rungs = rungsForDoubles(rule, most, plan.recorded)
  if (rungs.length === 0) return null
  // What each rung needs lies side by side, since the next number is seldom in the rung of the
  // last.
  const begins = rungs.map(({ from }) => from)
  const last = begins.length - 1
  const [
    first = 0,
    second = Infinity,
    third = Infinity,
    fourth = Infinity,
    fifth = Infinity,
    sixth = Infinity,
    seventh = Infinity,
    eighth = Infinity,
  ] = begins
  const factors = Float64Array.from(rungs, ({ shift }) => (shift < 0 ? POWERS[-shift]! : 1))
  const divisors = Float64Array.from(rungs, ({ shift }) => (shift > 0 ? POWERS[shift]! : 1))
  /** Not exact for rungs above the units: good for what lies clear of a tie. */
  const rates = Float64Array.from(rungs, ({ shift }) => 10 ** -shift)
  const carries = Float64Array.from(rungs, ({ carry }) => carry)
  const isWhole = rungs.length === (rule.fixedRung === null ? rule.rungs.length : 1)
  const limit = isWhole ? Infinity : 10 ** LARGEST_EXACT_POWER
  // What rounds to zero is written as zero is.
  const zero = textOf(plan, decide(plan, ZERO))
  const unit = POWERS[most]!
  /**
   * A little more than one per unit, so that whole numbers short enough are not cut below
   * themselves.
   */
  const perUnit = (1 / unit) * (1 + 2 ** -50)
  const { fractions, pair, of } = numeralsOf(rule, least, most)
  const nearest = nearestIn(rule.precision.rounding, most)

  const states = [signs[rule.sign](true, false), signs[rule.sign](false, false)] as const
  /** What stands around numbers below zero and above it, rung by rung; made when first used. */
  const sides: (Side | undefined)[] = rungs.flatMap(() => [undefined, undefined])
  const sideFor = (at: number, which: 0 | 1): Side =>
    (sides[2 * at + which] ??= sideOf(plan, rungs[at]!.place, states[which], fractions))

  /**
   * A number of the units, without what stands around it; empty where it rounds to zero, null where
   * exact digits must decide.
   */
  function unscaled(size: number, negative: boolean): string | null {
    const whole = Math.floor(size)
    if (whole === size) return whole === 0 ? '' : pair(whole, 0)
    const scaled = size * unit
    const digits = scaled < LARGEST_DIGITS ? nearest.scaled(size, scaled, -most, negative) : NaN
    if (digits === 0) return ''
    const fraction =
      Number.isNaN(digits) && size >= SIX_DECIMALS_FROM
        ? nearest.large(size, whole, negative)
        : digits - whole * unit
    if (Number.isNaN(fraction)) return null
    return fraction === unit ? pair(whole + 1, 0) : pair(whole, fraction)
  }

  if (last === 0 && rungs[0]!.shift === -most && carries[0] === Infinity && fractions)
    return (value) => {
      const size = value < 0 ? -value : value
      if (!(size < LARGEST_DIGITS)) return null
      const number = unscaled(size, value < 0)
      if (number === null) return null
      if (number === '') return zero
      const which = value < 0 ? 0 : 1
      const side = sides[which] ?? sideFor(0, which)
      return side.isBare ? number : side.before + number + side.after
    }

  return (value) => {
    const size = value < 0 ? -value : value
    if (!(size < limit)) return null
    // Counted without a branch or a loop: which rung it is cannot be predicted.
    let at =
      +(size >= second) +
      +(size >= third) +
      +(size >= fourth) +
      +(size >= fifth) +
      +(size >= sixth) +
      +(size >= seventh) +
      +(size >= eighth)
    if (at === COUNTED) while (at < last && size >= begins[at + 1]!) at++
    if (size < first) return null
    const which = value < 0 ? 0 : 1
    const side = sides[2 * at + which] ?? sideFor(at, which)
    const carry = carries[at]!
    const shifted = size * rates[at]! + 0.5
    const near = Math.floor(shifted)
    const off = shifted - near
    if (
      near < SHORT &&
      off > CLEAR &&
      off < 1 - CLEAR &&
      near < carry &&
      near > 0 &&
      side.ends !== null
    ) {
      const whole = Math.floor(near * perUnit)
      if (whole < 1000) {
        const text = SMALL[whole]! + side.ends[near - whole * unit]!
        return side.before === '' ? text : side.before + text
      }
    }
    // One of the two is 1, so that the number is rounded once.
    const scaled = (size * factors[at]!) / divisors[at]!
    if (!(scaled < LARGEST_DIGITS)) return null
    const digits = nearest.scaled(size, scaled, rungs[at]!.shift, value < 0)
    if (digits === 0) return zero
    if (!(digits < carry)) return null
    return side.before + of(digits) + side.after
  }
}
