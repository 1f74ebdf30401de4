import { multiply, tenTo } from '../decimal/arithmetic'
import { type Decimal, decimal, toText } from '../decimal/decimal'
import { tellingDigits } from '../decimal/zeros'
import { currencyOf, isMoney, measureOf } from '../units'
import { StyleError, whereResolved } from '../error'
import type { Conversion } from '../measures/apply'
import { conversionOf, MeasureError } from '../measures/convert'
import { type Rate, rateConversion } from '../measures/rates'
import { lastOf } from '../notations/clock'
import { notationOf } from '../notations'
import {
  asTexts,
  NOTHING,
  ONE_WHOLE,
  type Rational,
  rational,
  times,
  toDecimal,
} from '../measures/rational'
import type { FullStyle } from '../style/schemas'
import type { Rule } from './types'

/** What the cells are recorded in. */
export interface RecordedUnit {
  readonly measure?: string
  readonly isChange?: boolean
  readonly currency?: string
  readonly rates?: readonly Rate[]
  /** The unit that is written where the style names none. */
  readonly target?: string
}

/** What a clock's values are recorded in, and what its last place counts. */
function clockMeasures({ clock }: FullStyle, { measure }: RecordedUnit) {
  const { of } = clock
  if (of !== undefined && measure !== undefined && of !== measure)
    throw new StyleError('clock.of', of, `the values are recorded in ${measure}; leave it out`)
  return [measure ?? of ?? 'second', lastOf(clock)] as const
}

/**
 * What leads from the currency of the cells to another; null where they are the same, or where no
 * rates are known.
 */
function toCurrency(code: unknown, { currency, rates }: RecordedUnit): Conversion | null {
  if (currency === undefined || typeof code !== 'string' || code === currency || !rates) return null
  const conversion = rateConversion(rates, currency, code)
  if (conversion) return conversion
  throw new StyleError(
    'unit.code',
    code,
    `no rate leads from ${currency} to ${code}; add one, or choose another currency`,
  )
}

/** What leads from the unit of the cells to that of a style; null where they are the same. */
function toUnit(style: FullStyle, recorded: RecordedUnit): Conversion | null {
  const { unit } = style
  const { measure, isChange, target } = recorded
  if (notationOf(style).isClock) {
    const [from, to] = clockMeasures(style, recorded)
    return from === to ? null : conversionAs('notation', 'clock', from, to)
  }
  if (isMoney(unit)) return toCurrency(currencyOf(unit), recorded)
  const own = measureOf(unit)
  const id = own ?? target
  if (id === undefined) return null
  if (measure === undefined) return own === null ? toCurrency(id, recorded) : null
  if (id === measure) return null
  const conversion = conversionAs('unit.id', id, measure, id)
  return isChange ? { ...conversion, shift: NOTHING } : conversion
}
/** A conversion that a field asks for. */
function conversionAs(field: string, value: unknown, from: string, to: string): Conversion {
  try {
    return conversionOf(from, to)
  } catch (error) {
    if (error instanceof MeasureError) throw new StyleError(field, value, error.message)
    throw error
  }
}

/** A decimal as an exact fraction. */
const fractionOf = ({ coefficient, exponent }: Decimal): Rational =>
  exponent < 0
    ? rational(coefficient, tenTo(-exponent))
    : rational(coefficient * tenTo(exponent), 1n)
/** Whether a conversion only moves the decimal mark. */
function isPowerOfTen({ scale, shift }: Conversion): boolean {
  const decimals = shift.numerator === 0n ? toDecimal(scale) : null
  return decimals !== null && tellingDigits(decimals) === '1'
}
/**
 * What leads from recorded values to the numbers that labels show.
 *
 * @returns undefined where labels show the recorded unit or powers of ten of it, count by a clock,
 *   or cannot be written in their unit
 * @example shownConversion(inherit(inMiles), { measure: 'kilometer' }) // scale 15625/25146
 */
export function shownConversion(style: FullStyle, recorded: RecordedUnit): Conversion | undefined {
  if (notationOf(style).isClock) return undefined
  const shown = whereResolved(() => {
    const conversion = toUnit(style, recorded) ?? { scale: ONE_WHOLE, shift: NOTHING }
    const factor = fractionOf(decimal(style.factor))
    return { scale: times(conversion.scale, factor), shift: times(conversion.shift, factor) }
  })
  return shown && !isPowerOfTen(shown) ? shown : undefined
}

/**
 * What a rule multiplies true values by, and what it converts them by before, where no finite
 * decimals say that.
 *
 * @param perOne how many of the unit make one: 100 percent
 * @throws StyleError for a measure of another dimension than the cells', naming both
 * @example conversionFor(inTonnes, '1', { measure: 'kilogram' }) // { factor: '0.001' }
 */
export function conversionFor(
  style: FullStyle,
  perOne: string,
  recorded: RecordedUnit,
): Pick<Rule, 'factor' | 'convert'> {
  const factor = multiply(decimal(style.factor), decimal(perOne))
  const conversion = toUnit(style, recorded)
  if (!conversion) return { factor: toText(factor) }
  const { scale, shift } = conversion
  const exact = shift.numerator === 0n ? toDecimal(scale) : null
  return exact
    ? { factor: toText(multiply(factor, exact)) }
    : { factor: toText(factor), convert: { scale: asTexts(scale), shift: asTexts(shift) } }
}

/**
 * Whether the program itself converts values into the unit of a style. A clock does not count, and
 * neither does a unit that cannot be converted into.
 *
 * @param recorded the unit of the values
 * @example convertsItself(inherit(inMiles), { measure: 'kilometer' }) // true
 */
export const convertsItself = (style: FullStyle, recorded: RecordedUnit): boolean =>
  !notationOf(style).isClock && whereResolved(() => toUnit(style, recorded)) !== null
