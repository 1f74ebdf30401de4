import { add, multiply } from '../../core/decimal/arithmetic'
import { type Decimal, decimal, toText, ZERO } from '../../core/decimal/decimal'
import type { Style } from '../../core/style/fields'
import { divide } from '../../core/decimal/round'
import type { Header } from './header'
import type { LabelRule } from './label'
import type { Ask, Cells } from './types'
import { measureOf } from '../../core/units'

/** How a cell of two places is meant. */
export const TWO_PLACES = ['h:mm', 'm:ss'] as const
export type TwoPlaces = (typeof TWO_PLACES)[number]

/** A cell that is a length of time. */
export interface DurationCell {
  readonly isNegative: boolean
  /** Places of a clock from the largest, such as 1 and 30; null where units stand in the cell. */
  readonly places: readonly string[] | null
  /** Seconds, where units stand in the cell. */
  readonly seconds: Decimal | null
  /** Whether the cell says seconds by itself. */
  readonly hasSeconds: boolean
  /** Whether it is one number with one unit, as any measure may be. */
  readonly isAlone: boolean
}

const LONGEST = 40
const CLOCK = /^(-?)(\d{1,4})(?::([0-5]\d)){1,2}([.,]\d+)?$/
const SECONDS: Readonly<Record<string, string>> = { d: '86400', h: '3600', m: '60', s: '1' }
const NAMES: readonly (readonly [RegExp, string])[] = [
  [/^(?:d|days?)$/i, 'd'],
  [/^(?:h|hrs?|hours?|std\.?)$/i, 'h'],
  [/^(?:m|mins?|minutes?)\.?$/i, 'm'],
  [/^(?:s|secs?|seconds?)\.?$/i, 's'],
]
const PIECE = /(\d+(?:[.,]\d+)?)\s*(\p{L}+\.?)?[\s,]*/uy
/** ISO 8601-1, 5.5.2: PT1H30M. */
const ISO = /^(-?)P(?:(\d+)D)?T?(?:(\d+)H)?(?:(\d+)M)?(?:(\d+(?:[.,]\d+)?)S)?$/
const UNIT_ORDER = 'dhms'

const times = (count: string, unit: string): Decimal =>
  multiply(decimal(count.replace(',', '.')), decimal(SECONDS[unit]!))
const unitNamed = (text: string): string | undefined =>
  NAMES.find(([pattern]) => pattern.test(text))?.[1]

/** "2 h 15 min", "1h30": units from the largest, of which the last may be left out. */
function inWords(text: string): Omit<DurationCell, 'isNegative' | 'places'> | null {
  let [seconds, before, count] = [ZERO, -1, 0]
  let hasSeconds = false
  PIECE.lastIndex = 0
  while (PIECE.lastIndex < text.length) {
    const found = PIECE.exec(text)
    if (!found) return null
    const [, number = '', name] = found
    const place = name === undefined ? before + 1 : UNIT_ORDER.indexOf(unitNamed(name) ?? '?')
    const unit = UNIT_ORDER[place]
    if (unit === undefined || place <= before || (name === undefined && count === 0)) return null
    ;[before, count] = [place, count + 1]
    hasSeconds ||= unit === 's'
    seconds = add(seconds, times(number, unit))
  }
  return count > 0 ? { seconds, hasSeconds, isAlone: count === 1 } : null
}
function inIso(text: string): DurationCell | null {
  const found = ISO.exec(text)
  if (!found || !found.slice(2).some(Boolean)) return null
  const [, minus, ...counts] = found
  const seconds = counts
    .map((count, at) => (count ? times(count, UNIT_ORDER[at]!) : ZERO))
    .reduce(add)
  return {
    ...{ isNegative: minus === '-', places: null, seconds, isAlone: false },
    hasSeconds: counts[3] !== undefined,
  }
}

/**
 * A cell as a length of time; null where it is none.
 *
 * @example durationIn('1:30') // places 1 and 30
 * @example durationIn('2 h 15 min') // 8,100 seconds
 */
export function durationIn(cell: string): DurationCell | null {
  const text = cell.trim().replace('\u2212', '-')
  if (text.length > LONGEST || !/\d/.test(text)) return null
  if (CLOCK.test(text)) {
    const places = text.replace('-', '').replace(',', '.').split(':')
    const hasSeconds = places.length > 2 || /[.,]/.test(text)
    return { isNegative: text.startsWith('-'), places, seconds: null, hasSeconds, isAlone: false }
  }
  const iso = inIso(text)
  if (iso) return iso
  const isNegative = text.startsWith('-')
  const words = inWords(isNegative ? text.slice(1).trim() : text)
  return words && { ...words, isNegative, places: null }
}

