import { type Band, type Bands, bandFor } from '../../../core/bands/bands'
import { type Frame, takenAt } from '../../../core/bands/frame'
import { tenTo } from '../../../core/decimal/arithmetic'
import type { Decimal } from '../../../core/decimal/decimal'
import type { Part, Plan, Row, Rule } from '../../../core/label/types'
import { joined } from '../../../core/label/write'

/**
 * Number patterns of a style as the locale data of Unicode has them (Unicode Technical Standard 35,
 * part 3, “Number Format Patterns” and “Compact Number Formats”).
 */
export interface UnicodePatterns {
  readonly symbols: {
    readonly decimal: string
    readonly group: string
    readonly minusSign: string
    readonly plusSign: string
    readonly exponential: string
  }
  readonly minimumGroupingDigits: number
  /** The digits from zero, where they are not those from 0 to 9. */
  readonly digits?: string
  readonly standard: string
  /** Patterns of shortened numbers by their power of ten and plural: `1000-count-other`. */
  readonly short?: Readonly<Record<string, string>>
  /** Digits of shortened numbers, which their patterns do not say. */
  readonly shortDigits?: {
    readonly fraction?: readonly [number, number]
    readonly significant?: readonly [number, number]
  }
}

const SPECIAL = /[#0-9.,;%‰¤@E*+-]/
/** A text in a pattern: quoted where a character of it means something there. */
function quoted(text: string): string {
  const doubled = text.replaceAll("'", "''")
  return SPECIAL.test(text) ? `'${doubled}'` : doubled
}
/** What a percent sign and its kin multiply by, as powers of ten. */
const SIGNS: Readonly<Record<number, string>> = { 2: '%', 3: '‰' }

function affix(parts: readonly Part[], { marks }: Rule, power: number | null): string {
  return parts
    .map(({ type, value }) => {
      if (type === 'minus' && value === marks.minus) return '-'
      if (type === 'plus' && value === marks.plus) return '+'
      return power !== null && value === SIGNS[power] ? value : quoted(value)
    })
    .join('')
}

/** Places of digits with the group marks of a rule among them. */
function groupedBy({ grouping }: Rule, places: string): string {
  if (!grouping) return places
  const { first, rest } = grouping
  const padded = places.padStart(first + 1, '#')
  const far = rest === first ? '' : `#,${'#'.repeat(rest - 1)}`
  return `${far}${padded.slice(0, -first)},${padded.slice(-first)}`
}
function fractionOf(least: number, most: number): string {
  return most === 0 ? '' : `.${'0'.repeat(least)}${'#'.repeat(most - least)}`
}
/** The number of a pattern: digits that are counted, significant ones, or steps. */
function numberOf({ number }: Frame, rule: Rule): string {
  const { precision, exponent } = rule
  if (!number) return '0'
  const fraction = fractionOf(number.least ?? 0, number.most ?? number.least ?? 0)
  if (number.hasExponent) {
    const step = exponent?.step ?? 1
    return `${'#'.repeat(step - 1)}0${fraction}E0`
  }
  if (precision.significant && !precision.fraction) {
    const [least, most] = precision.significant
    return groupedBy(rule, `${'@'.repeat(least)}${'#'.repeat(most - least)}`)
  }
  if (precision.increment === null) return groupedBy(rule, '0') + fraction
  const [steps = '', part = ''] = precision.increment.split('.')
  return groupedBy(rule, steps) + (part && `.${part.padEnd(number.least ?? 0, '0')}`)
}

/** Decimals of a number that is written with all of its digits: as many as a double has. */
const ALL = 15
/** A frame whose number patterns can say; else all digits, and nothing that is untrue. */
function sayable(frame: Frame): Frame {
  const power = frame.number?.power
  const says = [...frame.before, ...frame.after].some(({ value }) => value === SIGNS[power ?? 0])
  if (frame.number && (frame.number.hasExponent || power === 0 || says)) return frame
  const before = frame.before.filter(({ type }) => type === 'minus')
  const number = frame.number && { ...frame.number, power: null, least: 0, most: ALL }
  return { before, after: [], number }
}

/** A pattern, with one for numbers below zero where that has more than a minus before it. */
function patternOf(above: Frame, below: Frame, rule: Rule, number: string): string {
  const power = above.number?.power ?? null
  const around = ({ before, after }: Frame) => [
    affix(before, rule, power),
    affix(after, rule, power),
  ]
  const [[before, after], [minus, behind]] = [around(above), around(below)]
  const positive = `${before}${number}${after}`
  return minus === `-${before}` && behind === after
    ? positive
    : `${positive};${minus}${number}${behind}`
}

const sized = (digit: bigint, exponent: number): Decimal => ({ coefficient: digit, exponent })
/** The frame of numbers as they are: of a few units, or of the least that are not written as zero. */
function usualIn(bands: readonly Band[]): Frame {
  const { frame } = bandFor(bands, sized(3n, 0))
  const isTold = ({ number }: Frame) => number !== null && number.most !== null
  return isTold(frame) ? frame : (bands.find((band) => isTold(band.frame))?.frame ?? frame)
}

/** The first power of ten that has a pattern of its own, and the last, whatever the values are. */
const [FIRST, LAST] = [3, 15]

function shortOf(plan: Plan, bands: Bands, rule: Rule, last: number, row: Row | undefined) {
  const found: [string, string][] = []
  const negative = (size: Decimal) => ({ ...size, coefficient: -size.coefficient })
  for (let power = FIRST; power <= Math.max(last, LAST); power++) {
    const at = (all: readonly Band[]) => bandFor(all, sized(3n, power)).frame
    const [above, below] = [at(bands.above), at(bands.below)]
    const zeros = power + (above.number?.power ?? 0) + 1
    // What is not shortened has no pattern here.
    if (!above.number?.power || above.number.power > 0 || zeros < 1) continue
    const number = '0'.repeat(zeros)
    const key = tenTo(power)
    found.push([`${key}-count-other`, patternOf(above, below, rule, number)])
    const ones = [sized(1n, power), negative(sized(1n, power))].map(
      (size) => takenAt(plan, size, row).frame,
    )
    if (zeros === 1 && joined(ones[0]!.after) !== joined(above.after))
      found.push([`${key}-count-one`, patternOf(ones[0]!, ones[1]!, rule, number)])
  }
  return Object.fromEntries(found)
}

/**
 * The patterns of a Plan, as far as patterns can say it.
 *
 * @param bands from `bandsOf`
 * @param last the largest power of ten of its values
 * @param row the cells beside the values, where the Plan looks at some
 * @example patternsOf(plan, bands, 6).standard // '#,##0.00;(#,##0.00)'
 */
export function patternsOf(plan: Plan, bands: Bands, last: number, row?: Row): UnicodePatterns {
  const rule = takenAt(plan, sized(1n, 0), row).rule
  const [above, below] = [bands.above, bands.below].map((all) => sayable(usualIn(all)))
  const { marks, digits, grouping, precision } = rule
  const isShort = bands.above.some(
    ({ frame: { number } }) => number && number.power !== null && number.power < 0,
  )
  const fraction = [above!.number?.least ?? 0, above!.number?.most ?? 0] as const
  return {
    symbols: {
      ...{ decimal: marks.decimal, group: marks.group },
      ...{ minusSign: marks.minus, plusSign: marks.plus },
      exponential: 'E',
    },
    minimumGroupingDigits: grouping?.least ?? 1,
    ...(digits[0] === '0' ? {} : { digits: digits.join('') }),
    standard: patternOf(above!, below!, rule, numberOf(above!, rule)),
    ...(isShort
      ? {
          short: shortOf(plan, bands, rule, last, row),
          shortDigits:
            precision.significant && !precision.fraction
              ? { significant: precision.significant }
              : { fraction },
        }
      : {}),
  }
}
