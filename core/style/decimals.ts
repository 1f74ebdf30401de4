import { decimalPair } from './counts'
import type { Style } from './schemas'
import { withDigits } from './digits'
import { inherit } from './inherit'

/**
 * Most and least digits for another number of decimals, as exact or as loose as they were before;
 * they take the place of significant digits.
 *
 * @example withDecimals({ fraction: [1, 1] }, 3) // { fraction: [3, 3] }
 */
export function withDecimals(style: Style, count: number): Pick<Style, 'fraction' | 'significant'> {
  const [least, most] = decimalPair(withDigits(inherit(style)).fraction) ?? [0, 0]
  const fraction: [number, number] = [least === most ? count : Math.min(least, count), count]
  return style.significant ? { fraction, significant: null } : { fraction }
}
