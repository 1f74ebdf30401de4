import { unzipSync } from 'fflate'

/** An archive that is broken, or larger than what is unpacked. */
export class UnpackError extends Error {
  override name = 'UnpackError'
}

/** Entries of an archive: more than these is an attack, or no archive that this program reads. */
const MOST_ENTRIES = 10_000
const MEBIBYTE = 2 ** 20

/**
 * Counts what an archive claims to hold, before any of it is unpacked.
 *
 * @param most bytes of all files together
 * @returns a function that takes the size of each entry; it throws UnpackError past a limit
 */
export function entryCounter(most: number): (bytes: number) => void {
  let [entries, total] = [0, 0]
  return (bytes) => {
    entries++
    total += bytes
    if (entries > MOST_ENTRIES) throw new UnpackError(`it holds more than ${MOST_ENTRIES} files`)
    if (!(bytes >= 0) || total > most)
      throw new UnpackError(`it holds more than ${most / MEBIBYTE} MB when it is unpacked`)
  }
}

/**
 * Files of a zip archive (ISO/IEC 21320-1). Sizes are checked against what the archive claims before
 * anything is unpacked; a file that is longer than it claims is cut there.
 *
 * @param isWanted which files are unpacked; of two with one name, the first
 * @param most bytes of the wanted files together
 * @throws UnpackError for what is broken or too large
 */
export function unzip(
  bytes: Uint8Array,
  isWanted: (name: string) => boolean,
  most: number,
): Readonly<Record<string, Uint8Array>> {
  const count = entryCounter(most)
  const seen = new Set<string>()
  try {
    return unzipSync(bytes, {
      filter({ name, originalSize }) {
        const isTaken = isWanted(name) && !seen.has(name)
        seen.add(name)
        count(isTaken ? originalSize : 0)
        return isTaken
      },
    })
  } catch (error) {
    if (error instanceof UnpackError) throw error
    throw new UnpackError((error as Error).message)
  }
}
