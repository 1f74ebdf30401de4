import { ZERO } from '../decimal/decimal'
import { decide, signs } from './decide'
import type { RoundingMode } from '../decimal/round'
import type { Frames, Plan, Rule, Rung, SignState } from './types'
import { partsOf, textOf } from './write'

/** Powers of ten up to here are exact doubles, and so is one rounding of a product with them. */
const LARGEST_EXACT_POWER = 22
const POWERS = Array.from({ length: LARGEST_EXACT_POWER + 1 }, (_, at) => Number(`1e${at}`))
/**
 * How far a scaled double can lie from the scaled decimal that it means, per unit: half a unit
 * in the last place for the shortest digits and half a unit for the one multiplication, doubled.
 * Closer than this to a tie, the tie itself is looked at.
 */
const DOUBT = 2 ** -51
const LARGEST_DIGITS = 2 ** 50
/** From here on numbers of the units are rounded on their own text, which has no exponent below 10¹⁵. */
const LARGEST_TEXT = 1e15
/** A tie of so many digits is the decimal that its double means; where a longer one meets its double, exact digits decide. */
const LARGEST_TIE = 10 ** 15
/** Labels with fewer digits than this are kept once made. */
const KEPT_LABELS = 10_000

const ZERO_CODE = 48

const padded = (width: number) => Array.from({ length: 10 ** width }, (_, at) => String(at).padStart(width, '0'))
const PADDED = ['', ...[1, 2, 3].map(padded)]
const PLAIN = Array.from({ length: 1000 }, (_, at) => String(at))

/** Which way a tie goes in each mode: for a number above zero, by whether its kept digits are odd. */
const tiesUp: Partial<Record<RoundingMode, (odd: boolean, negative: boolean) => boolean>> = {
  halfExpand: () => true,
  halfTrunc: () => false,
  halfEven: (odd) => odd,
  halfCeil: (_, negative) => !negative,
  halfFloor: (_, negative) => negative,
}

interface FastRung {
  /** Where it begins; the value is compared with it as a double, whose order is that of its decimals. */
  readonly from: number
  /** The rung's power less the decimals kept: what the value is divided by, as a power of ten. */
  readonly shift: number
  /** Digits from which the label goes to the next rung. */
  readonly carry: number
  /** Whether its numbers are written as they are. */
  readonly isUnits: boolean
  /** What stands before and after the number, and the labels kept, for a number below zero and above it; made when first used. */
  readonly sides: [FastSide | undefined, FastSide | undefined]
  readonly place: number
}
interface FastSide {
  readonly before: string
  readonly after: string
  readonly kept: string[]
}

const hasOneForm = (forms: Rule['names'] | Rung['forms']): boolean => !forms || Object.keys(forms).length === 1
const isPlain = ({ none, minus, plus }: Frames): boolean => !none.hidden && !minus.hidden && !plus.hidden

/** Whether doubles can decide labels of a plan: one rule of decimals, rounded to the nearest, in powers of ten. */
function isEligible(plan: Plan): boolean {
  const [rule] = plan.rules
  if (!rule || plan.rules.length > 1 || plan.recorded !== 0 || plan.unitAt !== 'label') return false
  const { precision } = rule
  return rule.factor === '1' && rule.exponent === null && rule.multiple === null && rule.under === null && rule.over === null && rule.zero === null
    && precision.fraction !== null && precision.significant === null && precision.increment === null && !precision.strip
    && precision.fraction[1] <= 12 && precision.rounding in tiesUp && hasOneForm(rule.names) && rule.digits[0] === '0'
    && rule.rungs.every(({ base, forms }) => base === 10 && hasOneForm(forms) && Object.values(forms ?? {}).every(isPlain))
}

/** What the one writer puts around a number in a rung. */
function sideOf(plan: Plan, rung: number, sign: SignState): FastSide {
  const parts = partsOf(plan, { kind: 'number', rule: 0, sign, digits: 5n, place: 0, decimals: 0, rung, exponent: null, denominator: 1, bound: '' })
  const at = parts.findIndex(({ type }) => type === 'integer')
  const text = (some: typeof parts) => some.map(({ value }) => value).join('')
  return { before: text(parts.slice(0, at)), after: text(parts.slice(at + 1)), kept: [] }
}

function rungsOf(rule: Rule, decimals: number): FastRung[] {
  const places = rule.fixedRung === null ? rule.rungs.map((_, at) => at) : [rule.fixedRung]
  return places.flatMap((at, place) => {
    const { from, power } = rule.rungs[at]!
    if (Math.abs(power - decimals) > LARGEST_EXACT_POWER || from > LARGEST_EXACT_POWER) return []
    const next = rule.fixedRung === null ? rule.rungs[places[place + 1] ?? -1] : undefined
    const beyond = rule.beyond === null ? Infinity : POWERS[Math.min(rule.beyond + decimals, LARGEST_EXACT_POWER)]!
    const carry = next ? POWERS[Math.min(Math.max(next.from - power + decimals, 0), LARGEST_EXACT_POWER)]! : beyond
    const begins = place === 0 ? 0 : Number(`1e${from}`)
    return [{ from: begins, shift: power - decimals, carry, isUnits: power === 0, sides: [undefined, undefined], place: at }]
  })
}

/** Whole digits with group marks, a group at a time. */
function grouped(whole: number, group: string, rest: 2 | 3): string {
  let text = ''
  let left = whole
  let size: 2 | 3 = 3
  for (let divisor = 1000; left >= divisor; divisor = POWERS[size]!) {
    const head = Math.floor(left / divisor)
    text = group + PADDED[size]![left - head * divisor]! + text
    left = head
    size = rest
  }
  return PLAIN[left]! + text
}

