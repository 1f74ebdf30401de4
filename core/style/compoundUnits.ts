import { type Compound, currencyUnit, joined, measureOf, measureUnit } from '../measures/compound'
import { MEASURE_SYMBOLS, unitNamed } from '../units/names'
import { currencyOf, measureOf as measureNamedBy } from '../units'

/**
 * The unit of a price, such as an amount of money for each kilowatt-hour.
 *
 * @returns null where the text is no currency and measure with a stroke or "per" between
 * @example priceUnit('€/kWh') // EUR to 1, watt (kilo) to -1, hour to -1
 */
export function priceUnit(text: string): Compound | null {
  const [above = '', below = '', ...more] = text.split(/\s*\/\s*|\s+per\s+/i)
  const money = currencyOf(unitNamed(above.trim()))
  const measure = measureNamedBy(unitNamed(below.trim()))
  if (more.length > 0 || money === null || measure === null) return null
  return joined(currencyUnit(money), measureUnit(measure), -1)
}

/** The shortest symbol of a measure. */
const symbolOf = (id: string): string =>
  Object.entries(MEASURE_SYMBOLS)
    .filter(([, one]) => one === id)
    .map(([symbol]) => symbol)
    .sort((a, b) => a.length - b.length)[0] ?? id

/** A unit that labels can say. */
export type SaidUnit =
  | { readonly kind: 'none' }
  | { readonly kind: 'currency'; readonly code: string }
  | { readonly kind: 'measure'; readonly id: string }
  | { readonly kind: 'symbol'; readonly text: string }

/**
 * How labels say a compound unit: as a currency, as a measure of CLDR, as a price of one, or not at
 * all where it is a ratio.
 *
 * @returns null where there is no word for it
 * @example saidUnit(priceUnit('€/kWh')!) // { kind: 'symbol', text: 'EUR/kWh' }
 */
export function saidUnit({ currency, components }: Compound): SaidUnit | null {
  if (!currency) {
    if (components.length === 0) return { kind: 'none' }
    const id = measureOf(components)
    return id === null ? null : { kind: 'measure', id }
  }
  if (currency.power !== 1) return null
  if (components.length === 0) return { kind: 'currency', code: currency.code }
  const below = measureOf(components.map((one) => ({ ...one, power: -one.power })))
  return below !== null && components.every(({ power }) => power < 0)
    ? { kind: 'symbol', text: `${currency.code}/${symbolOf(below)}` }
    : null
}
