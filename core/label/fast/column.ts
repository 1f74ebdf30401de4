import { compare, magnitudeOf } from '../../decimal/arithmetic'
import { fromNumber, toNumber } from '../../decimal/decimal'
import { saidBy } from '../cells'
import { decide } from '../decide'
import type { Plan, Written } from '../types'
import { textOf } from '../write'
import {
  countOf,
  type Decision,
  deciderOf,
  type DoubleDecider,
  DoubleDecision,
  LazyDecision,
  WholeDecision,
} from './deciders'

export type { Decision } from './deciders'

/** A column of doubles, decided: each decision once, however often it stands there. */
export interface DecidedColumn {
  /** In the order in which they first stand. */
  readonly decisions: readonly Decision[]
  /** Which of them each value has. */
  readonly which: Int32Array
  /** The nearest double to what each decision says. */
  readonly said: Float64Array
  /** The least and the largest of the values that have it. */
  readonly least: Float64Array
  readonly largest: Float64Array
  /** Whether no two decisions make one text. */
  readonly hasOwnTexts: boolean
}

/** All that tells one exact decision from another. */
const nameOf = ({
  kind,
  rule,
  sign,
  digits,
  place,
  decimals,
  rung,
  exponent,
  denominator,
  bound,
}: Written): string =>
  [kind, rule, sign, digits, place, decimals, rung, exponent, denominator, bound].join(' ')

/** What finds the decision of a number among those that were made, or makes it. */
interface Decisions {
  readonly decider: DoubleDecider | null
  readonly decisions: readonly Decision[]
  placeOf(value: number): number
}

function decisionsOf(plan: Plan): Decisions {
  const decider = deciderOf(plan)
  const decisions: Decision[] = []
  /**
   * The places of what is decided: by digits for each level and sign, by the number itself where
   * all
   * its digits are written, by all they have for the rest.
   */
  const known = new Map<number, Map<number, number>>()
  const whole = new Map<number, number>()
  const rest = new Map<string, number>()

  /** The place of what is known by a key; made where there is none. */
  function once<Key>(places: Map<Key, number>, key: Key, make: () => Decision): number {
    const found = places.get(key)
    if (found !== undefined) return found
    const place = decisions.push(make()) - 1
    places.set(key, place)
    return place
  }
  function byDigits(value: number, digits: number, level: number): number {
    const side = 2 * level + +(value < 0)
    let places = known.get(side)
    if (!places) known.set(side, (places = new Map()))
    return once(places, digits, () => new DoubleDecision(decider!, digits, level, value < 0))
  }
  const bySize = (value: number, size: number, decimals: number, level: number): number =>
    once(
      whole,
      value < 0 ? -size : size,
      () => new WholeDecision(decider!, size, decimals, level, value < 0),
    )
  function exactly(value: number): number {
    const written = decide(plan, fromNumber(value))
    const level = decider && decider.levelOf(written)
    const digits = level === null ? NaN : countOf(decider!, written)
    if (digits > 0) return byDigits(value, digits, level!)
    const said = saidBy(plan, written)
    const size = level === null ? 0 : Math.abs(toNumber(said))
    // Some other number may be all that is said here: it has the same place.
    if (size > 0 && compare(fromNumber(size), magnitudeOf(said)) === 0)
      return bySize(value, size, written.decimals, level!)
    const label = () => ({ written, label: textOf(plan, written), said })
    return once(rest, nameOf(written), label)
  }
  let zero = -1
  return {
    decider,
    decisions,
    placeOf(value) {
      if (!decider) return exactly(value)
      const digits = decider.digits(value)
      if (digits > 0) return byDigits(value, digits, decider.level())
      // What rounds to zero is written as zero is.
      if (digits === 0) return zero < 0 ? (zero = exactly(0)) : zero
      const decimals = decider.ownDecimals()
      return decimals >= 0
        ? bySize(value, Math.abs(value), decimals, decider.level())
        : exactly(value)
    },
  }
}

/**
 * Decides a long column: by doubles where these leave no doubt, by exact digits elsewhere. It gives
 * what `decide`, `textOf` and `saidBy` give, value by value.
 *
 * @param doubles finite; each means its shortest decimal
 * @throws RangeError for a double that is not finite
 * @example decideColumn(resolve({ fraction: [0, 0] }), Float64Array.of(1.2, 7, 0.9)).which // 0, 1, 0
 */
export function decideColumn(plan: Plan, doubles: Float64Array): DecidedColumn {
  const { decider, decisions, placeOf } = decisionsOf(plan)
  const which = new Int32Array(doubles.length)
  for (let at = 0; at < doubles.length; at++) which[at] = placeOf(doubles[at]!)
  // In one rung and with their signs, numbers of other digits are other texts.
  const rule = decider?.rule
  const hasOwnTexts =
    rule !== undefined &&
    rule.exponent === null &&
    rule.sign !== 'never' &&
    (rule.fixedRung !== null || rule.rungs.length === 1) &&
    rule.rungs.every(({ forms }) => forms === null)
  return {
    decisions,
    which,
    hasOwnTexts,
    said: Float64Array.from(decisions, (one) =>
      one instanceof LazyDecision ? one.double : toNumber(one.said),
    ),
    ...spread(doubles, which, decisions.length),
  }
}

/** The least and the largest of the values of each decision. */
function spread(
  doubles: Float64Array,
  which: Int32Array,
  count: number,
): Pick<DecidedColumn, 'least' | 'largest'> {
  const least = new Float64Array(count).fill(Infinity)
  const largest = new Float64Array(count).fill(-Infinity)
  for (let at = 0; at < doubles.length; at++) {
    const place = which[at]!
    const value = doubles[at]!
    if (value < least[place]!) least[place] = value
    if (value > largest[place]!) largest[place] = value
  }
  return { least, largest }
}
