import { compare, leadingPower, magnitudeOf, shift, subtract } from '~~/core/decimal/arithmetic'
import { type Decimal, decimal } from '~~/core/decimal/decimal'
import { plainly } from '~~/core/decimal/plainly'
import { superscript } from '~~/core/decimal/superscript'
import type { Extremes } from '~~/core/data/extremes'
import { roundToPlace } from '~~/core/decimal/round'
import { between, saidBy, saidInUnits, toUnits } from '~~/core/label/cells'
import { decide } from '~~/core/label/decide'
import { lastPlace } from '~~/core/label/keep'
import type { Plan, Row, Rule, Written } from '~~/core/label/types'
import { textOf } from '~~/core/label/write'
import { ladderOf } from '~~/core/ladders/find'
import { withDecimals } from '~~/core/style/decimals'
import type { FullStyle, Style } from '~~/core/style/fields'
import { notationOf } from '~~/core/notations'
import { type AdjustedPart, shownAs } from '~~/shared/page/totals'
import { words as catalogue } from '~~/words'
import { tellingDigits } from '~~/core/decimal/zeros'

const words = catalogue.dock.rail

export interface RailDigit {
  readonly power: number
  readonly digit: string
  readonly state: 'kept' | 'decides' | 'dropped' | 'pad'
}
export interface RailRow {
  readonly name: string
  readonly negative: boolean
  readonly digits: readonly RailDigit[]
  readonly label: string
  /** The power at whose right side the label's decimal mark stands. */
  readonly mark: number
  /** The power of the last digit written. */
  readonly cut: number
  /**
   * What a reader takes the label for, and how far that is from the number; empty where it is the
   * number.
   */
  readonly said: string
  readonly off: string
  /**
   * The power of its first digit, in words, where that lies far from those of the other rows: its
   * digits then stand under other powers than their own.
   */
  readonly apart: string
}
/** Digits of the extremes in columns of powers of ten, with the two handles. */
export interface Rail {
  /** The powers of the outermost columns. */
  readonly high: number
  readonly low: number
  readonly rows: readonly RailRow[]
  /** Where the decimal mark stands: to the right of this power. */
  readonly beam: number
  /** Whether the beam is the same for every label. */
  readonly beamIsShared: boolean
  /** The power of the last digit written. */
  readonly cut: number
}

/** So many digits of what a label reads as are told. */
const MOST_SAID = 40
const MOST_COLUMNS = 26
/** How far past the columns the last digit written may lie to be among them. */
const FURTHEST_CUT = 24
/** How far past the digits a rung may lie for the beam to reach it. */
const FURTHEST_STOP = 9

/** Decimal digits of a power of two, for a place among powers of ten. */
const DIGITS_A_BIT = Math.log10(2)

/**
 * Whether the digits that are written are others than those of the value: a measure was converted,
 * or a factor is no power of ten. Then the rail shows those.
 */
const hasOtherDigits = ({ convert, factor }: Rule): boolean =>
  convert !== undefined || !/^(10*|0\.0*1)$/.test(factor)

/**
 * The power at whose right side a label's decimal mark stands: that of its rung or exponent, less
 * that of its factor.
 */
function markOf(rule: Rule, written: Written): number {
  const rung = rule.rungs[written.rung]!
  const power =
    written.exponent ?? (rung.base === 10 ? rung.power : Math.floor(rung.power * DIGITS_A_BIT))
  return hasOtherDigits(rule) ? power : power - leadingPower(decimal(rule.factor))
}

/** A converted number may not end; so many of its digits are shown. */
const MOST_DIGITS = 12
function shortened(value: Decimal): Decimal {
  const place = leadingPower(value) - MOST_DIGITS
  return value.exponent >= place || value.coefficient === 0n
    ? value
    : { coefficient: roundToPlace(value, place, 'halfEven'), exponent: place }
}

/** What a label says, in the unit that the rail shows. */
function saidIn(plan: Plan, written: Written): Decimal {
  return hasOtherDigits(plan.rules[written.rule]!)
    ? saidInUnits(plan, written)
    : shift(saidBy(plan, written), plan.recorded)
}
/** What an adjusted label says, in the same. */
function saidByPart({ value }: AdjustedPart, rule: Rule, { recorded }: Plan): Decimal {
  const said = shift(value, recorded)
  return hasOtherDigits(rule) ? toUnits(rule, said) : said
}

/** What becomes of a digit; one that is written but not the number's own is padding. */
function stateOf({ own, kept, decides }: { own: boolean; kept: boolean; decides: boolean }) {
  if (kept) return own ? 'kept' : 'pad'
  return decides ? 'decides' : 'dropped'
}

interface Beside {
  readonly row?: Row | undefined
  readonly part?: AdjustedPart | undefined
}
function rowOf(name: string, cell: Decimal, plan: Plan, { row, part }: Beside = {}): RailRow {
  const written = decide(plan, cell, row)
  const rule = plan.rules[written.rule]!
  const isOther = hasOtherDigits(rule)
  const trueValue = shift(cell, plan.recorded)
  const value = isOther ? shortened(toUnits(rule, trueValue)) : trueValue
  const said = part ? saidByPart(part, rule, plan) : saidIn(plan, written)
  const off = magnitudeOf(subtract(said, value))
  const mark = markOf(rule, written)
  const text = tellingDigits(value) || '0'
  const lead = value.coefficient === 0n ? 0 : leadingPower(value)
  const cut = mark + lastPlace(rule.precision, lead - mark)
  const last = lead - text.length + 1
  const digits: RailDigit[] = []
  for (
    let power = Math.max(lead, mark, cut);
    power >= Math.min(last, Math.min(cut, mark));
    power--
  ) {
    const digit = power > lead || power < last ? '0' : text[lead - power]!
    const own = power <= lead && power >= Math.min(last, 0)
    const kept = power >= cut
    digits.push({ power, digit, state: stateOf({ own, kept, decides: power === cut - 1 }) })
  }
  return {
    name,
    negative: value.coefficient < 0n,
    digits,
    cut,
    label: shownAs(part, textOf(plan, written)),
    mark,
    said: plainly(said, MOST_SAID),
    off: off.coefficient === 0n ? '' : plainly(off, MOST_SAID),
    apart: '',
  }
}

