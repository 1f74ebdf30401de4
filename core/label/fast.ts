import { ZERO } from '../decimal/decimal'
import { decide, signs } from './decide'
import type { RoundingMode } from '../decimal/round'
import type { Frames, Plan, Rule, Rung, SignState } from './types'
import { joined, partsOf, textOf } from './write'

/** Powers of ten up to here are exact doubles, and so is one rounding of a product with them. */
const LARGEST_EXACT_POWER = 22
const POWERS = Array.from({ length: LARGEST_EXACT_POWER + 1 }, (_, at) => Number(`1e${at}`))
/**
 * How far a scaled double can lie from the scaled decimal that it means, per unit: half a unit
 * in the last place for the shortest digits and half a unit for the one multiplication, doubled.
 * Closer than this to a tie, the tie itself is looked at.
 */
const DOUBT = 2 ** -51
/** Labels with fewer digits than are kept are off by far less than this; so far from a tie there is none. */
const CLEAR = 1e-9
/** Rungs above the first that are counted at once; ladders that step by three have no more within the reach of exact powers. */
const COUNTED = 7
const LARGEST_DIGITS = 2 ** 50
/** From here on numbers of the units are rounded on their own text, which has no exponent below 10¹⁵. */
const LARGEST_TEXT = 1e15
/** A tie of so many digits is the decimal that its double means; where a longer one meets its double, exact digits decide. */
const LARGEST_TIE = 10 ** 15
/** Labels with fewer digits than this can be kept. */
const KEPT_LABELS = 10_000

const ZERO_CODE = 48

const padded = (width: number) => Array.from({ length: 10 ** width }, (_, at) => String(at).padStart(width, '0'))
const PADDED = [[''], ...[1, 2, 3].map(padded)]
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
  readonly place: number
}
interface FastSide {
  readonly before: string
  readonly after: string
  readonly isBare: boolean
  kept: (string | undefined)[]
  /** Labels made; a list for them is not worth its room before there were many. */
  made: number
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

const NONE: (string | undefined)[] = []
/** Labels made by one side of a rung from which on they are kept. */
const WORTH_KEEPING = 300

/** What the one writer puts around a number in a rung. */
function sideOf(plan: Plan, rung: number, sign: SignState): FastSide {
  const parts = partsOf(plan, { kind: 'number', rule: 0, sign, digits: 5n, place: 0, decimals: 0, rung, exponent: null, denominator: 1, bound: '' })
  const at = parts.findIndex(({ type }) => type === 'integer')
  const [before, after] = [joined(parts.slice(0, at)), joined(parts.slice(at + 1))]
  return { before, after, isBare: before === '' && after === '', kept: NONE, made: 0 }
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
    return [{ from: begins, shift: power - decimals, carry, isUnits: power === 0, place: at }]
  })
}

const MOST_LISTED_DECIMALS = 3
const kept = new Map<string, readonly string[]>()
/** A list that is made once for all Plans that need it. */
function listed(key: string, make: () => readonly string[]): readonly string[] {
  const found = kept.get(key) ?? make()
  kept.set(key, found)
  return found
}

/** Texts of a group of whole digits, its mark before it, by their number. */
const groupsOf = (mark: string, size: 2 | 3): readonly string[] => listed(`group ${size} ${mark}`, () => PADDED[size]!.map((text) => mark + text))

