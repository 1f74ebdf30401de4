import type { Cell } from '../quantities'
import type { ColumnMeta } from '../study/dataset'
import { type ImportedColumn, readingOf } from './types'

/** A column as it is kept: what is known of it, and its cells. */
export interface KeptColumn extends Omit<ColumnMeta, 'position'> {
  readonly body: Uint8Array
}
/** The cells of a column as they are kept: one buffer, and how it is to be read. */
export type KeptCells = Pick<KeptColumn, 'encoding' | 'body'>

/**
 * A column to keep: doubles where they hold every digit, JSON otherwise.
 *
 * @example keptColumn(readTable('kg\n0.5').columns[0]).encoding // 'float64'
 */
export function keptColumn(column: ImportedColumn): KeptColumn {
  const { name, kind, reason, missing, unread, doubles } = column
  return {
    ...{ name, kind, reason, missing, unread: [...unread] },
    reading: readingOf(column) as ColumnMeta['reading'],
    encoding: doubles ? 'float64' : 'json',
    body: doubles
      ? new Uint8Array(doubles.buffer, doubles.byteOffset, doubles.byteLength)
      : new TextEncoder().encode(JSON.stringify(column.cells())),
  }
}

/**
 * The cells of a column that was kept.
 *
 * @example cellsKept(keptColumn(readTable('kg\n0.5').columns[0])) // [0.5]
 */
export function cellsKept({ encoding, body }: KeptCells): Cell[] {
  if (encoding === 'json') return JSON.parse(new TextDecoder().decode(body)) as Cell[]
  // A copy of its own: doubles are read from a place that eight divides.
  const doubles = new Float64Array(new Uint8Array(body).buffer)
  return Array.from(doubles, (double) => (Number.isNaN(double) ? null : double))
}
