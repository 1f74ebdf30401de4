import { snappyUncompress } from 'hyparquet'
import type { Compressors, FileMetaData, SchemaElement } from 'hyparquet'
import { type CellCount, cellCount, checkColumns } from '../cellCount'
import { ImportError } from '../error'
import { runsFit } from './parquetRuns'
import { type Fields, readFields } from './thrift'

/** Bytes of all pages, unpacked. */
const MOST_BYTES = 512 * 2 ** 20
/** Values that a byte holds where they are packed most densely and none is repeated. */
const VALUES_A_BYTE = 8
/** Page types of the format (parquet.thrift, PageType). */
const [DATA_PAGE, DICTIONARY_PAGE, DATA_PAGE_V2] = [0, 2, 3]
/** Encodings of values whose runs are looked at (parquet.thrift, Encoding). */
const [PLAIN_DICTIONARY, RLE, RLE_DICTIONARY] = [2, 3, 8]
const LENGTH_BYTES = 4

class PageError extends ImportError {
  constructor() {
    super('This Parquet file is broken: a page claims more values than it can hold.')
  }
}

const numberIn = (fields: Fields | undefined, id: number): number => {
  const found = fields?.[id]
  return typeof found === 'number' ? found : 0
}
const fieldsIn = (fields: Fields, id: number): Fields | undefined => {
  const found = fields[id]
  return typeof found === 'object' ? found : undefined
}

/** The largest levels of a column, by the elements that lead to it. */
interface Levels {
  readonly definition: number
  readonly repetition: number
}
/** The levels of each leaf of a schema, by its path. */
function levelsOf(schema: readonly SchemaElement[]): ReadonlyMap<string, Levels> {
  const found = new Map<string, Levels>()
  let at = 1
  function read(children: number, path: readonly string[], above: Levels): void {
    for (let child = 0; child < children && at < schema.length; child++) {
      const { name, repetition_type: type, num_children: inner = 0 } = schema[at++]!
      const own = [...path, name]
      const levels = {
        definition: above.definition + Number(type !== 'REQUIRED'),
        repetition: above.repetition + Number(type === 'REPEATED'),
      }
      if (inner > 0) read(inner, own, levels)
      else found.set(pathText(own), levels)
    }
  }
  read(schema[0]?.num_children ?? 0, [], { definition: 0, repetition: 0 })
  return found
}
const pathText = (path: readonly string[]): string => JSON.stringify(path)

const bitsFor = (level: number): number => 32 - Math.clz32(level)
function check(bytes: Uint8Array, width: number, values: number): void {
  if (!runsFit(bytes, width, values)) throw new PageError()
}
/** Runs behind their length in bytes, as pages of the first version have them. */
function checkPrefixed(bytes: Uint8Array, width: number, values: number): Uint8Array {
  if (bytes.length < LENGTH_BYTES) throw new PageError()
  const length = new DataView(bytes.buffer, bytes.byteOffset).getUint32(0, true)
  check(bytes.subarray(LENGTH_BYTES), width, values)
  return bytes.subarray(LENGTH_BYTES + length)
}
function checkValues(bytes: Uint8Array, encoding: number, values: number): void {
  if (encoding === RLE) checkPrefixed(bytes, 1, values)
  else if (encoding === PLAIN_DICTIONARY || encoding === RLE_DICTIONARY)
    check(bytes.subarray(1), bytes[0] ?? 0, values)
}

/** How the pages of a column are unpacked. */
type Unpack = (packed: Uint8Array, length: number) => Uint8Array

function checkDataPage(page: Uint8Array, header: Fields, levels: Levels): void {
  const [values, encoding] = [numberIn(header, 1), numberIn(header, 2)]
  let rest = page
  for (const level of [levels.repetition, levels.definition])
    if (level > 0) rest = checkPrefixed(rest, bitsFor(level), values)
  checkValues(rest, encoding, values)
}
function checkSecondPage(
  packed: Uint8Array,
  header: Fields,
  levels: Levels,
  unpack: (packed: Uint8Array, aside: number) => Uint8Array,
): void {
  const values = numberIn(header, 1)
  const [definitionBytes, repetitionBytes] = [numberIn(header, 5), numberIn(header, 6)]
  if (levels.repetition > 0) check(packed, bitsFor(levels.repetition), values)
  if (levels.definition > 0)
    check(packed.subarray(repetitionBytes), bitsFor(levels.definition), values)
  const aside = definitionBytes + repetitionBytes
  const rest = packed.subarray(aside)
  // Whether values are packed is field 7; they are where it is not there.
  const isPacked = header[7] === undefined || header[7] === 1
  checkValues(isPacked ? unpack(rest, aside) : rest, numberIn(header, 4), values)
}

