import { compare, leadingPower, magnitudeOf, shift } from '../../../core/decimal/arithmetic'
import { type Decimal, decimal, toText, ZERO } from '../../../core/decimal/decimal'
import { quotientRounded, roundToPlace } from '../../../core/decimal/round'
import { pluralOf } from '../../../core/locale/plurals'
import type { UnicodePatterns } from './write'

/** A pattern taken apart. */
interface Read {
  readonly before: string
  readonly number: string
  readonly after: string
}
const PIECE = /'(?:[^']|'')*'|[^']/g
const NUMBER = /^[#0-9.,@]$/

/** Pieces of a pattern: a character, or a quoted text. */
const piecesOf = (pattern: string): string[] => pattern.match(PIECE) ?? []

function partOf(pieces: readonly string[]): Read {
  const first = pieces.findIndex((piece) => NUMBER.test(piece))
  let end = first
  while (end < pieces.length && NUMBER.test(pieces[end]!)) end++
  // An exponent stands behind the digits.
  if (pieces[end] === 'E')
    do end++
    while (pieces[end] === '0')
  return {
    before: pieces.slice(0, first).join(''),
    number: pieces.slice(first, end).join(''),
    after: pieces.slice(end).join(''),
  }
}
function readPattern(pattern: string): readonly [Read, Read | null] {
  const pieces = piecesOf(pattern)
  const cut = pieces.indexOf(';')
  return cut < 0
    ? [partOf(pieces), null]
    : [partOf(pieces.slice(0, cut)), partOf(pieces.slice(cut + 1))]
}

/** A text around a number, with the region's own signs. */
const affix = (text: string, { symbols }: UnicodePatterns): string =>
  piecesOf(text)
    .map((piece) => {
      if (piece === '-') return symbols.minusSign
      if (piece === '+') return symbols.plusSign
      return piece === "''" ? "'" : piece.replace(/^'|'$/g, '').replaceAll("''", "'")
    })
    .join('')
/** The power of ten that a percent sign multiplies by. */
const powerIn = ({ before, after }: Read): number => {
  const bare = piecesOf(before + after)
  if (bare.includes('%')) return 2
  return bare.includes('‰') ? 3 : 0
}

/** Digits as they are shown: a whole part and a fraction with its zeros. */
interface Digits {
  readonly whole: string
  readonly fraction: string
}
const shown = (value: Decimal, least: number): Digits => {
  const [whole = '0', fraction = ''] = toText(value).split('.')
  return { whole, fraction: fraction.padEnd(least, '0') }
}
/** Rounded half to even, as patterns are where nothing else is said. */
const rounded = (value: Decimal, place: number): Decimal => ({
  coefficient: roundToPlace(value, place, 'halfEven'),
  exponent: place,
})
const count = (text: string, one: RegExp): number => text.match(one)?.length ?? 0

function significantOf(value: Decimal, least: number, most: number): Digits {
  const lead = Math.max(leadingPower(value), value.coefficient === 0n ? 0 : -Infinity)
  const kept = rounded(value, lead - most + 1)
  const now = kept.coefficient === 0n ? 0 : leadingPower(kept)
  return shown(kept, Math.max(0, least - 1 - now))
}
function fractionOf(value: Decimal, number: string): Digits {
  const fraction = number.split('.')[1] ?? ''
  const least = count(fraction, /\d/g)
  const steps = number.replace(/[#,]/g, '')
  const kept = /[1-9]/.test(steps)
    ? scaled(decimal(steps), quotientRounded(value, decimal(steps), 'halfEven'))
    : rounded(value, -fraction.length)
  return shown(kept, least)
}
const scaled = ({ coefficient, exponent }: Decimal, by: bigint): Decimal => ({
  coefficient: coefficient * by,
  exponent,
})
const digitsBy = (value: Decimal, number: string): Digits =>
  number.includes('@')
    ? significantOf(value, count(number, /@/g), count(number.replace(/^[^@]*/, ''), /[@#]/g))
    : fractionOf(value, number)

function grouped(
  whole: string,
  number: string,
  { symbols, minimumGroupingDigits }: UnicodePatterns,
) {
  const groups = number.split(/[.E]/)[0]!.split(',').slice(1)
  const first = groups.at(-1)?.length
  if (!first || whole.length < first + minimumGroupingDigits) return whole
  const rest = groups.length > 1 ? groups.at(-2)!.length : first
  const pieces = [whole.slice(-first)]
  for (let end = whole.length - first; end > 0; end -= rest)
    pieces.unshift(whole.slice(Math.max(0, end - rest), end))
  return pieces.join(symbols.group)
}
const joined = ({ whole, fraction }: Digits, number: string, patterns: UnicodePatterns): string =>
  `${grouped(whole, number, patterns)}${fraction && patterns.symbols.decimal + fraction}`

/** A mantissa and its exponent: with several digits before the mark, exponents go by as many. */
function exponentialOf(value: Decimal, number: string, patterns: UnicodePatterns): string {
  const [mantissa = ''] = number.split('E')
  const [whole = '', fraction = ''] = mantissa.split('.')
  const step = whole.length
  const most = 1 + fraction.length
  const exponentOf = (size: Decimal) =>
    size.coefficient === 0n ? 0 : Math.floor(leadingPower(size) / step) * step
  const lead = value.coefficient === 0n ? 0 : leadingPower(value)
  // Digits before the mark count among those that are kept, where there may be several.
  const kept = rounded(value, step > 1 ? lead - most + 1 : lead - fraction.length)
  const exponent = exponentOf(kept)
  const sign = exponent < 0 ? patterns.symbols.minusSign : ''
  const digits = shown(shift(kept, -exponent), count(fraction, /0/g))
  return `${joined(digits, whole, patterns)}${patterns.symbols.exponential}${sign}${Math.abs(exponent)}`
}

/** A shortened number, where a pattern shortens it. */
function shortOf(
  size: Decimal,
  patterns: UnicodePatterns,
  plurals: Readonly<Record<string, string>>,
) {
  const { short = {}, shortDigits = {} } = patterns
  const at = (power: number) => {
    const found = Object.keys(short).filter((key) => key.endsWith('-count-other'))
    const best = found.map((key) => key.split('-')[0]!.length - 1).filter((one) => one <= power)
    return best.length > 0 ? Math.max(...best) : null
  }
  const digitsOf = (value: Decimal): Digits => {
    const [least, most] = shortDigits.fraction ?? [0, 0]
    return shortDigits.significant
      ? significantOf(value, ...shortDigits.significant)
      : shown(rounded(value, -most), least)
  }
  const roundedAt = (power: number) => {
    const key = `1${'0'.repeat(power)}`
    const [{ number }] = readPattern(short[`${key}-count-other`]!)
    const divided = power - number.length + 1
    return { key, divided, digits: digitsOf(shift(size, -divided)) }
  }
  // A number that rounds up to the first of them is shortened.
  const power = at(digitsOf(size).whole.length - 1)
  if (power === null) return null
  let now = roundedAt(power)
  const next = at(now.divided + now.digits.whole.length - 1)
  if (next !== null && next > power) now = roundedAt(next)
  const plural = pluralOf(plurals, { ...now.digits })
  const pattern = short[`${now.key}-count-${plural}`] ?? short[`${now.key}-count-other`]!
  return { pattern, digits: now.digits }
}
/**
 * What patterns write of a value, as any reader of the standard would: rounded half to even.
 *
 * @param plurals of the region, in CLDR's syntax
 * @example labelBy(patterns, {}, decimal('-5')) // '(5.00)'
 */
export function labelBy(
  patterns: UnicodePatterns,
  plurals: Readonly<Record<string, string>>,
  value: Decimal,
): string {
  const size = magnitudeOf(value)
  const short = patterns.short && shortOf(size, patterns, plurals)
  const [positive, negative] = readPattern(short ? short.pattern : patterns.standard)
  const { number } = positive
  const multiplied = shift(size, powerIn(positive))
  const digits = short ? short.digits : digitsBy(multiplied, number)
  const isZero = number.includes('E')
    ? size.coefficient === 0n
    : !/[1-9]/.test(digits.whole + digits.fraction)
  const text = number.includes('E')
    ? exponentialOf(multiplied, number, patterns)
    : joined(digits, short ? readPattern(patterns.standard)[0].number : number, patterns)
  const isBelow = compare(value, ZERO) < 0 && !isZero
  const { before, after } = (isBelow && negative) || positive
  const around = (isBelow && !negative ? '-' : '') + before
  const own = patterns.digits ? [...patterns.digits] : null
  const localized = own ? text.replace(/\d/g, (digit) => own[Number(digit)]!) : text
  return affix(around, patterns) + localized + affix(after, patterns)
}
