import { currencyOf, lettersOf, type Unit } from './index'
import { unitNamed } from './names'

/**
 * Returns the ISO 4217 code of the currency that a unit names, as a currency or as letters such as
 * “€”; null if it names none.
 *
 * @example currencySaid({ kind: 'symbol', text: '€' }) // 'EUR'
 */
export function currencySaid(unit: Unit): string | null {
  const letters = lettersOf(unit)
  return currencyOf(letters === null ? unit : unitNamed(letters))
}
