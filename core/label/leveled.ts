import type { Precision, Written } from './types'

/**
 * A precision as it is in one level: at a rung, or over an exponent.
 *
 * @example precisionAt({ …, by: [0, 2] }, { rung: 1, exponent: null }).fraction // [2, 2]
 */
export function precisionAt(
  precision: Precision,
  { rung, exponent }: Pick<Written, 'rung' | 'exponent'>,
): Precision {
  const { by, last } = precision
  const count = exponent === null ? by?.[rung] : Math.max(0, exponent - last!)
  return count! >= 0 ? { ...precision, fraction: [count!, count!] } : precision
}
