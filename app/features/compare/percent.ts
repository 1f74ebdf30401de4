import { compare, shift } from '~~/core/decimal/arithmetic'
import { type Decimal, decimal } from '~~/core/decimal/decimal'
import { plainly } from '~~/core/decimal/plainly'
import { roundToPlace } from '~~/core/decimal/round'
import { words as catalogue } from '~~/words'

const words = catalogue.compare.percent

/** Hundredths of a percent are the least that is told. */
const PLACE = -2
const LEAST = decimal('0.01')

export const isZeroPart = (part: Decimal): boolean => part.coefficient === 0n
/**
 * A part in percent, to hundredths, rounded up so that no loss is told too small.
 *
 * @example percentText(decimal('0.00001')) // 'less than 0.01%'
 */
export function percentText(part: Decimal): string {
  if (isZeroPart(part)) return 'nothing'
  const percent = shift(part, 2)
  return compare(percent, LEAST) < 0
    ? words.lessThan
    : `${plainly({ coefficient: roundToPlace(percent, PLACE, 'ceil'), exponent: PLACE })}%`
}
