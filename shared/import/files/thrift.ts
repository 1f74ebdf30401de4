/** Numbers of a structure by the ids of their fields; structures within it likewise. */
export interface Fields {
  readonly [id: number]: number | Fields
}

/** Types of the compact protocol (Apache Thrift, "Thrift compact protocol encoding"). */
const [STOP, TRUE, FALSE, BYTE, DOUBLE, BINARY, LIST, SET, MAP, STRUCT] = [
  0, 1, 2, 3, 7, 8, 9, 10, 11, 12,
] as const
const DEEPEST = 16

/** Reads numbers from bytes one behind the other. @throws RangeError at their end */
function byteReader(bytes: Uint8Array, from: number) {
  let at = from
  function byte(): number {
    if (at >= bytes.length) throw new RangeError('a page header is cut off')
    return bytes[at++]!
  }
  function varint(): number {
    let [value, factor] = [0, 1]
    for (;;) {
      const next = byte()
      value += (next & 0x7f) * factor
      if (next < 0x80) return value
      factor *= 0x80
    }
  }
  return {
    ...{ byte, varint },
    zigzag(): number {
      const value = varint()
      return value % 2 === 0 ? value / 2 : -(value + 1) / 2
    },
    skip: (count: number) => void (at += count),
    place: () => at,
  }
}

/**
 * Reads a structure in Thrift's compact protocol as far as numbers go; all else is passed over.
 *
 * @returns the fields, and the place behind the structure
 * @throws RangeError where the bytes end within it or nest too deep
 */
export function readFields(bytes: Uint8Array, from: number): { fields: Fields; end: number } {
  const { byte, varint, zigzag, skip, place } = byteReader(bytes, from)
  function list(depth: number): void {
    const head = byte()
    const short = head >> 4
    const size = short === 15 ? varint() : short
    for (let one = 0; one < size; one++) value(head & 15, depth, true)
  }
  function map(depth: number): void {
    const size = varint()
    if (size === 0) return
    const types = byte()
    for (let one = 0; one < size; one++) {
      value(types >> 4, depth, true)
      value(types & 15, depth, true)
    }
  }
  function value(type: number, depth: number, isElement = false): number | Fields | undefined {
    if (depth > DEEPEST) throw new RangeError('a page header nests too deep')
    if (type === TRUE || type === FALSE) return isElement ? byte() : Number(type === TRUE)
    if (type === BYTE) return byte()
    if (type === DOUBLE) return void skip(Float64Array.BYTES_PER_ELEMENT)
    if (type === BINARY) return void skip(varint())
    if (type === LIST || type === SET) return void list(depth + 1)
    if (type === MAP) return void map(depth + 1)
    if (type === STRUCT) return struct(depth + 1)
    return zigzag()
  }
  function struct(depth: number): Fields {
    const fields: Record<number, number | Fields> = {}
    let id = 0
    for (;;) {
      const head = byte()
      if (head === STOP) return fields
      const delta = head >> 4
      id = delta === 0 ? zigzag() : id + delta
      const read = value(head & 15, depth)
      if (read !== undefined) fields[id] = read
    }
  }
  const fields = struct(0)
  return { fields, end: place() }
}
