import { negate, shift } from '../decimal/arithmetic'
import { type Decimal, decimal, ONE, ZERO } from '../decimal/decimal'
import { divide } from '../decimal/round'
import { besideOf, MILLION_OR_METRE } from '../style/besideNumbers'
import { partPower } from '../units'
import { unitNamed } from '../units/names'
import { type NumeralMarks, readNumeral } from '../label/numeral'
import { everywhere, isSameName } from '../label/powernames'
import type { ChosenRegion } from '../label/region'
import { ladders } from '../ladders'
import { namesIn, type PowerName } from '../locale/compact'
import type { Token } from './token'

/** Somebody who may have written the labels. */
export interface Reader {
  readonly tag: string
  readonly region: ChosenRegion
}

/** What a label says, read by one way of reading them all. */
export interface Said {
  readonly token: Token
  /** The digits as they stand, without their sign. */
  readonly digits: Decimal
  /** How many of them stand after the decimal mark. */
  readonly decimals: number
  /** The power of ten that its rung and its exponent give. */
  readonly power: number
  readonly value: Decimal
  /** Half a unit of its last written place; zero where it is exact. */
  readonly half: Decimal
  readonly rung: string
  readonly unit: string
  /** The power of ten of a unit that is a part of one: -2 for percent. */
  readonly part: number
  /** Whether its marks are those of the reader's region. */
  readonly isNative: boolean
  /** Whether what stands around it is a power or a unit that the reader knows, or nothing. */
  readonly isKnown: boolean
}

/** How labels that can be read in several ways are read, all alike. */
export interface Way {
  readonly reader: Reader
  /** A mark that may part groups: whether it does. */
  readonly marksPart: 'decimals' | 'groups'
  /** What a single m is: a metre, a million, or a prefix of units. */
  readonly prefixes: 'none' | 'million' | 'si'
}

const DIVIDES = /\d/
const LEAST_PREFIXED = 2
const SI: readonly PowerName[] = ladders.si.rungs.map(({ symbol, power }) => ({
  text: symbol,
  power,
}))
const BLANK = /^[\s\u00a0\u202f]/
const isLetter = (character: string | undefined): boolean =>
  character !== undefined && /\p{L}/u.test(character)

const names = new WeakMap<ChosenRegion, readonly PowerName[]>()
/** The names of powers in a region, the longest first. */
function namesOf(region: ChosenRegion): readonly PowerName[] {
  const found = names.get(region)
  if (found) return found
  const { short, long, currency } = region.system.compact
  const own = [...namesIn(short), ...namesIn(long), ...namesIn(currency)]
    .filter(({ text }) => text !== '' && !DIVIDES.test(text))
    .sort((a, b) => b.text.length - a.text.length)
  names.set(region, own)
  return own
}

interface Beside {
  readonly power: number
  readonly rung: string
  readonly unit: string
}
/** What stands behind a number in rung and unit, by the names of a region. */
function ownBeside(after: string, region: ChosenRegion): Beside | null {
  for (const { text, power } of namesOf(region)) {
    const head = after.slice(0, text.length)
    const rest = after.slice(text.length)
    if (isSameName(text, head) && !(isLetter(text.at(-1)) && isLetter(rest[0])))
      return { power, rung: head, unit: rest.trim() }
  }
  return null
}
function besideIn(after: string, { reader, prefixes }: Way, base: string): Beside {
  if (after === '') return { power: 0, rung: '', unit: '' }
  if (prefixes === 'si' && after.endsWith(base)) {
    const prefix = after.slice(0, after.length - base.length).trim()
    const found = SI.find(({ text }) => text === prefix)
    if (found) return { power: found.power, rung: prefix, unit: base }
    if (prefix === '') return { power: 0, rung: '', unit: base }
  }
  const isMillion = after[0] === MILLION_OR_METRE && !isLetter(after[1])
  if (prefixes === 'million' && isMillion)
    return { power: 6, rung: MILLION_OR_METRE, unit: after.slice(1).trim() }
  const own = ownBeside(after, reader.region)
  if (own) return own
  const { power, unit } = besideOf(after)
  if (power !== 0) return { power, rung: after.slice(0, after.length - unit.length).trim(), unit }
  const known = everywhere.find(({ text }) => text === after)
  return known ? { power: known.power, rung: after, unit: '' } : { power: 0, rung: '', unit: after }
}

/**
 * The unit that stands behind prefixes on several labels, as W behind M and G; null where they have
 * none in common.
 */
function prefixedBase(tokens: readonly Token[]): string | null {
  const texts = [...new Set(tokens.map(({ after }) => after).filter(Boolean))]
  if (texts.length < LEAST_PREFIXED && !(texts.length === 1 && tokens.some(({ after }) => !after)))
    return null
  const prefixOf = (text: string, base: string) =>
    text.endsWith(base) ? text.slice(0, text.length - base.length) : null
  const isPrefix = (text: string | null) =>
    text === '' || (text !== null && SI.some((one) => one.text === text))
  const shortest = texts.reduce((a, b) => (b.length < a.length ? b : a))
  for (let from = 0; from <= shortest.length; from++) {
    const base = shortest.slice(from)
    if (!BLANK.test(base) && texts.every((text) => isPrefix(prefixOf(text, base)))) return base
  }
  return null
}

