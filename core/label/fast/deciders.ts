import { tenTo as tenToThe } from '../../decimal/arithmetic'
import { type Decimal, fromNumber } from '../../decimal/decimal'
import { signs } from '../decide'
import { unitsRung } from '../level'
import type { Plan, Rule, SignState, Written } from '../types'
import { textOf } from '../write'
import {
  LARGEST_DIGITS,
  decidableByDoubles,
  decidableInExponents,
  POWERS,
  rungsForDoubles,
} from './kind'
import { nearestIn } from './nearest'

/** What is decided of a number, its label, and the number that the label says. */
export interface Decision {
  readonly written: Written
  readonly label: string
  readonly said: Decimal
}

/**
 * What one rule decides by doubles alone. Digits are counted in the last decimal that it may write,
 * in a level: a rung by its place among the rule's, or an exponent.
 */
export interface DoubleDecider {
  readonly plan: Plan
  readonly rule: Rule
  /** Least and most decimals. */
  readonly fraction: readonly [number, number]
  /** The digits of a number, unsigned; NaN where exact digits must decide. */
  digits(value: number): number
  /**
   * The decimals of the number whose digits were last asked for and are too many, where all of them
   * are written; NaN elsewhere.
   */
  ownDecimals(): number
  /** The level that the digits last asked for count in. */
  level(): number
  /** The level of what exact digits decided; null where doubles have none such. */
  levelOf(written: Written): number | null
  /** The power of ten that a level counts in. */
  powerOf(level: number): number
  /** A level as a rung and an exponent. */
  parts(level: number): Pick<Written, 'rung' | 'exponent'>
}

/**
 * The decimals of a number's shortest text, negative for zeros before the mark; NaN where that has
 * an exponent.
 */
function decimalsOf(size: number): number {
  const text = String(size)
  if (text.includes('e')) return NaN
  const mark = text.indexOf('.')
  if (mark >= 0) return text.length - mark - 1
  let last = text.length
  while (text[last - 1] === '0') last--
  return last - text.length
}

function inRungs(plan: Plan, rule: Rule): DoubleDecider | null {
  const { fraction } = rule.precision
  const [least, most] = fraction!
  const rungs = rungsForDoubles(rule, most, plan.recorded)
  const [first] = rungs
  if (!first) return null
  const { scaled: rounded } = nearestIn(rule.precision.rounding, most)
  const places = new Set(rungs.map(({ place }) => place))
  let now = first
  /** The size of the number last asked for, where its digits are too many; NaN elsewhere. */
  let long = NaN
  return {
    plan,
    rule,
    fraction: fraction!,
    digits(value) {
      const size = Math.abs(value)
      let at = rungs.length - 1
      while (at > 0 && size < rungs[at]!.from) at--
      now = rungs[at]!
      if (size < now.from) return NaN
      const scaled = now.shift < 0 ? size * POWERS[-now.shift]! : size / POWERS[now.shift]!
      const isLong = !(scaled < LARGEST_DIGITS)
      long = isLong && now.carry === Infinity ? size : NaN
      const digits = isLong ? NaN : rounded(size, scaled, now.shift, value < 0)
      return digits < Math.min(now.carry, LARGEST_DIGITS) ? digits : NaN
    },
    ownDecimals() {
      const decimals = Number.isNaN(long) ? NaN : decimalsOf(long) + now.shift + most
      return decimals <= most ? Math.max(decimals, least) : NaN
    },
    level: () => now.place,
    levelOf: ({ rung, exponent }) => (exponent === null && places.has(rung) ? rung : null),
    powerOf: (level) => rule.rungs[level]!.power,
    parts: (level) => ({ rung: level, exponent: null }),
  }
}

/** Doubles nearest to the powers of ten, whose order is that of their decimals. */
const [LEAST_POWER, LARGEST_POWER] = [-307, 308]
const TENS = Float64Array.from({ length: LARGEST_POWER - LEAST_POWER + 1 }, (_, at) =>
  Number(`1e${at + LEAST_POWER}`),
)
const tenTo = (power: number): number => TENS[power - LEAST_POWER]!
/** The power of ten of the leading digit of a number above the least of them. */
function leadOf(size: number): number {
  const near = Math.min(Math.max(Math.floor(Math.log10(size)), LEAST_POWER), LARGEST_POWER)
  if (size < tenTo(near)) return near - 1
  return near < LARGEST_POWER && size >= tenTo(near + 1) ? near + 1 : near
}

