import { strFromU8, strToU8, zipSync, type Zippable } from 'fflate'
import { unzip } from '../../unpack'
import { ExportError } from '../prove'
import type { CodeFile } from '../types'

/** The first moment that an archive can tell: the same files give the same bytes. */
const NEVER = '1980-01-01T00:00:00'

/**
 * Files as one archive (ISO/IEC 21320-1), in base64; the first is not compressed, since it tells
 * what the archive is.
 */
export function zipped(files: readonly CodeFile[]): string {
  const entries = files.map(({ name, text }, at) => [
    name,
    [strToU8(text), { level: at === 0 ? 0 : 6, mtime: NEVER }],
  ])
  return Buffer.from(zipSync(Object.fromEntries(entries) as Zippable)).toString('base64')
}

/** Bytes of the files of a spreadsheet that is compared, together. */
const MOST_BYTES = 512 * 2 ** 20
/** The files of such an archive. @throws ExportError for what is none, or too large */
export function unzipped(bytes: Uint8Array): CodeFile[] {
  try {
    const files = unzip(bytes, () => true, MOST_BYTES)
    return Object.entries(files).map(([name, file]) => ({ name, text: strFromU8(file) }))
  } catch (error) {
    throw new ExportError(
      `it is no packed spreadsheet that can be read: ${(error as Error).message}`,
    )
  }
}
