import { currencyOf, lettersOf, type Unit } from './index'
import { unitNamed } from './names'

/**
 * The code of the currency that a unit says, by itself or by letters; null where it says none.
 *
 * @example currencySaid({ kind: 'symbol', text: '€' }) // 'EUR'
 */
export function currencySaid(unit: Unit): string | null {
  const letters = lettersOf(unit)
  return currencyOf(letters === null ? unit : unitNamed(letters))
}
