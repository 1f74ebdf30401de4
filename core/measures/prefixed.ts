import { si } from '../ladders/si'
import { parseMeasure } from './parse'

/** Prefixes of the SI that are no powers of a thousand, and those of powers of two (IEC 80000-13). */
const OTHERS: Readonly<Record<string, string>> = {
  deci: 'd',
  centi: 'c',
  hecto: 'h',
  deka: 'da',
  kibi: 'Ki',
  mebi: 'Mi',
  gibi: 'Gi',
  tebi: 'Ti',
  pebi: 'Pi',
  exbi: 'Ei',
}
const SYMBOLS: Readonly<Record<string, string>> = {
  ...OTHERS,
  ...Object.fromEntries(si.rungs.map(({ word, symbol }) => [word, symbol])),
}

/** A measure without its prefix. */
export interface Unprefixed {
  readonly id: string
  /** The prefix that it had, in letters and as a word; empty where it had none. */
  readonly symbol: string
  readonly word: string
}

const KILOGRAM = 'kilogram'
/**
 * The measure that prefixes can stand before, by the first factor of a measure: watt-hour of
 * kilowatt-hour, gram of kilogram.
 *
 * @returns null where its first factor has a power: k before m² multiplies by a million
 * @example unprefixed('kilowatt-hour') // { id: 'watt-hour', symbol: 'k', word: 'kilo' }
 */
export function unprefixed(id: string): Unprefixed | null {
  const [first] = parseMeasure(id) ?? []
  if (!first || first.power !== 1) return null
  const word = first.unit === KILOGRAM ? 'kilo' : (first.prefix ?? '')
  return { id: id.slice(word.length), symbol: SYMBOLS[word] ?? '', word }
}
