import { type Decimal } from '../../core/decimal/decimal'
import { type Conversion, convertedDecimal } from '../../core/measures/apply'
import {
  type Compound,
  currencyUnit,
  joined,
  measureUnit,
  NO_UNIT,
} from '../../core/measures/compound'
import { areAlike, conversionOf } from '../../core/measures/convert'
import { type Rate, rateConversion } from '../../core/measures/rates'
import { NOTHING } from '../../core/measures/rational'
import { measureTitle } from '../../core/measures/titles'
import { priceUnit } from '../../core/style/compoundUnits'
import type { Quantity } from '../../shared/study/quantity'
import { currencyOf, kindOf, lettersOf } from '../../core/units'

/** What the numbers of a column count, as far as it says so. */
export type CountedIn =
  | { readonly measure: string }
  | { readonly currency: string }
  | { readonly price: string }
  | { readonly part: string }
  | { readonly compound: Compound }
  | null

/**
 * The unit that a quantity is recorded in, where it is the same in every row; null where nothing
 * tells it.
 */
export function countedIn(quantity: Quantity | undefined): CountedIn {
  if (quantity?.measure !== undefined) return { measure: quantity.measure }
  if (quantity?.currency !== undefined) return { currency: quantity.currency }
  const unit = quantity?.style.unit
  if (!unit) return null
  const [code, letters] = [currencyOf(unit), lettersOf(unit)]
  if (code !== null) return { currency: code }
  if (letters !== null && priceUnit(letters)) return { price: letters }
  return kindOf(unit).perOne === '1' ? null : { part: unit.kind }
}

/** A unit in words. */
export function titleOf(unit: CountedIn): string {
  if (unit === null) return 'no unit'
  if ('measure' in unit) return measureTitle(unit.measure)
  if ('price' in unit) return unit.price
  if ('compound' in unit) return 'a unit of its own'
  return 'currency' in unit ? unit.currency : unit.part
}
/** Whether numbers count nothing that a product would carry on: they say no unit, or are shares. */
export const isUnitless = (unit: CountedIn): boolean => unit === null || 'part' in unit

/** How the numbers of one unit become those of another; or that they cannot. */
export type Meeting =
  { readonly into: (value: Decimal) => Decimal } | { readonly from: string; readonly to: string }

/** What leads from one unit to another; null where nothing does. */
function conversionTo(
  from: NonNullable<CountedIn>,
  to: NonNullable<CountedIn>,
  rates: readonly Rate[],
): Conversion | null {
  if ('measure' in from && 'measure' in to)
    return areAlike(from.measure, to.measure) ? conversionOf(from.measure, to.measure) : null
  return 'currency' in from && 'currency' in to
    ? rateConversion(rates, from.currency, to.currency)
    : null
}

const asTheyAre: Meeting = { into: (value) => value }

/**
 * What two columns need before they are added or compared: nothing, or a conversion. Where one of
 * them says no unit, they are taken as they are.
 *
 * @param from the unit that is brought to the other
 * @returns the names of both where one cannot become the other
 * @example meetingOf({ measure: 'tonne' }, { measure: 'kilogram' }) // { into: (value) => value × 1000 }
 */
export function meetingOf(from: CountedIn, to: CountedIn, rates: readonly Rate[] = []): Meeting {
  if (from === null || to === null || titleOf(from) === titleOf(to)) return asTheyAre
  const conversion = conversionTo(from, to, rates)
  return conversion
    ? { into: (value) => convertedDecimal(value, conversion) }
    : { from: titleOf(from), to: titleOf(to) }
}

/** A unit as it is multiplied: a share, and what says no unit, is a number. */
function compoundOf(unit: CountedIn): Compound {
  if (unit === null || 'part' in unit) return NO_UNIT
  if ('compound' in unit) return unit.compound
  if ('measure' in unit) return measureUnit(unit.measure)
  return 'price' in unit ? priceUnit(unit.price)! : currencyUnit(unit.currency)
}

/** The unit of a product or a quotient, and what its numbers are brought to it by. */
export interface JoinedUnit {
  readonly unit: Compound
  readonly into: (value: Decimal) => Decimal
}
/**
 * The unit of the product of two columns, or of their quotient.
 *
 * @param power 1 for a product, -1 for a quotient
 * @returns null where amounts in two currencies meet
 * @example joinedUnit({ measure: 'kilowatt-hour' }, { price: 'EUR/MWh' }, 1) // EUR, each by 0.001
 */
export function joinedUnit(a: CountedIn, b: CountedIn, power: 1 | -1): JoinedUnit | null {
  const unit = joined(compoundOf(a), compoundOf(b), power)
  // Beside what says no unit a measure may be anything: kilowatt-hours by their price, say.
  const isUnknown = [a, b].includes(null) && unit !== null && unit.currency === null
  if (isUnknown) return { unit: NO_UNIT, into: (value) => value }
  return (
    unit && {
      unit,
      into: (value) => convertedDecimal(value, { scale: unit.scale, shift: NOTHING }),
    }
  )
}
