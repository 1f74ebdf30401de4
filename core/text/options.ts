import { DATE_ORDERS } from '../data/dates'
import type { Options } from './prose'

/** Lengths of a whole date, and its parts with what each may be (ECMA-402, DateTimeFormat). */
export const DATE_STYLES = ['full', 'long', 'medium', 'short'] as const
const WORDS = ['long', 'short', 'narrow'] as const
const DIGITS = ['numeric', '2-digit'] as const
export const DATE_PARTS = {
  era: WORDS,
  year: DIGITS,
  month: [...DIGITS, ...WORDS],
  day: DIGITS,
  weekday: WORDS,
} as const

/** A column's name, which no list can tell. */
const COLUMN = null
/** What an option may be. */
type Allowed = Readonly<Record<string, readonly string[] | typeof COLUMN>>
const IN_ROW: Allowed = { least: COLUMN, largest: COLUMN }
const OF_DAY: Allowed = { ...IN_ROW, order: DATE_ORDERS }
/** The options of each function of a message; the others have none. */
const OPTIONS: Readonly<Record<string, Allowed>> = {
  where: IN_ROW,
  days: OF_DAY,
  date: { ...OF_DAY, style: DATE_STYLES, ...DATE_PARTS },
}

/** Options of the syntax itself: of direction and identity. */
const OF_SYNTAX = /^u:/
/**
 * Refuses an option that a function does not know, or that may not be what it is.
 *
 * @throws Error saying what there is
 * @example checkOptions('date', { style: 'long' }) // nothing: it may be
 */
export function checkOptions(name: string, options: Options): void {
  const allowed = OPTIONS[name] ?? {}
  const known = Object.keys(allowed)
  for (const [option, value] of Object.entries(options)) {
    if (OF_SYNTAX.test(option)) continue
    if (!known.includes(option))
      throw new Error(
        `:${name} has no option ${option}; it takes ${known.length > 0 ? known.join(', ') : 'none: the style says how a number is written'}`,
      )
    const values = allowed[option]
    if (values && !values.includes(String(value)))
      throw new Error(`${option}=${String(value)} is not known; it takes ${values.join(', ')}`)
  }
}

/** The parts of a date that are asked for. */
export const datePartsIn = (options: Options): Intl.DateTimeFormatOptions =>
  Object.fromEntries(
    Object.keys(DATE_PARTS)
      .filter((part) => options[part] !== undefined)
      .map((part) => [part, String(options[part])]),
  )
