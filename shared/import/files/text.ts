import type { FileForm } from './types'

const UTF16_LE = [0xff, 0xfe]
const UTF16_BE = [0xfe, 0xff]
const beginsWith = (bytes: Uint8Array, mark: readonly number[]): boolean =>
  mark.every((byte, at) => bytes[at] === byte)

/**
 * The text of a file: by its byte order mark, as UTF-8, or, where it is none, as the code page that
 * old programs of Western Europe write.
 *
 * @example decoded(new TextEncoder().encode('site,kg')) // 'site,kg'
 */
export function decoded(bytes: Uint8Array): string {
  if (beginsWith(bytes, UTF16_LE)) return new TextDecoder('utf-16le').decode(bytes)
  if (beginsWith(bytes, UTF16_BE)) return new TextDecoder('utf-16be').decode(bytes)
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    return new TextDecoder('windows-1252').decode(bytes)
  }
}

/**
 * Whether a file is UTF-8, so that its text can be written back as it was.
 *
 * @example isUtf8(new Uint8Array([0xe9])) // false
 */
export function isUtf8(bytes: Uint8Array): boolean {
  try {
    new TextDecoder('utf-8', { fatal: true }).decode(bytes)
    return true
  } catch {
    return false
  }
}

const asItIs: FileForm['read'] = async (bytes) => ({ text: decoded(bytes), parts: [], part: 0 })

/** Cells parted by commas, semicolons, tabs or bars: what parts them is found in the text. */
export const csv: FileForm = { id: 'csv', read: asItIs }
export const tsv: FileForm = { id: 'tsv', read: asItIs }
export const json: FileForm = { id: 'json', read: asItIs }
export const jsonl: FileForm = { id: 'jsonl', read: asItIs }
