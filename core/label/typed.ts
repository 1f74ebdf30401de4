import { ordinary } from './blanks'
import { compare, multiply, negate, shift } from '../decimal/arithmetic'
import { type Decimal, decimal, MOST_PLACES, toExactText, toText } from '../decimal/decimal'
import { NUMBERS_TAKEN } from '../decimal/beyond'
import { plainly } from '../decimal/plainly'
import { divide } from '../decimal/round'
import { fromSuperscript } from '../decimal/superscript'
import { namesIn } from '../locale/compact'
import { constantOf, CONSTANTS } from '../notations/multiple'
import { inLatin } from './digits'
import { simpleFraction } from './multiple'
import { readNumeral } from './numeral'
import { everywhere, isSameName } from './powernames'
import type { ChosenRegion } from './region'
import { withoutEndZeros } from '../decimal/zeros'

/** What somebody typed, as a number; or why it is none, and what to do. */
export type TypedNumber = { readonly value: Decimal } | { readonly trouble: string }

const DIGITS = /^(?:\d+(?:[.,’'\s٬٫·]\d+)*|[.,]\d+)/
const EXPONENT = /^(?:\s*[×x·*]\s*10(?:\^([-+]?\d+)|(⁻?[⁰¹²³⁴⁵⁶⁷⁸⁹]+))|[eE]([-+]?\d+))/
const SIGNS = /^([-+]?)\s*/
const MINUS = /[−‒–]/g
const PERCENT = -2
const SLASH = /^\s*\/\s*(\d+)$/
/** Angles are counted in these; of `e` nobody knows whether an exponent follows. */
const ANGLES = CONSTANTS.filter((name) => name !== 'e')
const symbols: Readonly<Record<string, string>> = Object.fromEntries(
  ANGLES.flatMap((name) => [
    [name, name],
    [constantOf(name).alone, name],
  ]),
)
const CONSTANT = new RegExp(`^\\s*[*×·]?\\s*(${Object.keys(symbols).join('|')})(?![\\p{L}])`, 'iu')

/**
 * The numbers that digits stand for: in the region's marks, and otherwise in every way that makes
 * sense.
 */
function numbersIn(digits: string, { system }: ChosenRegion): Decimal[] {
  const whole = /^[.,]/.test(digits) ? `0${digits}` : digits
  return readNumeral(whole, system.marks)
}

/** A name without the point of a short form. */
const bare = (name: string): string => name.replace(/\.$/, '')
/** The power of ten that a text behind digits names; null where it names none. */
function powerOf(rest: string, { system }: ChosenRegion): number | null {
  if (rest === '') return 0
  if (rest === '%') return PERCENT
  const { short, long } = system.compact
  const named = [...namesIn(short), ...namesIn(long), ...everywhere].find(({ text }) =>
    isSameName(bare(text), bare(rest)),
  )
  return named?.power ?? null
}

const notRead = (text: string): TypedNumber => ({
  trouble: `“${text}” is no number: write one such as 1500, 1.5K, 2e6 or 2π`,
})

/** A count of a constant, or a fraction: 2π, -π/2, 3/8. */
function fractionOf(count: Decimal, rest: string): Decimal | null {
  const named = CONSTANT.exec(rest)
  const below = SLASH.exec(named ? rest.slice(named[0].length) : rest)
  if (!below && !(named && rest.slice(named[0].length).trim() === '')) return null
  const name = named && (symbols[named[1]!] ?? symbols[named[1]!.toLowerCase()])
  const above = name ? multiply(count, decimal(constantOf(name).value)) : count
  if (!below) return above
  const divisor = decimal(below[1]!)
  return divisor.coefficient === 0n ? null : divide(above, divisor)
}

/**
 * Reads what somebody types for a number: grouped, in the region's marks, with a rung or a power of
 * ten, in percent, as a fraction, or as a count of π.
 *
 * @param region whose marks and names of powers are read first
 * @returns the number, exact but for fractions and constants, which have 60 digits; or what is
 *   wrong
 * @example typedNumber('1,5 Mio.', german) // { value: decimal('1500000') }
 * @example typedNumber('π/2', english) // { value: decimal('1.5707963267948966…') }
 */
export function typedNumber(text: string, region: ChosenRegion): TypedNumber {
  const plain = ordinary(inLatin(text, region.digits).trim().replace(MINUS, '-'))
  const sign = SIGNS.exec(plain)!
  const unsigned = plain.slice(sign[0].length)
  const signed = (value: Decimal): TypedNumber => ({
    value: sign[1] === '-' ? negate(value) : value,
  })
  const digits = DIGITS.exec(unsigned)?.[0] ?? ''
  const numbers = digits === '' ? [decimal(1)] : numbersIn(digits, region)
  const [first, second] = numbers
  if (!first) return notRead(text)
  const rest = unsigned.slice(digits.length)
  const counted = fractionOf(first, rest)
  if (digits === '') return counted ? signed(counted) : notRead(text)
  if (second)
    return {
      trouble: `“${text}” reads as ${plainly(first)} and as ${plainly(second)}: write ${toText(first)} or ${toText(second)}`,
    }
  if (counted) return signed(counted)
  const powered = EXPONENT.exec(rest)
  const exponent = powered ? Number(powered[1] ?? powered[3] ?? fromSuperscript(powered[2]!)) : 0
  if (Math.abs(exponent) > MOST_PLACES)
    return { trouble: `“${text}” is beyond what is taken: ${NUMBERS_TAKEN}` }
  const power = powerOf(rest.slice(powered?.[0].length ?? 0).trim(), region)
  return power === null ? notRead(text) : signed(shift(first, exponent + power))
}

/**
 * What somebody types for a number, as plain decimal text, which is how numbers are kept.
 *
 * @example typedDecimal('1,5 Mio.', german) // { text: '1500000' }
 */
export function typedDecimal(
  text: string,
  region: ChosenRegion,
): { readonly text: string } | { readonly trouble: string } {
  const read = typedNumber(text, region)
  return 'trouble' in read ? read : { text: toText(read.value) }
}

/** From so many digits on a number may be a count of a constant. */
const LONG = 24
/** A number as a count of an angle's constant, where it is exactly that: 3π/2. */
function asAngle(value: Decimal, region: ChosenRegion): string | null {
  for (const name of ANGLES) {
    const { alone, value: digits } = constantOf(name)
    const fraction = simpleFraction(divide(value, decimal(digits)))
    if (!fraction || fraction.numerator === 0n) continue
    const { numerator, denominator } = fraction
    const count = String(numerator).replace(/^(-?)1$/, '$1')
    const text = `${count}${alone}${denominator === 1 ? '' : `/${denominator}`}`
    const read = typedNumber(text, region)
    if ('value' in read && compare(read.value, value) === 0) return text
  }
  return null
}

/**
 * A number as it stands in a field in which it can be typed: all its digits, in the region's marks.
 *
 * @example typedText(decimal('1234.5'), german) // '1.234,5', which `typedNumber` reads; of 2.5e307 '2,5e307'
 */
export function typedText(value: Decimal, region: ChosenRegion): string {
  const digits = withoutEndZeros(value.coefficient.toString()).length
  const angle = digits > LONG ? asAngle(value, region) : null
  if (angle) return angle
  const { decimal: mark, group } = region.system.marks
  const text = digits > LONG ? toExactText(value) : plainly(value)
  return text.replace(/[.,]/g, (one) => (one === ',' ? group : mark))
}

const BETWEEN = /[;\n\t]+|,\s+/
const NAME = /^[\p{L}%][\p{L}.]*$/u
/** How somebody types that there is no number. */
const NONE = /^(?:none|missing|na|n\/a|null|nan|[-–—]|\.\.)$/i
const isRead = (text: string, region: ChosenRegion) => 'value' in typedNumber(text, region)
/** The texts of a typed list: a name of a power belongs to the number before it. */
function textsIn(list: string, region: ChosenRegion): string[] {
  return list.split(BETWEEN).flatMap((part) =>
    part
      .split(/\s+/)
      .filter(Boolean)
      .reduce<string[]>((texts, word) => {
        const whole = `${texts.at(-1)} ${word}`
        const joins = texts.length > 0 && NAME.test(word) && isRead(whole, region)
        return joins ? [...texts.slice(0, -1), whole] : [...texts, word]
      }, []),
  )
}

/**
 * Reads a list of typed numbers, parted by blanks, semicolons, lines, or commas with a blank; a
 * number that is missing is typed as none, NA or a dash.
 *
 * @returns the numbers in their order, null for those that are missing, and what is wrong with each
 *   text that is neither
 * @example typedNumbers('1.5 million; 2K none x', english).values.length // 3, and one trouble: x
 */
export function typedNumbers(
  list: string,
  region: ChosenRegion,
): { readonly values: readonly (Decimal | null)[]; readonly troubles: readonly string[] } {
  const read = textsIn(list, region).map((text) =>
    NONE.test(text) ? { value: null } : typedNumber(text, region),
  )
  return {
    values: read.flatMap((one) => ('value' in one ? [one.value] : [])),
    troubles: read.flatMap((one) => ('trouble' in one ? [one.trouble] : [])),
  }
}
