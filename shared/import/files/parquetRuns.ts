/**
 * Run lengths of Parquet's hybrid of repeats and packed bits (Apache Parquet format, "Encodings",
 * RLE = 3). A repeat of two thousand million values takes six bytes, so they are added up before
 * anything is decoded.
 *
 * @param bytes the runs
 * @param width bits of a value
 * @param most values that the runs may hold together, their padding aside
 * @returns whether they hold no more
 * @example runsFit(Uint8Array.of(0x0a, 1), 1, 5) // true: five times the value 1
 */
export function runsFit(bytes: Uint8Array, width: number, most: number): boolean {
  /** Packed values come in eights, so the last of them may be padding. */
  const PACK = 8
  let [at, values] = [0, 0]
  while (at < bytes.length && values < most) {
    let [header, factor] = [0, 1]
    for (; at < bytes.length; factor *= 0x80) {
      const byte = bytes[at++]!
      header += (byte & 0x7f) * factor
      if (byte < 0x80) break
    }
    const isPacked = header % 2 === 1
    const count = Math.floor(header / 2)
    if (!isPacked) at += Math.ceil(width / PACK)
    else at += count * width
    values += isPacked ? count * PACK : count
    if (values > most + (isPacked ? PACK : 0)) return false
  }
  return true
}
