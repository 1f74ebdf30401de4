import type { Cell } from '~~/shared/quantities'

/** A few numbers of a column: its ends, and what lies between them. */
export function someOf(cells: readonly Cell[]): NonNullable<Cell>[] {
  const sorted = cells
    .filter((cell): cell is NonNullable<Cell> => cell !== null)
    .sort((a, b) => Number(a) - Number(b))
  const at = (part: number) => sorted[Math.round(part * (sorted.length - 1))]
  return [...new Set([1, 2 / 3, 1 / 3, 0].map(at).filter((cell) => cell !== undefined))]
}
