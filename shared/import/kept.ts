import type { ColumnMeta } from '../study/dataset'
import { type ImportedColumn, readingOf } from './types'

/** A column as it is kept: what is known of it, and its cells as one buffer. */
export interface KeptColumn extends Omit<ColumnMeta, 'position'> {
  readonly body: Uint8Array
}

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
