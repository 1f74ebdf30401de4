import { gunzipSync, gzipSync, strToU8 } from 'fflate'
import { createTar, parseTar } from 'nanotar'
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
/** The files of such an archive. @throws ExportError for what is none */
export function unpacked(bytes: Uint8Array): CodeFile[] {
  try {
    const files = parseTar(gunzipSync(bytes))
    // What lies elsewhere than in the package is none of it.
    return files
      .filter(({ name }) => name.startsWith(IN_PACKAGE) && !name.split('/').includes('..'))
      .map(({ name, text }) => ({ name: name.slice(IN_PACKAGE.length), text }))
  } catch {
    throw new ExportError('it is no archive of a package')
  }
}
