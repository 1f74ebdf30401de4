import type { Marks, Rule } from '../types'
import { POWERS } from './kind'

const padded = (width: number): readonly string[] =>
  Array.from({ length: 10 ** width }, (_, at) => String(at).padStart(width, '0'))
const PADDED = [[''], ...[1, 2, 3].map(padded)]
/** Whole numbers below a thousand. */
export const SMALL: readonly string[] = Array.from({ length: 1000 }, (_, at) => String(at))
/** The codes of three digits, by their number. */
const CODES = Uint8Array.from(PADDED[3]!.join(''), (digit) => digit.charCodeAt(0))
const MOST_LISTED_DECIMALS = 3
/**
 * From here on labels are so long that joining their texts would cost more than making them of
 * codes at once.
 */
const LONG = 10 ** 8
/** Digits of the numbers that are written so: from 10⁸ to below 10¹⁵. */
const [FEWEST, MOST] = [9, 15]
const MILLION = 1e6

/** Makes a list once for all Plans that need it. */
function keeping<Key extends readonly unknown[], Made>(
  make: (...key: Key) => Made,
): (...key: Key) => Made {
  const made = new Map<string, Made>()
  return (...key) => {
    const name = key.join(' ')
    const found = made.get(name) ?? make(...key)
    made.set(name, found)
    return found
  }
}

/** Texts of the groups of so many digits, the mark before them, by their number. */
const groupsOf = keeping((mark: string, size: number) => PADDED[size]!.map((text) => mark + text))

interface Fractions {
  readonly texts: readonly string[]
  readonly lengths: Uint8Array
}
/** Texts of decimals with their mark, zeros that may go left out, by their number. */
const fractionsOf = keeping((mark: string, least: number, most: number): Fractions => {
  const texts = PADDED[most]!.map((text) => {
    let end = text.length
    while (end > least && text[end - 1] === '0') end--
    return end === 0 ? '' : mark + text.slice(0, end)
  })
  return { texts, lengths: Uint8Array.from(texts, (text) => text.length) }
})
const NO_FRACTIONS = { texts: null, lengths: new Uint8Array() }

interface LongShape {
  /** Where the digits stand, from the last. */
  readonly places: readonly number[]
  /** Codes of a number with its marks in place, by the length of its decimals. */
  readonly codes: readonly number[][]
  /** Where the first decimal stands. */
  readonly end: number
}

/** What is ready of a number of so many digits before they are known. */
function shapeOf(count: number, size: number, marks: Marks, most: number): LongShape {
  let pattern = ''
  for (let digit = 0; digit < count; digit++)
    pattern = (digit >= 3 && (digit - 3) % size === 0 ? `0${marks.group}` : '0') + pattern
  const places = Array.from(pattern, (_, at) => at)
    .filter((at) => pattern[at] === '0')
    .reverse()
  const ends = Array.from({ length: most + 2 }, (_, length) =>
    length === 0 ? '' : marks.decimal + '0'.repeat(length - 1),
  )
  return {
    places,
    codes: ends.map((end) => Array.from(pattern + end, (mark) => mark.charCodeAt(0))),
    end: pattern.length + 1,
  }
}

/** How a rule writes digits that doubles hold exactly, without what stands around them. */
export interface Numerals {
  /**
   * Texts of the decimals by their number, the mark before them; null where there are too many to
   * list.
   */
  readonly fractions: readonly string[] | null
  /** A whole number below 10¹⁵ and its decimals, where these are listed. */
  pair(whole: number, fraction: number): string
  /** A number counted in its last decimal, below 10¹⁵. */
  of(digits: number): string
}

/** Makes what writes the digits of a rule with these decimals. */
// One closure: what a label needs lies at hand, and a call for each part of it would take longer
// than the label.
// eslint-disable-next-line max-lines-per-function
export function numeralsOf({ marks, grouping }: Rule, least: number, most: number): Numerals {
  const size = grouping?.rest === 2 ? 2 : 3
  const lastGroups = groupsOf(marks.group, 3)
  const otherGroups = groupsOf(marks.group, size)
  const firstGrouped = grouping ? POWERS[grouping.first + grouping.least - 1]! : Infinity
  const longFrom = Math.max(firstGrouped, LONG)
  const groupUnit = size === 3 ? 1000 : 100
  const unit = POWERS[most]!
  const { texts: fractions, lengths } =
    most > MOST_LISTED_DECIMALS ? NO_FRACTIONS : fractionsOf(marks.decimal, least, most)

  /** Whole digits with group marks, a group at a time, of a number that is not long. */
  function grouped(whole: number): string {
    let left = (whole / 1000) | 0
    let text = lastGroups[whole - left * 1000]!
    while (left >= groupUnit) {
      const head = size === 3 ? (left / 1000) | 0 : (left / 100) | 0
      text = otherGroups[left - head * groupUnit]! + text
      left = head
    }
    return SMALL[left]! + text
  }

  const shapes: (LongShape | undefined)[] = new Array<undefined>(MOST - FEWEST + 1).fill(undefined)

  /**
   * The same of a long number and its decimals: its digits are set among the marks that a number of
   * its length has.
   */
  function longPair(whole: number, fraction: number): string {
    const count =
      +(whole >= 1e9) +
      +(whole >= 1e10) +
      +(whole >= 1e11) +
      +(whole >= 1e12) +
      +(whole >= 1e13) +
      +(whole >= 1e14)
    const { places, codes, end } = (shapes[count] ??= shapeOf(FEWEST + count, size, marks, most))
    const text = codes[lengths[fraction]!]!
    const high = Math.floor(whole / MILLION)
    let left = (whole - high * MILLION) | 0
    for (let at = 0; at < places.length; at += 3) {
      const next = (left / 1000) | 0
      const digit = 3 * (left - next * 1000)
      text[places[at]!] = CODES[digit + 2]!
      if (at + 1 < places.length) text[places[at + 1]!] = CODES[digit + 1]!
      if (at + 2 < places.length) text[places[at + 2]!] = CODES[digit]!
      left = at === 3 ? high : next
    }
    for (let at = end, digit = 3 * fraction + 3 - most; at < text.length; at++, digit++)
      text[at] = CODES[digit]!
    return String.fromCharCode.apply(null, text)
  }

  function wholeText(whole: number): string {
    if (whole < 1000) return SMALL[whole]!
    return whole >= firstGrouped ? grouped(whole) : String(whole)
  }
  function pair(whole: number, fraction: number): string {
    if (whole >= longFrom) return longPair(whole, fraction)
    return lengths[fraction] === 0 ? wholeText(whole) : wholeText(whole) + fractions![fraction]!
  }

  function of(digits: number): string {
    const whole = Math.floor(digits / unit)
    const fraction = digits - whole * unit
    if (fractions) return pair(whole, fraction)
    let [left, decimals] = [fraction, most]
    while (decimals > least && left % 10 === 0) {
      left /= 10
      decimals--
    }
    return decimals === 0
      ? wholeText(whole)
      : wholeText(whole) + marks.decimal + String(left).padStart(decimals, '0')
  }
  return { fractions, pair, of }
}
