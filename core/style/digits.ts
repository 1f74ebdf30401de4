import { currencyDecimals } from '../locale/currencies'
import { lastOf } from '../notations/clock'
import { notationOf } from '../notations'
import { DEFAULTS, type FullStyle } from './fields'
import { currencyOf } from '../units'

/**
 * How many decimals the currency of a unit is written with; null for what is none, or is named row
 * by row.
 */
function moneyDecimals(unit: FullStyle['unit']): number | null {
  const code = currencyOf(unit)
  return code === null ? null : currencyDecimals(code)
}

/** How many decimals a style has by what it writes; null for as many as are usual. */
function ownDecimals(style: FullStyle): number | null {
  const { hasAllDigits, isClock } = notationOf(style)
  if (isClock) return lastOf(style.clock) === 'minute' ? 0 : null
  return hasAllDigits ? moneyDecimals(style.unit) : null
}

/**
 * A style with the digits that it writes. Where neither decimals nor significant digits are set on
 * any level, money in plain digits has the decimals of its currency, a clock without seconds none,
 * and all else the built-in default.
 *
 * @param style complete
 * @example withDigits(inherit({ unit: { kind: 'currency', code: 'EUR' } })).fraction // [2, 2]
 */
export function withDigits(style: FullStyle): FullStyle {
  if (style.fraction || style.significant) return style
  const digits = ownDecimals(style)
  return { ...style, fraction: digits === null ? DEFAULTS.fraction : [digits, digits] }
}
