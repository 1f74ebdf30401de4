import { deserialize, serialize } from 'node:v8'

/** Bytes that say how long a message is. */
export const HEAD = 4

/**
 * A message as bytes: its length, then the message as V8 serializes it.
 *
 * @throws RangeError for one of over 4 GB
 */
export function framed(message: unknown): [head: Buffer, body: Buffer] {
  const body = serialize(message)
  const head = Buffer.alloc(HEAD)
  head.writeUInt32LE(body.length)
  return [head, body]
}

/**
 * Puts messages together from the pieces in which their bytes arrive.
 *
 * @param take hears each message once all of it is there
 * @returns what takes a piece
 */
export function frameReader(take: (message: unknown) => void): (piece: Buffer) => void {
  let pieces: Buffer[] = []
  let length = 0
  /** Bytes of the message that arrives; null while its head is not there. */
  let wanted: number | null = null
  function cut(size: number): Buffer {
    const whole = Buffer.concat(pieces)
    pieces = whole.length > size ? [whole.subarray(size)] : []
    length -= size
    return whole.subarray(0, size)
  }
  return (piece) => {
    pieces.push(piece)
    length += piece.length
    for (;;) {
      if (wanted === null) {
        if (length < HEAD) return
        wanted = cut(HEAD).readUInt32LE()
      }
      if (length < wanted) return
      const body = cut(wanted)
      wanted = null
      take(deserialize(body))
    }
  }
}