/** Texts of decimals with their mark, zeros that may go left out, by their number; null where there are too many to list. */
function fractionsOf(mark: string, least: number, most: number): readonly string[] | null {
  if (most > MOST_LISTED_DECIMALS) return null
  return listed(`fraction ${least} ${most} ${mark}`, () => PADDED[most]!.map((text) => {
    let end = text.length
    while (end > least && text[end - 1] === '0') end--
    return end === 0 ? '' : mark + text.slice(0, end)
  }))
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
  // What each rung needs lies side by side, since the next number is seldom in the rung of the last.
  const begins = rungs.map(({ from }) => from)
  const last = begins.length - 1
  const [first = 0, second = Infinity, third = Infinity, fourth = Infinity, fifth = Infinity, sixth = Infinity, seventh = Infinity, eighth = Infinity] = begins
  const factors = Float64Array.from(rungs, ({ shift }) => (shift < 0 ? POWERS[-shift]! : 1))
  const divisors = Float64Array.from(rungs, ({ shift }) => (shift > 0 ? POWERS[shift]! : 1))
  const carries = Float64Array.from(rungs, ({ carry }) => carry)
  const units = rungs.findIndex(({ isUnits }) => isUnits)
  /** What stands around numbers below zero and above it, rung by rung; made when first used. */
  const sides: (FastSide | undefined)[] = rungs.flatMap(() => [undefined, undefined])
  const isWhole = rungs.length === (rule.fixedRung === null ? rule.rungs.length : 1)
  if (rungs.length === 0) return null
  const limit = isWhole ? Infinity : 10 ** LARGEST_EXACT_POWER
  // What rounds to zero is written as zero is.
  const zero = textOf(plan, decide(plan, ZERO))
  const unit = POWERS[most]!
  const fractions = fractionsOf(marks.decimal, least, most)
  const [lastGroups, otherGroups] = [groupsOf(marks.group, 3), groupsOf(marks.group, rest)]
  const groupSize = rest === 3 ? 1000 : 100

  /** Whole digits with group marks, a group at a time. */
  function grouped(whole: number): string {
    let left = Math.floor(whole / 1000)
    let text = lastGroups[whole - left * 1000]!
    while (left >= groupSize) {
      const head = Math.floor(left / groupSize)
      text = otherGroups[left - head * groupSize]! + text
      left = head
    }
    return PLAIN[left]! + text
  }
  const wholeText = (whole: number): string => (whole < 1000 ? PLAIN[whole]! : whole >= firstGrouped ? grouped(whole) : String(whole))

  function numeral(digits: number): string {
    const whole = Math.floor(digits / unit)
    const fraction = digits - whole * unit
    if (fractions) return wholeText(whole) + fractions[fraction]!
    let [kept, decimals] = [fraction, most]
    while (decimals > least && kept % 10 === 0) {
      kept /= 10
      decimals--
    }
    return decimals === 0 ? wholeText(whole) : wholeText(whole) + marks.decimal + String(kept).padStart(decimals, '0')
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

  /** A scaled number, rounded; NaN where exact digits must decide. */
  function rounded(size: number, scaled: number, shift: number, negative: boolean): number {
    const floor = Math.floor(scaled)
    const over = scaled - floor - 0.5
    const above = Math.abs(over) > scaled * DOUBT ? over > 0 : isAboveTie(size, floor, shift, negative)
    return above === null ? NaN : above ? floor + 1 : floor
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
        if (grown === unit) whole++
        fraction = grown === unit ? '' : String(grown).padStart(most, '0')
      }
    }
    while (fraction.length > least && fraction.endsWith('0')) fraction = fraction.slice(0, -1)
    if (fraction.length < least) fraction = fraction.padEnd(least, '0')
    return fraction ? wholeText(whole) + marks.decimal + fraction : wholeText(whole)
  }

  function madeFor(side: FastSide, digits: number): string {
    const label = side.before + numeral(digits) + side.after
    if (++side.made < WORTH_KEEPING) return label
    if (side.kept === NONE) side.kept = new Array<string | undefined>(KEPT_LABELS).fill(undefined)
    side.kept[digits] = label
    return label
  }

  /** What stands behind a whole number. */
  const zeros = least > 0 ? marks.decimal + '0'.repeat(least) : ''
  const textFrom = LARGEST_DIGITS / unit
  const states = [signs[rule.sign](true, false), signs[rule.sign](false, false)] as const
  const sideFor = (at: number, which: 0 | 1): FastSide => (sides[2 * at + which] ??= sideOf(plan, rungs[at]!.place, states[which]))

  /** A number of the units, without what stands around it; empty where it rounds to zero. */
  function unscaled(size: number, negative: boolean): string | null {
    const whole = Math.floor(size)
    if (whole === size) return whole === 0 ? '' : least === 0 ? wholeText(whole) : wholeText(whole) + zeros
    if (size >= textFrom) return longNumeral(size, negative)
    const digits = rounded(size, size * unit, -most, negative)
    if (Number.isNaN(digits)) return size >= 1 ? longNumeral(size, negative) : null
    if (digits === 0) return ''
    if (!fractions) return numeral(digits)
    const fraction = digits - whole * unit
    return fraction === unit ? wholeText(whole + 1) + fractions[0]! : wholeText(whole) + fractions[fraction]!
  }

  if (last === 0 && units === 0 && carries[0] === Infinity) return (value) => {
    const size = value < 0 ? -value : value
    if (!(size < LARGEST_TEXT)) return null
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
    let at = +(size >= second) + +(size >= third) + +(size >= fourth) + +(size >= fifth) + +(size >= sixth) + +(size >= seventh) + +(size >= eighth)
    if (at === COUNTED) while (at < last && size >= begins[at + 1]!) at++
    if (size < first) return null
    const which = value < 0 ? 0 : 1
    const side = sides[2 * at + which] ?? sideFor(at, which)
    // One of the two is 1, so that the number is rounded once.
    const scaled = (size * factors[at]!) / divisors[at]!
    const carry = carries[at]!
    const shifted = scaled + 0.5
    const nearest = Math.floor(shifted)
    const off = shifted - nearest
    if (nearest < KEPT_LABELS && off > CLEAR && off < 1 - CLEAR && nearest < carry && nearest > 0) {
      return side.kept[nearest] ?? madeFor(side, nearest)
    }
    if (!(scaled < LARGEST_DIGITS)) return null
    const digits = rounded(size, scaled, rungs[at]!.shift, value < 0)
    if (digits === 0) return zero
    if (!(digits < carry)) return null
    return side.before + numeral(digits) + side.after
  }
}