/** Where the pages of a column stand, and what is claimed of them. */
interface Chunk {
  readonly from: number
  readonly to: number
  readonly levels: Levels
  readonly unpack: Unpack
}
function checkChunk(file: Uint8Array, chunk: Chunk, count: CellCount, bytes: (n: number) => void) {
  for (let at = chunk.from; at < chunk.to - 1;) {
    const { fields, end } = readFields(file, at)
    const [type, unpacked, packed] = [numberIn(fields, 1), numberIn(fields, 2), numberIn(fields, 3)]
    if (packed < 0 || unpacked < 0 || end + packed > file.length) throw new PageError()
    bytes(unpacked)
    const page = file.subarray(end, end + packed)
    const header = fieldsIn(
      fields,
      { [DATA_PAGE]: 5, [DICTIONARY_PAGE]: 7, [DATA_PAGE_V2]: 8 }[type] ?? 0,
    )
    const values = numberIn(header, 1)
    if (values < 0) throw new PageError()
    count.written(Math.min(values, VALUES_A_BYTE * packed))
    count.implied(Math.max(0, values - VALUES_A_BYTE * packed))
    if (header && type === DATA_PAGE)
      checkDataPage(chunk.unpack(page, unpacked), header, chunk.levels)
    if (header && type === DATA_PAGE_V2)
      checkSecondPage(page, header, chunk.levels, (rest, aside) =>
        unpacked - aside > 0 ? chunk.unpack(rest, unpacked - aside) : rest,
      )
    at = end + packed
  }
}

/** What unpacks the pages of a column by the name of its compression. */
function unpackerFor(codec: string, compressors: Compressors): Unpack {
  if (codec === 'UNCOMPRESSED') return (packed) => packed
  if (codec === 'SNAPPY')
    return (packed, length) => {
      const page = new Uint8Array(length)
      snappyUncompress(packed, page)
      return page
    }
  const found = compressors[codec as keyof Compressors]
  if (!found)
    throw new ImportError(
      `This Parquet file is packed with ${codec}, which is not read here. Write it with Snappy, GZIP, ZSTD or without compression.`,
    )
  return (packed, length) => found(packed, length)
}

/**
 * Counts the values of a Parquet file page by page, as its pages claim them, before any is decoded.
 * A run of nulls takes a few bytes however long it is, and what decodes it would make all of them.
 *
 * @param file all of its bytes
 * @param compressors what unpacks pages beside Snappy
 * @throws ImportError for a file that claims more than it can hold, or more than is taken
 */
export function checkPages(
  file: Uint8Array,
  metadata: FileMetaData,
  compressors: Compressors,
): void {
  const levels = levelsOf(metadata.schema)
  checkColumns(levels.size)
  const count = cellCount()
  let total = 0
  const addBytes = (own: number) => {
    total += own
    if (total > MOST_BYTES)
      throw new ImportError(
        'This Parquet file has more than 512 MB of values. Import a part of it.',
      )
  }
  for (const { columns } of metadata.row_groups)
    for (const { meta_data: own } of columns) {
      const level = own && levels.get(pathText(own.path_in_schema))
      if (!level) throw new PageError()
      const from = Number(own.dictionary_page_offset || own.data_page_offset)
      const to = from + Number(own.total_compressed_size)
      if (!(from >= 0 && to >= from && to <= file.length)) throw new PageError()
      const chunk = { from, to, levels: level }
      checkChunk(file, { ...chunk, unpack: unpackerFor(own.codec, compressors) }, count, addBytes)
    }
  const rows = Number(metadata.num_rows)
  const claimed = metadata.row_groups.reduce((sum, group) => sum + Number(group.num_rows), 0)
  if (!(rows >= 0) || rows !== claimed) throw new PageError()
}
