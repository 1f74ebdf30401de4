import { decimalPair } from './counts'
import type { Style } from './schemas'
import { withDigits } from './digits'
import { inherit } from './inherit'

/**
 * Decimals that take the place of those that a style has, and of its significant digits.
 *
 * @example withFraction({ significant: [1, 3] }, 'step') // { fraction: 'step', significant: null }
 */
export const withFraction = (
  { significant }: Pick<Style, 'significant'>,
  fraction: NonNullable<Style['fraction']>,
): Pick<Style, 'fraction' | 'significant'> =>
  significant ? { fraction, significant: null } : { fraction }

/**
 * Most and least digits for another number of decimals, as exact or as loose as they were before;
 * they take the place of significant digits.
 *
 * @example withDecimals({ fraction: [1, 1] }, 3) // { fraction: [3, 3] }
 */
export function withDecimals(style: Style, count: number): Pick<Style, 'fraction' | 'significant'> {
  const [least, most] = decimalPair(withDigits(inherit(style)).fraction) ?? [0, 0]
  const fraction: [number, number] = [least === most ? count : Math.min(least, count), count]
  return withFraction(style, fraction)
}
