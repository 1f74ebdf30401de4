import { StyleError } from '../error'
import type { ClockTable } from '../locale/types'
import { areAlike } from '../measures/convert'
import { notationOf } from '../notations'
import { clockOf } from '../notations/clock'
import type { FullStyle } from '../style/schemas'
import { kindOf, measureOf } from '../units'
import type { Clock } from './types'

export const WITH_DAYS = 'd h:mm'

/** A clock says minutes and seconds itself, so that a measure of time is not said once more. */
const SAYS_TIME: FullStyle['unit'] = { kind: 'none' }
function isTime({ unit }: FullStyle): boolean {
  const id = measureOf(unit)
  return id !== null && areAlike(id, 'second')
}

/**
 * A style whose clock says its measure of time itself; any other as it is.
 *
 * @throws StyleError for a clock with a unit that is no measure of time
 * @example withoutTime(inherit({ notation: 'clock', unit: { kind: 'measure', id: 'hour' } })).unit // none
 */
export function withoutTime(style: FullStyle): FullStyle {
  if (!notationOf(style).isClock) return style
  if (isTime(style)) return { ...style, unit: SAYS_TIME }
  if (kindOf(style.unit).goesWithClock) return style
  throw new StyleError(
    'unit',
    style.unit,
    'a clock says hours and minutes itself; choose no unit, a symbol or a measure of time',
  )
}

/**
 * How a region sets a style's clock; null for a style without one.
 *
 * @throws StyleError for a time of day with days, or without hours
 * @example clockFor(inherit({ notation: 'clock' }), en.clock).tokens // ['h', "':", 'mm']
 */
export function clockFor(style: FullStyle, table: ClockTable): Clock | null {
  if (!notationOf(style).isClock) return null
  const { form, kind } = clockOf(style.clock)
  if (kind === 'timeOfDay') {
    if (form === WITH_DAYS || form === 'm:ss')
      throw new StyleError('clock.form', form, 'a time of day takes h:mm or h:mm:ss')
    return {
      tokens: table.times[form],
      periods: table.periods,
      longer: table.durations[form],
      days: null,
    }
  }
  const hasDays = form === WITH_DAYS
  const own = table.durations[hasDays ? 'h:mm' : form]
  const tokens = hasDays ? ['d', "' ", ...own] : own
  return { tokens, periods: null, longer: tokens, days: hasDays ? table.days : null }
}
