import { gunzipSync } from 'node:zlib'
import { gzipSync, strToU8 } from 'fflate'
import { createTar, parseTar } from 'nanotar'
import { entryCounter } from '../unpack'
import { ExportError } from './prove'
import type { CodeFile } from './types'

/**
 * Files as one archive, as npm takes it (tar and gzip), in base64. The same files give the same
 * bytes: nothing of the time and the machine goes in.
 *
 * @param files names of up to 100 characters
 * @example archive([{ name: 'package/package.json', text: '{}' }]) // 'H4sI…'
 */
export function archive(files: readonly CodeFile[]): string {
  const tar = createTar(
    files.map(({ name, text }) => ({ name, data: strToU8(text) })),
    { attrs: { mtime: 0, mode: '644', uid: 0, gid: 0, user: '', group: '' } },
  )
  return Buffer.from(gzipSync(tar, { mtime: 0, level: 9 })).toString('base64')
}

/** Where npm puts the files of a package in its archive. */
export const IN_PACKAGE = 'package/'
/** Bytes of a package's files together. */
const MOST_BYTES = 64 * 2 ** 20
/** Fields of the header that each file has in a tar archive (POSIX.1, pax). */
const BLOCK = 512
const FIELDS = { name: [0, 100], size: [124, 12], type: [156, 1] } as const
const REGULAR_FILES = ['0', '']

/**
 * Looks at the headers of an archive before its files are read: a package holds plain files alone.
 *
 * @throws ExportError for links and the like; UnpackError past a limit
 */
function checkHeaders(tar: Uint8Array): void {
  const count = entryCounter(MOST_BYTES)
  for (let at = 0; at + BLOCK <= tar.length;) {
    const field = ([from, length]: readonly [number, number]) =>
      new TextDecoder()
        .decode(tar.subarray(at + from, at + from + length))
        .replace(/\0[^]*$/, '')
        .trim()
    const name = field(FIELDS.name)
    if (name === '') return
    const size = field(FIELDS.size)
    if (!/^[0-7]+$/.test(size)) throw new ExportError('it is no archive of a package')
    if (!REGULAR_FILES.includes(field(FIELDS.type)))
      throw new ExportError(`${JSON.stringify(name)} in it is no plain file`)
    const bytes = Number.parseInt(size, 8)
    count(bytes)
    at += BLOCK + Math.ceil(bytes / BLOCK) * BLOCK
  }
}

/**
 * The files of an archive that npm takes. Nothing is written to a disk.
 *
 * @throws ExportError for what is no such archive, is too large or holds more than plain files
 */
export function unpacked(bytes: Uint8Array): CodeFile[] {
  try {
    const tar = Uint8Array.from(gunzipSync(bytes, { maxOutputLength: 2 * MOST_BYTES }))
    checkHeaders(tar)
    return (
      parseTar(tar)
        // What lies outside the package's folder is none of it.
        .filter(({ name }) => name.startsWith(IN_PACKAGE) && !name.split('/').includes('..'))
        .map(({ name, text }) => ({ name: name.slice(IN_PACKAGE.length), text }))
    )
  } catch (error) {
    if (error instanceof ExportError) throw error
    throw new ExportError('it is no archive of a package, or a larger one than any study makes')
  }
}
