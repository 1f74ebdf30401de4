import { type Decimal, toExactText } from '../decimal/decimal'
import type { Rate } from '../measures/rates'
import type { Regions } from './region'
import type { Row, Value } from './types'

/** How values stand to rows that name units. */
export interface RowUnits {
  /** The column that names the unit each row is recorded in. */
  readonly column: string
  /**
   * Whether the values were brought to the context's common unit, or are still in the unit of their
   * row.
   */
  readonly valuesIn: 'common' | 'row'
}

/** What all Plans of a page are made in. */
export interface Setting extends Regions {
  /** CSS pixels that the page is wide, where cases go by them; unknown, no such case holds. */
  readonly pageWidth?: number
}

/** What a Plan is made in. */
export interface Context extends Setting {
  /** All values of the set, filtered out or not; what is `shared` is decided over them. */
  readonly values?: Iterable<Value>
  /** The rows that the values stand in, where cases look at their cells. */
  readonly rows?: readonly Row[]
  /** The power of ten that the cells are recorded in; 0 where none is given. */
  readonly recorded?: number
  /** The measure that the cells are recorded in, where that is known. */
  readonly measure?: string
  /** The currency that the values are in, where that is known: a code of ISO 4217. */
  readonly currency?: string
  /** What leads from one currency to another. */
  readonly rates?: readonly Rate[]
  /** Where rows name units; the measure or the currency above is then the common one. */
  readonly units?: RowUnits
  /** The step between the ticks that the values are, where they are some. */
  readonly step?: Decimal
  /** Whether they are changes: a change of temperatures is one of degrees, from no zero. */
  readonly isChange?: boolean
  /**
   * Whether rows are to come that may name units which these rows do not: those stand by their own
   * names, and a label that lacks its row is refused.
   */
  readonly hasRowsToCome?: boolean
  /** Whether rungs are said by their words, whatever the style writes for them. */
  readonly inWords?: boolean
}

/** What cells are recorded in. */
export type Recorded = Pick<
  Context,
  'recorded' | 'measure' | 'isChange' | 'currency' | 'rates' | 'units'
>

/**
 * What the cells of a quantity are recorded in.
 *
 * @param quantity one with its `recorded`, its unit and its kind, where they are known
 * @example recordedIn({ recorded: 3, measure: 'kilogram', kind: 'change' }) // { recorded: 3, measure: 'kilogram', isChange: true }
 */
export const recordedIn = (
  quantity: (Omit<Recorded, 'isChange'> & { readonly kind?: string }) | null | undefined,
): Recorded => ({
  recorded: quantity?.recorded,
  measure: quantity?.measure,
  isChange: quantity?.kind === 'change',
  ...(quantity?.currency !== undefined && { currency: quantity.currency }),
  ...(quantity?.rates && { rates: quantity.rates }),
  ...(quantity?.units && { units: quantity.units }),
})

/** What of a context says how its values are recorded. */
export const recordedOf = ({
  recorded,
  measure,
  isChange,
  currency,
  rates,
  units,
}: Context): Recorded => ({ recorded, measure, isChange, currency, rates, units })

/**
 * The context of numbers that are made of others and have none of their units: shares, ratios.
 *
 * @param context of the numbers that they are made of
 */
export const unitlessContext = (
  context: Context | undefined,
  numbers: readonly Decimal[],
): Context => ({
  ...context,
  values: numbers.map(toExactText),
  rows: undefined,
  recorded: 0,
  measure: undefined,
  currency: undefined,
  units: undefined,
})
