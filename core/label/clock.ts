import { parseDecimal, type Decimal } from '../decimal/decimal'
import { pluralOf } from '../locale/plurals'
import { type Emit, emitInteger, inDigits, inLatin } from './digits'
import type { Clock, Rule } from './types'

/** What a place of a clock counts, and how many of the next smaller place make one of it. */
const PLACES = { d: 24n, h: 60n, m: 60n, s: 1n } as const
type Place = keyof typeof PLACES
const ORDER: readonly Place[] = ['d', 'h', 'm', 's']
const HALF_DAY = 12n
const DAY = 24n

/** The place that a token of a pattern stands for; null for a text or the part of the day. */
const placeOf = (token: string): Place | null => {
  const place = token[0]!.toLowerCase()
  return place in PLACES && !token.startsWith("'") ? (place as Place) : null
}
const placesIn = (tokens: readonly string[]): Place[] =>
  tokens.map(placeOf).filter((place) => place !== null)
/** A text of a pattern begins with an apostrophe. */
const textIn = (token: string): string => token.slice(1)

/** How many of the last place make one of each. */
function sizesOf(places: readonly Place[]): bigint[] {
  const last = ORDER.indexOf(places.at(-1)!)
  return places.map((place) =>
    ORDER.slice(ORDER.indexOf(place), last).reduce((size, one) => size * PLACES[one], 1n),
  )
}

/** What each place shows of a count of the last one. */
function countsOf(count: bigint, places: readonly Place[]): Map<Place, bigint> {
  let rest = count
  return new Map(
    sizesOf(places).map((size, at) => {
      const own = rest / size
      rest -= own * size
      return [places[at]!, own]
    }),
  )
}

/** The part of the day of an hour: one of two, or one for each hour. */
const periodOf = (periods: readonly string[], hour: bigint): string =>
  periods[periods.length === 2 ? Number(hour / HALF_DAY) : Number(hour)]!

/** The pattern that a count is written by: past a day, and below zero, hours are counted on. */
const patternOf = ({ tokens, longer, periods }: Clock, hours: bigint, isBelow: boolean) =>
  periods && (hours >= DAY || isBelow) ? longer : tokens

interface Counted {
  /** Digits of the count of the last place, and behind its decimal mark. */
  readonly whole: string
  readonly fraction: string
  readonly isBelow: boolean
}

function emitDays(rule: Rule, days: bigint, emit: Emit): void {
  const forms = rule.clock!.days!
  const whole = days.toString()
  const form = forms[pluralOf(rule.plurals ?? {}, { whole, fraction: '' })] ?? forms.other!
  const [before = '', after = ''] = form.split('{0}')
  if (before) emit('unit', before)
  emitInteger(rule, whole, emit)
  if (after) emit('unit', after)
}

/**
 * The parts of a clock's label: 1:30, 9:05 AM, 2d 4:00.
 *
 * @param rule with a clock
 * @param counted digits of the clock's last place
 */
export function emitClock(rule: Rule, { whole, fraction, isBelow }: Counted, emit: Emit): void {
  const clock = rule.clock!
  const all = countsOf(BigInt(whole), placesIn(clock.tokens))
  const hours = all.get('h') ?? 0n
  const tokens = patternOf(clock, hours, isBelow)
  const period = clock.periods && tokens === clock.tokens ? periodOf(clock.periods, hours) : null
  const places = placesIn(tokens)
  for (const token of tokens) {
    const place = placeOf(token)
    if (token === 'a') emit('period', period!)
    else if (place === null) emit('clock', textIn(token))
    else if (place === 'd') emitDays(rule, all.get('d')!, emit)
    else {
      const own = all.get(place)!
      const shown = period !== null && place === 'h' ? own % HALF_DAY || HALF_DAY : own
      const digits = shown.toString().padStart(token.length, '0')
      if (place === places[0]) emitInteger(rule, digits, emit)
      else emit('integer', inDigits(rule, digits))
      if (place === places.at(-1) && fraction) {
        emit('decimal', rule.marks.decimal)
        emit('fraction', inDigits(rule, fraction))
      }
    }
  }
}

const escaped = (text: string): string => text.replace(/[\\^$.*+?()[\]{}|]/g, '\\$&')

/** What a token of a pattern looks like in a label, its digits Latin ones. */
function looksLike(token: string, rule: Rule, isFirst: boolean): string {
  const place = placeOf(token)
  if (token === 'a') return '(?<a>.+)'
  if (place === null) return escaped(textIn(token))
  const group = escaped(rule.marks.group)
  if (place === 'd') {
    const forms = Object.values(rule.clock!.days!).map((form) => form!.split('{0}').map(escaped))
    const [befores, afters] = [0, 1].map((at) => [...new Set(forms.map((form) => form[at] ?? ''))])
    return `(?:${befores!.join('|')})(?<d>(?:\\d|${group})+)(?:${afters!.join('|')})`
  }
  if (isFirst) return `(?<${place}>(?:\\d|${group})+)`
  return `(?<${place}>\\d{${token.length},2})`
}

function readBy(tokens: readonly string[], text: string, rule: Rule): Decimal | null {
  const { marks, clock } = rule
  const places = placesIn(tokens)
  const last = tokens.findLastIndex((token) => placeOf(token) !== null)
  const pattern = tokens
    .map(
      (token, at) =>
        looksLike(token, rule, placeOf(token) === places[0]) +
        (at === last ? `(?:${escaped(marks.decimal)}(?<fraction>\\d+))?` : ''),
    )
    .join('')
  const found = new RegExp(`^${pattern}$`).exec(text)?.groups
  if (!found) return null
  const shown = places.map((place) => BigInt(found[place]!.split(marks.group).join('')))
  const counts = shown.map((own, at) => {
    if (!found.a || places[at] !== 'h') return own
    const hour = [own % HALF_DAY, (own % HALF_DAY) + HALF_DAY].find(
      (one) => periodOf(clock!.periods!, one) === found.a,
    )
    return own > HALF_DAY || own === 0n || hour === undefined ? null : hour
  })
  const isTold = counts.every(
    (own, at) => own !== null && (at === 0 || own < PLACES[places[at - 1]!]),
  )
  if (!isTold) return null
  const sizes = sizesOf(places)
  const count = counts.reduce((sum: bigint, own, at) => sum + own! * sizes[at]!, 0n)
  return parseDecimal(found.fraction ? `${count}.${found.fraction}` : String(count))
}

/**
 * The count of the last place that a clock's label says; null where it is none.
 *
 * @param rule with a clock
 * @example readClock('1:30', ruleOfMinutes) // 90
 */
export function readClock(text: string, rule: Rule): Decimal | null {
  const { tokens, longer, periods } = rule.clock!
  const latin = inLatin(text, rule.digits)
  return readBy(tokens, latin, rule) ?? (periods ? readBy(longer, latin, rule) : null)
}
