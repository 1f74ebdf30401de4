import type { Values } from '../../core/checks/types'
import { type Cell, decimalOf } from '../quantities'

/**
 * The numbers of a column's cells and the rows that they stand in, missing cells left out; as
 * doubles where those keep them all.
 */
export function present(cells: Float64Array | readonly Cell[]): {
  values: Values
  places: number[]
} {
  const places: number[] = []
  let isDoubles = true
  for (let at = 0; at < cells.length; at++) {
    const cell = cells[at]!
    const isDouble = typeof cell === 'number'
    if (isDouble ? !Number.isFinite(cell) : decimalOf(cell) === null) continue
    isDoubles &&= isDouble
    places.push(at)
  }
  return {
    values: isDoubles
      ? Float64Array.from(places, (at) => cells[at] as number)
      : places.map((at) => decimalOf(cells[at]!)!),
    places,
  }
}

/**
 * A column as a worker takes it at once: as doubles, with NaN for what is missing, in memory that
 * both share where the browser lets them; as it is where doubles cannot hold it.
 */
export function packed(cells: readonly Cell[]): Float64Array | readonly Cell[] {
  const bytes = Float64Array.BYTES_PER_ELEMENT * cells.length
  const doubles = new Float64Array(
    globalThis.crossOriginIsolated ? new SharedArrayBuffer(bytes) : new ArrayBuffer(bytes),
  )
  for (let at = 0; at < cells.length; at++) {
    const cell = cells[at]!
    if (typeof cell === 'string') return cells
    doubles[at] = cell ?? NaN
  }
  return doubles
}
