import currencies from '../locale/generated/currencies.json'
import { DEFAULTS, type FullStyle } from './fields'

/** How many decimals a currency is written with; null for what is none, or is named row by row. */
function currencyDigits(unit: FullStyle['unit']): number | null {
  if (unit.kind !== 'currency' || typeof unit.code !== 'string') return null
  return (currencies as Readonly<Record<string, number>>)[unit.code] ?? null
}

/**
 * A style with the digits that it writes. Where neither decimals nor significant digits are set on
 * any level, money in plain digits has the decimals of its currency, and all else the built-in default.
 *
 * Source: CLDR, supplemental currencyData, `fractions`.
 *
 * @param style complete
 * @example withDigits(inherit({ unit: { kind: 'currency', code: 'EUR' } })).fraction // [2, 2]
 */
export function withDigits(style: FullStyle): FullStyle {
  if (style.fraction || style.significant) return style
  const digits = style.notation === 'plain' ? currencyDigits(style.unit) : null
  return { ...style, fraction: digits === null ? DEFAULTS.fraction : [digits, digits] }
}
