import { gunzipSync } from 'fflate'
import { decompress } from 'fzstd'
import type { Compressors } from 'hyparquet'
import { ImportError } from '../error'
import { tabular } from './cells'
import { checkPages } from './parquetPages'
import type { FileForm } from './types'

const MAGIC = 'PAR1'

/** A value of a column as a cell: whole numbers and decimals keep every digit. */
function cellOf(value: unknown): string {
  if (value === null || value === undefined) return ''
  if (value instanceof Date) return value.toISOString().replace(/T00:00:00\.000Z$/, '')
  if (typeof value === 'object')
    return JSON.stringify(value, (_, one) => (typeof one === 'bigint' ? String(one) : one))
  return String(value)
}

/**
 * What unpacks the pages of columns, besides what the reader itself does: no program that a page's
 * security policy would refuse.
 */
const compressors: Compressors = {
  GZIP: (packed, length) => gunzipSync(packed, { out: new Uint8Array(length) }),
  ZSTD: (packed, length) => decompress(packed, new Uint8Array(length)),
}

/** Apache Parquet: columns with their types, packed. */
export const parquet: FileForm = {
  id: 'parquet',
  begins: (bytes) => new TextDecoder().decode(bytes.subarray(0, MAGIC.length)) === MAGIC,
  async read(bytes) {
    const { parquetMetadata, parquetReadObjects, parquetSchema } = await import('hyparquet')
    const buffer = bytes.buffer.slice(
      bytes.byteOffset,
      bytes.byteOffset + bytes.byteLength,
    ) as ArrayBuffer
    try {
      const metadata = parquetMetadata(buffer)
      checkPages(new Uint8Array(buffer), metadata, compressors)
      const names = parquetSchema(metadata).children.map(({ element }) => element.name)
      const rows = await parquetReadObjects({ file: buffer, metadata, compressors })
      return tabular([
        {
          name: 'table',
          rows: [names, ...rows.map((row) => names.map((name) => cellOf(row[name])))],
        },
      ])
    } catch (error) {
      if (error instanceof ImportError) throw error
      throw new ImportError(`This Parquet file cannot be read: ${(error as Error).message}.`)
    }
  },
}
