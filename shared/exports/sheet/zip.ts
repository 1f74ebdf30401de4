import { strFromU8, strToU8, unzipSync, zipSync, type Zippable } from 'fflate'
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

/** The files of such an archive. @throws ExportError for what is none */
export function unzipped(bytes: Uint8Array): CodeFile[] {
  try {
    return Object.entries(unzipSync(bytes)).map(([name, file]) => ({ name, text: strFromU8(file) }))
  } catch {
    throw new ExportError('it is no packed spreadsheet')
  }
}
