import { type Decimal, fromNumber, toNumber } from '../../decimal/decimal'
import { saidBy } from '../cells'
import { decide, signs } from '../decide'
import type { Plan, Rule, Written } from '../types'
import { textOf } from '../write'
import { fastLabels } from './fast'
import { POWERS, decidableByDoubles, rungsForDoubles } from './kind'
import { nearestIn } from './nearest'

/** What is decided of a number, its label, and the number that the label says. */
export interface Decision {
  readonly written: Written
  readonly label: string
  readonly said: Decimal
}

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

/** Digits from here on are left to exact ones. */
const LARGEST_DIGITS = 1e15 - 1

/**
 * What one rule decides by doubles alone. Digits are counted in the last decimal that it may write.
 */
interface DoubleDecider {
  /** The digits of a number, unsigned; NaN where exact digits must decide. */
  digits(value: number): number
  /** The rung that they count in, as a place among the rule's. */
  rung(): number
  /** The same count of what exact digits decided; NaN where it has none. */
  counted(written: Written): number
  written(digits: number, rung: number, negative: boolean): Written
}

function deciderOf(rule: Rule, recorded: number): DoubleDecider | null {
  const [least, most] = rule.precision.fraction!
  const rungs = rungsForDoubles(rule, most, recorded)
  const [first] = rungs
  if (!first) return null
  const { scaled: rounded } = nearestIn(rule.precision.rounding, most)
  const places = new Set(rungs.map(({ place }) => place))
  let now = first
  return {
    digits(value) {
      const size = Math.abs(value)
      let at = rungs.length - 1
      while (at > 0 && size < rungs[at]!.from) at--
      now = rungs[at]!
      if (size < now.from) return NaN
      const scaled = now.shift < 0 ? size * POWERS[-now.shift]! : size / POWERS[now.shift]!
      const digits = scaled < LARGEST_DIGITS ? rounded(size, scaled, now.shift, value < 0) : NaN
      return digits < now.carry ? digits : NaN
    },
    rung: () => now.place,
    counted({ kind, digits, place, rung, exponent }) {
      const count = Number(digits) * POWERS[place + most]!
      return kind === 'number' && exponent === null && places.has(rung) && count < LARGEST_DIGITS
        ? count
        : NaN
    },
    written(digits, rung, negative) {
      let [left, decimals] = [digits, most]
      while (decimals > least && left % 10 === 0) {
        left /= 10
        decimals--
      }
      return {
        kind: 'number',
        rule: 0,
        sign: signs[rule.sign](negative, false),
        digits: BigInt(left),
        place: 0 - decimals,
        decimals,
        rung,
        exponent: null,
        denominator: 1,
        bound: '',
      }
    },
  }
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

/**
 * Decides a long column: by doubles where these leave no doubt, by exact digits elsewhere. It gives
 * what `decide`, `textOf` and `saidBy` give, value by value.
 *
 * @param doubles finite; each means its shortest decimal
 * @throws RangeError for a double that is not finite
 * @example decideColumn(resolve({ fraction: [0, 0] }), Float64Array.of(1.2, 7, 0.9)).which // 0, 1, 0
 */
export function decideColumn(plan: Plan, doubles: Float64Array): DecidedColumn {
  const rule = decidableByDoubles(plan)
  const decider = rule && deciderOf(rule, plan.recorded)
  const labelOf = fastLabels(plan)
  const which = new Int32Array(doubles.length)
  const decisions: Decision[] = []
  /**
   * The places of what is decided: by digits for each rung and sign, by all they have for the rest.
   */
  const known: Map<number, number>[] = []
  const rest = new Map<string, number>()

  function add(value: number, written: Written, said: Decimal = saidBy(plan, written)): number {
    decisions.push({ written, label: labelOf?.(value) ?? textOf(plan, written), said })
    return decisions.length - 1
  }
  function exactly(value: number): number {
    const written = decide(plan, fromNumber(value))
    const digits = decider ? decider.counted(written) : NaN
    if (digits > 0) return byDigits(value, digits, written.rung)
    const name = nameOf(written)
    const place = rest.get(name) ?? add(value, written)
    rest.set(name, place)
    return place
  }
  function byDigits(value: number, digits: number, rung: number): number {
    const places = (known[2 * rung + +(value < 0)] ??= new Map<number, number>())
    const found = places.get(digits)
    if (found !== undefined) return found
    const written = decider!.written(digits, rung, value < 0)
    const place = add(value, written, {
      coefficient: written.sign === 'minus' ? -written.digits : written.digits,
      exponent: written.place + rule!.rungs[rung]!.power - plan.recorded,
    })
    places.set(digits, place)
    return place
  }
  let zero = -1
  for (let at = 0; at < doubles.length; at++) {
    const value = doubles[at]!
    const digits = decider ? decider.digits(value) : NaN
    if (digits > 0) which[at] = byDigits(value, digits, decider!.rung())
    // What rounds to zero is written as zero is.
    else if (digits === 0) which[at] = zero < 0 ? (zero = exactly(0)) : zero
    else which[at] = exactly(value)
  }
  // In one rung and with their signs, numbers of other digits are other texts.
  const hasOwnTexts =
    rule !== null &&
    rule.sign !== 'never' &&
    (rule.fixedRung !== null || rule.rungs.length === 1) &&
    rule.rungs.every(({ forms }) => forms === null)
  return {
    decisions,
    which,
    hasOwnTexts,
    said: Float64Array.from(decisions, ({ said }) => toNumber(said)),
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
