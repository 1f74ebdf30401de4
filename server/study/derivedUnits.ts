import type { Decimal } from '../../core/decimal/decimal'
import { convertedDecimal } from '../../core/measures/apply'
import { areAlike, conversionOf } from '../../core/measures/convert'
import { measureTitle } from '../../core/measures/titles'
import type { Quantity } from '../../shared/study/quantity'

/** What the numbers of a quantity count, as far as it says so. */
export type CountedIn =
  { readonly measure: string } | { readonly currency: string } | { readonly part: string } | null

/** The unit that a quantity is recorded in; null where nothing tells it. */
export function countedIn(quantity: Quantity | undefined): CountedIn {
  if (quantity?.measure !== undefined) return { measure: quantity.measure }
  const unit = quantity?.style.unit
  if (unit?.kind === 'currency')
    return {
      currency: typeof unit.code === 'string' ? unit.code : `the currencies of ${unit.code.column}`,
    }
  const isPart = unit !== undefined && !['none', 'symbol', 'measure'].includes(unit.kind)
  return isPart ? { part: unit.kind } : null
}

const titleOf = (unit: NonNullable<CountedIn>): string => {
  if ('measure' in unit) return measureTitle(unit.measure)
  return 'currency' in unit ? unit.currency : unit.part
}

/** How the numbers of one unit become those of another; or that they cannot. */
export type Meeting =
  { readonly into: (value: Decimal) => Decimal } | { readonly from: string; readonly to: string }

const asTheyAre: Meeting = { into: (value) => value }

/**
 * What two columns need before they are added or compared: nothing, or a conversion. Where one of
 * them says no unit, they are taken as they are.
 *
 * @param from the unit that is brought to the other
 * @returns the names of both where one cannot become the other
 * @example meetingOf({ measure: 'tonne' }, { measure: 'kilogram' }) // { into: (value) => value × 1000 }
 */
export function meetingOf(from: CountedIn, to: CountedIn): Meeting {
  if (from === null || to === null || titleOf(from) === titleOf(to)) return asTheyAre
  if (!('measure' in from && 'measure' in to) || !areAlike(from.measure, to.measure))
    return { from: titleOf(from), to: titleOf(to) }
  const conversion = conversionOf(from.measure, to.measure)
  return { into: (value) => convertedDecimal(value, conversion) }
}
