import { type Decimal, decimal, toText } from '../../core/decimal/decimal'
import { divide } from '../../core/decimal/round'

/** A number without the digits that only its reckoning has. @example trimmed(decimal('4.000')) // '4' */
export const trimmed = (value: Decimal): string => toText(divide(value, decimal(1)))
