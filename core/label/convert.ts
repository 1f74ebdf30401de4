import { multiply } from '../decimal/arithmetic'
import { decimal, toText } from '../decimal/decimal'
import { StyleError } from '../error'
import type { Conversion } from '../measures/apply'
import { conversionOf, MeasureError } from '../measures/convert'
import { asTexts, NOTHING, toDecimal } from '../measures/rational'
import type { FullStyle } from '../style/schemas'
import type { Rule } from './types'

/** What the cells are recorded in. */
interface Recorded {
  readonly measure?: string
  readonly isChange?: boolean
}

/** What leads from the measure of the cells to that of a style; null where they are the same. */
function toMeasure({ unit }: FullStyle, { measure, isChange }: Recorded): Conversion | null {
  if (unit.kind !== 'measure' || measure === undefined || unit.id === measure) return null
  try {
    const conversion = conversionOf(measure, String(unit.id))
    return isChange ? { ...conversion, shift: NOTHING } : conversion
  } catch (error) {
    if (error instanceof MeasureError) throw new StyleError('unit.id', unit.id, error.message)
    throw error
  }
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
  recorded: Recorded,
): Pick<Rule, 'factor' | 'convert'> {
  const factor = multiply(decimal(style.factor), decimal(perOne))
  const conversion = toMeasure(style, recorded)
  if (!conversion) return { factor: toText(factor) }
  const { scale, shift } = conversion
  const exact = shift.numerator === 0n ? toDecimal(scale) : null
  return exact
    ? { factor: toText(multiply(factor, exact)) }
    : { factor: toText(factor), convert: { scale: asTexts(scale), shift: asTexts(shift) } }
}