const HALF = decimal('0.5')
const normalMarks = (numeral: string): string => (/^[.,٫]/.test(numeral) ? `0${numeral}` : numeral)

const ZERO_FIRST = /^0([.,])\d/
/** The numbers of a numeral; no group begins with a zero, so that 0,050 has decimals everywhere. */
function numbersOf(numeral: string, marks: NumeralMarks): Decimal[] {
  const mark = ZERO_FIRST.exec(numeral)?.[1]
  return readNumeral(numeral, mark ? { decimal: mark, group: ' ' } : marks)
}

/** A label read in one way; null where its digits are none. */
function saidIn(token: Token, way: Way, base: string): Said | null {
  const { system } = way.reader.region
  const numeral = normalMarks(token.numeral)
  const numbers = numbersOf(numeral, system.marks)
  // A power that stands alone is one of it.
  const isPower = token.exponentForm === 'power'
  const digits = isPower ? ONE : numbers[way.marksPart === 'groups' ? numbers.length - 1 : 0]
  if (!digits) return null
  const decimals = -digits.exponent
  const beside = besideIn(token.after, way, base)
  const unit = beside.unit || token.before
  // A percent is a hundredth of what it counts.
  const part = partPower(unitNamed(unit))
  const power = beside.power + (token.exponent ?? 0) + part
  const denominator = token.multiple?.denominator ?? 1
  const number = denominator === 1 ? digits : divide(digits, decimal(denominator))
  const value = shift(token.isNegative ? negate(number) : number, power)
  const isExact = token.multiple !== null || isPower
  return {
    token,
    digits,
    decimals,
    power,
    value,
    half: isExact ? ZERO : shift(HALF, power - decimals),
    rung: beside.rung,
    unit,
    part,
    isKnown: unit === '' || unitNamed(unit) !== null,
    isNative: numbers.length === 1 && isNativeNumeral(numeral, numbers[0]!, way),
  }
}
/** Whether the region itself marks its numbers so. */
function isNativeNumeral(numeral: string, number: Decimal, { reader }: Way): boolean {
  const { decimal: mark, group } = reader.region.system.marks
  const marks = numeral.match(/\D/g) ?? []
  const isBlank = (text: string) => /[\s\u00a0\u202f\u2009]/.test(text)
  const isOne = (one: string, own: string) => one === own || (isBlank(one) && isBlank(own))
  return (
    marks.every((one) => isOne(one, mark) || isOne(one, group)) &&
    (number.exponent >= 0 || isOne(marks.at(-1) ?? '', mark))
  )
}

/**
 * Reads labels in one way.
 *
 * @returns for each what it says; null where it says nothing so
 */
export function readIn(tokens: readonly Token[], way: Way): (Said | null)[] {
  const base = way.prefixes === 'si' ? (prefixedBase(tokens) ?? '') : ''
  return tokens.map((token) => saidIn(token, way, base))
}

/**
 * Those of the readers who may read labels in ways of their own: by their marks, or by names of
 * powers that stand there; the first one always.
 *
 * @param readers the likeliest first
 */
export function relevant(tokens: readonly Token[], readers: readonly Reader[]): Reader[] {
  const texts = [...new Set(tokens.map(({ after }) => after).filter((text) => /\p{L}/u.test(text)))]
  const hasMarks = tokens.some(({ numeral }) => /\D/.test(numeral))
  const seen = new Set<string>()
  return readers.filter(({ region }, at) => {
    const { decimal: mark, group } = region.system.marks
    const names = texts.filter((text) => ownBeside(text, region) !== null)
    const key = [
      ...(hasMarks ? [mark, group] : []),
      ...names.map((text) => `${text}${ownBeside(text, region)!.power}`),
    ].join('\u0001')
    if (at > 0 && (seen.has(key) || key === '')) return false
    seen.add(key)
    return true
  })
}

/**
 * Every way in which labels can be read that says something of its own, the plainest first.
 *
 * @param readers those who may have written them, the likeliest first
 */
export function waysOf(tokens: readonly Token[], readers: readonly Reader[]): Way[] {
  const hasMillion = tokens.some(({ after }) => after[0] === MILLION_OR_METRE)
  const prefixes: Way['prefixes'][] = [
    'none',
    ...(hasMillion ? (['million'] as const) : []),
    ...(prefixedBase(tokens) === null ? [] : (['si'] as const)),
  ]
  const isUnclear = ({ region }: Reader) =>
    tokens.some(({ numeral }) => numbersOf(normalMarks(numeral), region.system.marks).length > 1)
  return readers.flatMap((reader) =>
    prefixes.flatMap((one): Way[] => [
      { reader, prefixes: one, marksPart: 'decimals' },
      ...(isUnclear(reader) ? [{ reader, prefixes: one, marksPart: 'groups' } as const] : []),
    ]),
  )
}
