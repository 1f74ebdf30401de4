/**
 * "no decimals", "1 decimal", "3 decimals".
 *
 * @example decimalsText(1) // '1 decimal'
 */
export function decimalsText(count: number): string {
  if (count === 0) return 'no decimals'
  return count === 1 ? '1 decimal' : `${count} decimals`
}
