/**
 * "no decimals", "1 decimal", "3 decimals".
 *
 * @example decimalsText(1) // '1 decimal'
 */
export function decimalsText(count: number): string {
  if (count === 0) return 'no decimals'
  return count === 1 ? '1 decimal' : `${count} decimals`
}

/**
 * Least and most decimals that a style itself names; null where it names none, or its step decides.
 *
 * @example decimalPair('step') // null
 */
export const decimalPair = (fraction: [number, number] | 'step' | null): [number, number] | null =>
  fraction === 'step' ? null : fraction