/**
 * Writes numbers by doubles alone where those decide every digit without doubt. It stands beside
 * `decide` for speed only: a column of a million labels is written while the hand still moves.
 *
 * @returns null where the plan is not of that kind; the function gives null where exact digits must decide
 */
export function fastLabels(plan: Plan): ((value: number) => string | null) | null {
  if (!isEligible(plan)) return null
  const rule = plan.rules[0]!
  const [least, most] = rule.precision.fraction!
  const { marks, grouping } = rule
  if (grouping && (grouping.first !== 3 || (grouping.rest !== 3 && grouping.rest !== 2))) return null
  const rest = (grouping?.rest ?? 3) as 2 | 3
  const firstGrouped = grouping ? POWERS[grouping.first + grouping.least - 1]! : Infinity
  const rungs = rungsOf(rule, most)
  const isWhole = rungs.length === (rule.fixedRung === null ? rule.rungs.length : 1)
  if (rungs.length === 0) return null
  const limit = isWhole ? Infinity : 10 ** LARGEST_EXACT_POWER
  // What rounds to zero is written as zero is.
  const zero = textOf(plan, decide(plan, ZERO))
  const powersByDecimals = POWERS.slice(0, most + 1)

  const wholeText = (whole: number): string => (whole >= firstGrouped ? grouped(whole, marks.group, rest) : whole < 1000 ? PLAIN[whole]! : String(whole))

  function numeral(digits: number): string {
    const unit = powersByDecimals[most]!
    const whole = most === 0 ? digits : Math.floor(digits / unit)
    let fraction = digits - whole * unit
    let decimals = most
    while (decimals > least && fraction % 10 === 0) {
      fraction /= 10
      decimals--
    }
    const text = wholeText(whole)
    if (decimals === 0) return text
    return text + marks.decimal + (decimals <= 3 ? PADDED[decimals]![fraction]! : String(fraction).padStart(decimals, '0'))
  }

  const up = tiesUp[rule.precision.rounding]!
  /**
   * Whether a number goes up from near a tie. Reading decimals as doubles keeps their order, so a
   * number whose double is not that of the tie lies on the same side of it as its double does.
   */
  function isAboveTie(size: number, floor: number, shift: number, negative: boolean): boolean | null {
    const tie = floor * 10 + 5
    if (tie > Number.MAX_SAFE_INTEGER || Math.abs(shift - 1) > LARGEST_EXACT_POWER) return null
    const double = shift > 1 ? tie * POWERS[shift - 1]! : tie / POWERS[1 - shift]!
    if (size !== double) return size > double
    return tie < LARGEST_TIE ? up(floor % 2 === 1, negative) : null
  }

  /** A large number of the units, rounded on the digits of its own text. */
  function longNumeral(size: number, negative: boolean): string {
    const text = String(size)
    const dot = text.indexOf('.')
    let whole = Math.floor(size)
    let fraction = dot < 0 ? '' : text.slice(dot + 1)
    if (fraction.length > most) {
      const next = fraction.charCodeAt(most) - ZERO_CODE
      const isTie = next === 5 && fraction.length === most + 1
      fraction = fraction.slice(0, most)
      const isOdd = Number(most === 0 ? whole % 2 : fraction.charCodeAt(most - 1)) % 2 === 1
      if (isTie ? up(isOdd, negative) : next >= 5) {
        const grown = Number(fraction) + 1
        if (grown === powersByDecimals[most]) whole++
        fraction = grown === powersByDecimals[most] ? '' : String(grown).padStart(most, '0')
      }
    }
    while (fraction.length > least && fraction.endsWith('0')) fraction = fraction.slice(0, -1)
    if (fraction.length < least) fraction = fraction.padEnd(least, '0')
    return fraction ? wholeText(whole) + marks.decimal + fraction : wholeText(whole)
  }

  /** What stands behind a whole number. */
  const zeros = least > 0 ? marks.decimal + '0'.repeat(least) : ''
  const textFrom = LARGEST_DIGITS / powersByDecimals[most]!
  const states = [signs[rule.sign](true, false), signs[rule.sign](false, false)] as const
  const sideFor = (rung: FastRung, which: 0 | 1): FastSide => (rung.sides[which] ??= sideOf(plan, rung.place, states[which]))

  return (value) => {
    const size = value < 0 ? -value : value
    if (!(size < limit)) return null
    let at = rungs.length - 1
    while (at > 0 && size < rungs[at]!.from) at--
    const rung = rungs[at]!
    const { from, shift, carry, isUnits } = rung
    if (size < from) return null
    const which = value < 0 ? 0 : 1
    if (isUnits && Math.floor(size) === size && size < carry && size < LARGEST_TEXT && size > 0) {
      const side = sideFor(rung, which)
      return side.before + wholeText(size) + zeros + side.after
    }
    if (isUnits && size >= textFrom && carry === Infinity) {
      if (size >= LARGEST_TEXT) return null
      const side = sideFor(rung, which)
      return side.before + longNumeral(size, value < 0) + side.after
    }
    const scaled = shift > 0 ? size / POWERS[shift]! : size * POWERS[-shift]!
    if (!(scaled < LARGEST_DIGITS)) return null
    const floor = Math.floor(scaled)
    const over = scaled - floor - 0.5
    const above = Math.abs(over) > scaled * DOUBT ? over > 0 : isAboveTie(size, floor, shift, value < 0)
    if (above === null) return null
    const digits = above ? floor + 1 : floor
    if (digits === 0) return zero
    if (digits >= carry) return null
    const side = sideFor(rung, which)
    if (digits >= KEPT_LABELS) return side.before + numeral(digits) + side.after
    return (side.kept[digits] ??= side.before + numeral(digits) + side.after)
  }
}