/** Words of headers whose clocks say when something is, not how long. */
const MOMENTS =
  /\b(?:departs?|departure|arrives?|arrival|starts?|ends?|opens?|opening|closes?|closing|clock|o'clock|sunrise|sunset|scheduled|at)\b|\btime\b$/i
/** Two places with a zero before the hour, as a time of day has. */
const PADDED = /^(?:[01]\d|2[0-3]):[0-5]\d$/
/** How a header says that two places are meant. */
const SAID: readonly (readonly [RegExp, TwoPlaces])[] = [
  [/h{1,2}:mm|\bin hours\b|[([](?:h|hrs?|hours?)[)\]]/i, 'h:mm'],
  [/\bm{1,2}:ss|\bin minutes\b|[([](?:min|mins|minutes?)[)\]]/i, 'm:ss'],
]
/** The share of cells that must be lengths of time. */
const SHARE = 0.8

/** The lengths of time among the cells of a column; null where it is no column of these. */
function durationsOf({ eachOther }: Cells, filled: number, name: string): DurationCell[] | null {
  const found: DurationCell[] = []
  let padded = 0
  eachOther(({ text, duration }) => {
    if (!duration) return
    found.push(duration)
    if (PADDED.test(text.trim())) padded++
  })
  if (found.length < SHARE * filled || found.every(({ isAlone }) => isAlone)) return null
  const isMoment = found.every(({ places }) => places !== null) && MOMENTS.test(name)
  return isMoment || padded === found.length ? null : found
}

/** The rule by which a column of lengths of time is read, and what is asked of it. */
export interface DurationRule extends LabelRule {
  readonly style: Style
  readonly ask: Ask | null
}
const MOST_SHOWN = 5
const SIXTY = decimal('60')

/**
 * The rule of a column of lengths of time, such as 1:30, 1:30:05 or 2 h 15 min: numbers of minutes,
 * or of seconds where some cell says these. What two places mean that no cell, no header and nobody
 * tells is read as hours and minutes, and asked.
 *
 * @param said what its owner said of cells of two places
 * @returns null where the column holds no lengths of time
 */
export function durationRuleOf(
  cells: Cells,
  filled: number,
  { name, unit }: { readonly name: string } & Pick<Header, 'unit'>,
  said: TwoPlaces | undefined,
): DurationRule | null {
  const found = durationsOf(cells, filled, name)
  if (!found) return null
  const two = found.filter(({ places }) => places?.length === 2)
  const isTold = two.some(({ hasSeconds }) => hasSeconds) || two.length < found.length
  const byHeader =
    SAID.find(([pattern]) => pattern.test(name))?.[1] ??
    (measureOf(unit) === 'minute' ? 'm:ss' : undefined)
  const isClock = found.some(({ places }) => places !== null)
  const usual = isTold && found.some(({ hasSeconds }) => hasSeconds) ? 'm:ss' : 'h:mm'
  const meant = said ?? byHeader ?? usual
  const hasSeconds = found.some((one) => one.hasSeconds) || (two.length > 0 && meant === 'm:ss')
  const id = hasSeconds ? 'second' : 'minute'
  const hasHours = found.some(({ places }) => places?.length === 3)
  const clockForm = hasSeconds ? 'm:ss' : 'h:mm'
  const form = hasHours ? 'h:mm:ss' : clockForm

  function read({ places, seconds, isNegative }: DurationCell): string {
    const size = places
      ? places.reduce((sum, place) => add(multiply(sum, SIXTY), decimal(place)), ZERO)
      : seconds!
    // Two places of hours and minutes are minutes; all else is counted in seconds.
    const isMinutes = places?.length === 2 && meant === 'h:mm'
    const inSeconds = isMinutes ? multiply(size, SIXTY) : size
    const value = toText(id === 'second' ? inSeconds : divide(inSeconds, SIXTY))
    return isNegative && value !== '0' ? `-${value}` : value
  }
  const isOpen = two.length > 0 && !isTold && !byHeader && !said
  const texts: string[] = []
  if (isOpen)
    cells.eachOther(({ text, duration }) => {
      if (duration?.places?.length === 2 && texts.length < MOST_SHOWN) texts.push(text)
    })
  return {
    unit: { kind: 'measure', id },
    power: 0,
    hasRungs: false,
    words: isClock ? `as ${hasHours ? 'h:mm:ss' : meant}, in ${id}s` : `in ${id}s`,
    others: [],
    plain: (number) => number,
    read: (looked) => (looked.duration ? read(looked.duration) : looked.read),
    style: isClock ? { notation: 'clock', clock: { form } } : {},
    ask: isOpen ? { about: 'duration', choices: TWO_PLACES, cells: texts } : null,
  }
}
