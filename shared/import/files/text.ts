import type { FileForm } from './types'

const UTF16_LE = [0xff, 0xfe]
const UTF16_BE = [0xfe, 0xff]
const beginsWith = (bytes: Uint8Array, mark: readonly number[]): boolean =>
  mark.every((byte, at) => bytes[at] === byte)

/**
 * The text of a file: by its byte order mark, as UTF-8, or, where it is none, as the code page that
 * old programs of Western Europe write; and whether it is UTF-8, so that it can be written back.
 *
 * @example decodedAs(new Uint8Array([0xe9])) // { text: 'é', isUtf8: false }
 */
export function decodedAs(bytes: Uint8Array): { text: string; isUtf8: boolean } {
  const by = (encoding: string) => ({
    text: new TextDecoder(encoding).decode(bytes),
    isUtf8: false,
  })
  if (beginsWith(bytes, UTF16_LE)) return by('utf-16le')
  if (beginsWith(bytes, UTF16_BE)) return by('utf-16be')
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), isUtf8: true }
  } catch {
    return by('windows-1252')
  }
}
/** The text of a file. @example decoded(new TextEncoder().encode('site,kg')) // 'site,kg' */
export const decoded = (bytes: Uint8Array): string => decodedAs(bytes).text

const asItIs: FileForm['read'] = async (bytes) => ({ text: decoded(bytes), parts: [], part: 0 })

/** Cells parted by commas, semicolons, tabs or bars: what parts them is found in the text. */
export const csv: FileForm = { id: 'csv', read: asItIs }
export const tsv: FileForm = { id: 'tsv', read: asItIs }
export const json: FileForm = { id: 'json', read: asItIs }
export const jsonl: FileForm = { id: 'jsonl', read: asItIs }