function inExponents(plan: Plan, rule: Rule): DoubleDecider | null {
  const { precision, exponent } = rule
  const { step, fixed } = exponent!
  // Behind the leading digit of an exponent of its own, significant digits are decimals.
  const digitPair = step === 1 && fixed === null ? precision.significant : null
  const fraction =
    precision.fraction ?? (digitPair && ([digitPair[0] - 1, digitPair[1] - 1] as const))
  if (!fraction) return null
  const [, most] = fraction
  const { scaled: rounded } = nearestIn(precision.rounding, most)
  const carry = fixed === null ? POWERS[step + most]! : Infinity
  const rung = unitsRung(rule)
  let now = 0
  return {
    plan,
    rule,
    fraction,
    digits(value) {
      const size = Math.abs(value)
      if (size < TENS[0]!) return NaN
      now = fixed ?? Math.floor((leadOf(size) + plan.recorded) / step) * step
      const shift = now - plan.recorded - most
      const power = POWERS[Math.abs(shift)]
      if (power === undefined) return NaN
      const scaled = shift < 0 ? size * power : size / power
      const digits = scaled < LARGEST_DIGITS ? rounded(size, scaled, shift, value < 0) : NaN
      return digits < carry ? digits : NaN
    },
    ownDecimals: () => NaN,
    level: () => now,
    levelOf: (written) => written.exponent,
    powerOf: (level) => level,
    parts: (level) => ({ rung, exponent: level }),
  }
}

/**
 * What decides the numbers of a Plan by doubles; null where exact digits must.
 *
 * @example deciderOf(resolve({ fraction: [0, 0] }))!.digits(1.2) // 1
 */
export function deciderOf(plan: Plan): DoubleDecider | null {
  const rule = decidableByDoubles(plan)
  if (rule) return inRungs(plan, rule)
  const powered = decidableInExponents(plan)
  return powered && inExponents(plan, powered)
}

/** The digits that exact ones decided, as a decider counts them; NaN where it has no such count. */
export function countOf({ fraction }: DoubleDecider, { kind, digits, place }: Written): number {
  const power = POWERS[place + fraction[1]]
  const count = kind === 'number' && power !== undefined ? Number(digits) * power : NaN
  return count < LARGEST_DIGITS ? count : NaN
}

/**
 * What doubles decided. A long column has a million of these: what can be worked out of the digits
 * is worked out when it is asked for, and it is its own `written`.
 */
export abstract class LazyDecision implements Decision, Written {
  readonly rung: number
  readonly exponent: number | null
  abstract readonly decimals: number
  abstract get digits(): bigint
  /** The nearest double to what is said. */
  abstract get double(): number

  constructor(
    protected readonly decider: DoubleDecider,
    level: number,
    private readonly isNegative: boolean,
  ) {
    const { rung, exponent } = decider.parts(level)
    this.rung = rung
    this.exponent = exponent
  }
  get written(): Written {
    return this
  }
  get kind() {
    return 'number' as const
  }
  get rule() {
    return 0
  }
  get bound() {
    return '' as const
  }
  get denominator() {
    return 1
  }
  get sign(): SignState {
    return signs[this.decider.rule.sign](this.isNegative, false)
  }
  get place(): number {
    return 0 - this.decimals
  }
  get label(): string {
    return textOf(this.decider.plan, this)
  }
  /** The power of ten of the last digit, in the cells' own measure. */
  protected get power(): number {
    const { decider, exponent, rung, decimals } = this
    return decider.powerOf(exponent ?? rung) - decimals - decider.plan.recorded
  }
  protected get isMinus(): boolean {
    return this.sign === 'minus'
  }
  get said(): Decimal {
    return { coefficient: this.isMinus ? -this.digits : this.digits, exponent: this.power }
  }
}

/** Digits that doubles counted. */
export class DoubleDecision extends LazyDecision {
  readonly decimals: number
  private readonly left: number

  constructor(decider: DoubleDecider, digits: number, level: number, isNegative: boolean) {
    super(decider, level, isNegative)
    const [least, most] = decider.fraction
    let [left, decimals] = [digits, most]
    while (decimals > least && left % 10 === 0) {
      left /= 10
      decimals--
    }
    this.decimals = decimals
    this.left = left
  }
  get digits(): bigint {
    return BigInt(this.left)
  }
  /** One rounding of exact doubles, where the power is one. */
  get double(): number {
    const { left, power } = this
    const exact = POWERS[Math.abs(power)]
    if (exact === undefined) return Number(`${this.isMinus ? -left : left}e${power}`)
    const size = power < 0 ? left / exact : left * exact
    return this.isMinus ? -size : size
  }
}

/** A number of too many digits to count, all of them written. */
export class WholeDecision extends LazyDecision {
  constructor(
    decider: DoubleDecider,
    private readonly size: number,
    readonly decimals: number,
    level: number,
    isNegative: boolean,
  ) {
    super(decider, level, isNegative)
  }
  get digits(): bigint {
    const { coefficient, exponent } = fromNumber(this.size)
    const zeros = exponent - this.power
    return zeros < 0 ? coefficient / tenToThe(-zeros) : coefficient * tenToThe(zeros)
  }
  get double(): number {
    return this.isMinus ? -this.size : this.size
  }
}