/** Columns before the first digit of a row that stands apart, for its power. */
const APART = 3
/** A row whose first digit is out of sight, moved into it with its power told. */
function intoSight(row: RailRow, high: number, low: number): RailRow {
  const first = row.digits.find(({ state }) => state !== 'pad')?.power ?? 0
  if (first > low + 1) return row
  const by = high - APART - first
  return {
    ...row,
    digits: row.digits
      .filter(({ power }) => power <= first)
      .map((digit) => ({ ...digit, power: digit.power + by })),
    mark: row.mark + by,
    apart: `10${superscript(first)}`,
  }
}

/** A number that somebody put on the rail. */
export interface Picked {
  readonly name: string
  readonly value: Decimal
  readonly row: Row | undefined
  /** Its label where that was adjusted so that parts add up. */
  readonly part?: AdjustedPart | undefined
}
/** What stands on a rail besides a set's extremes. */
export interface BesideExtremes {
  /** The step between the axis's ticks. */
  readonly step?: Decimal | null
  readonly picked?: Picked | null
  /** The cells beside a number of the set, where cases look at them. */
  readonly rowFor?: (value: Decimal) => Row | undefined
  /** The label of a number of the set where that was adjusted so that parts add up. */
  readonly partFor?: (value: Decimal) => AdjustedPart | undefined
}

function rowsOf(plan: Plan, extremes: Extremes, beside: BesideExtremes): RailRow[] {
  const { step, picked, rowFor, partFor } = beside
  const own = (name: string, value: Decimal) =>
    rowOf(name, value, plan, { row: rowFor?.(value), part: partFor?.(value) })
  const rows = [own(words.largest, extremes.largest), own(words.smallest, extremes.smallest)]
  // What was put on the rail takes the place of a row, so that nothing moves under the pointer.
  const { nearest, closest } = extremes
  if (nearest && !picked) rows.push(own(words.nearestToZero, nearest))
  if (closest) {
    const [below, above] = closest
    rows.push(own(words.closestPair, above), own(words.and, below))
    if (nearest || !picked)
      rows.push(rowOf(words.difference, subtract(above, below), between(plan)))
  }
  if (step) rows.push(rowOf(words.tickStep, step, between(plan)))
  if (picked) rows.push(rowOf(picked.name, picked.value, plan, picked))
  return rows
}

/**
 * Lays the extremes of a set on the rail.
 *
 * @param plan of the labels
 * @param extremes of the set, in the cells' own measure
 */
export function railOf(plan: Plan, extremes: Extremes, beside: BesideExtremes = {}): Rail {
  const rows = rowsOf(plan, extremes, beside)
  const rule = plan.rules.at(-1)!
  const isLarger =
    compare(magnitudeOf(extremes.smallest), magnitudeOf(extremes.largest)) > 0 ? 1 : 0
  const { mark: beam, cut } = rows[isLarger]!
  const own = rows.flatMap((row) =>
    row.digits.filter((digit) => digit.state !== 'pad').map((digit) => digit.power),
  )
  const high = Math.max(...own, beam) + 1
  const low = Math.max(Math.min(...own, cut, 0) - 1, high - MOST_COLUMNS + 1, -400)
  const beamIsShared = rule.exponent ? rule.exponent.fixed !== null : rule.fixedRung !== null
  const least = cut - 1 > low - FURTHEST_CUT ? Math.min(low, cut - 1) : low
  return {
    high,
    low: least,
    rows: rows.map((row) => intoSight(row, high, least)),
    beam,
    beamIsShared,
    cut,
  }
}

/** Where the beam can stand in a style, from the smallest power. */
export function beamStops(style: FullStyle, rail: Rail): number[] {
  if (notationOf(style).hasExponent)
    return Array.from({ length: rail.high - rail.low }, (_, at) => rail.low + 1 + at)
  const { base, rungs } = ladderOf(style.ladder)
  const powers = [0, ...rungs.map(({ power }) => power)].sort((a, b) => a - b)
  return base === 10
    ? powers.filter(
        (power) => power > rail.low - FURTHEST_STOP && power < rail.high + FURTHEST_STOP,
      )
    : [0]
}

/** The style with the beam at a power: the change alone. */
export function withBeam(style: FullStyle, power: number): Style {
  if (notationOf(style).hasExponent) return { exponent: power }
  return power === 0 && notationOf(style).hasAllDigits ? {} : { notation: 'scaled', rung: power }
}

/** The style with its last digit at a power: the change alone. */
export const withCut = (style: FullStyle, beam: number, power: number): Style =>
  withDecimals(style, Math.min(100, Math.max(0, beam - power)))

/** A power in words: "millions", "units", "tenths". */
export function powerText(power: number, style: FullStyle): string {
  if (power === 0) return words.units
  const found = ladderOf(style.ladder).rungs.find((rung) => rung.power === power)
  return found ? words.rungs({ word: found.word }) : words.tenTo({ power })
}
