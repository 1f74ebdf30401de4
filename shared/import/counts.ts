import { decimal } from '../../core/decimal/decimal'
import { plainly } from '../../core/decimal/plainly'

/** A count as it is told: in groups. @example countText(300000) // '300,000' */
export const countText = (count: number): string => plainly(decimal(count))
