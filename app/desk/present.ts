import { compare } from '~~/core/decimal/arithmetic'
import type { Decimal } from '~~/core/decimal/decimal'
import { type Cell, decimalOf } from '~~/shared/quantities'

/** The numbers of a column's cells, as doubles too where those keep them all, and the rows that they stand in; missing cells are left out. */
export function present(cells: Iterable<Cell>): { values: Decimal[]; places: number[]; doubles: Float64Array | undefined } {
  const values: Decimal[] = []
  const doubles: number[] = []
  const places: number[] = []
  let at = 0
  for (const cell of cells) {
    const value = decimalOf(cell)
    if (value) {
      values.push(value)
      if (typeof cell === 'number') doubles.push(cell)
      places.push(at)
    }
    at++
  }
  return { values, places, doubles: doubles.length === values.length ? Float64Array.from(doubles) : undefined }
}

/** The least and the largest of some values, missing ones left out. */
export function endsOf(values: readonly (Decimal | null)[]): Decimal[] {
  let [least, largest]: (Decimal | null)[] = [null, null]
  for (const value of values) {
    if (!value) continue
    if (!least || compare(value, least) < 0) least = value
    if (!largest || compare(value, largest) > 0) largest = value
  }
  return least && largest ? [least, largest] : []
}
