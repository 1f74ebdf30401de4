/** What is wrong with the storage, in words for people; `code` is SQLite's or the system's. */
export class StorageError extends Error {
  override name = 'StorageError'
  constructor(
    readonly code: string,
    message: string,
    readonly status: 503 | 507 = 503,
  ) {
    super(message)
  }
}

const KEPT = 'What was saved before is kept.'
/** What SQLite and the system call a trouble, by the beginning of its code, and what to do. */
const troubles: readonly (readonly [string, string, 503 | 507])[] = [
  ['SQLITE_FULL', `The disk is full: nothing was saved. Make room; then go on here. ${KEPT}`, 507],
  ['ENOSPC', `The disk is full: nothing was saved. Make room; then go on here. ${KEPT}`, 507],
  [
    'SQLITE_READONLY',
    `The data folder is read-only: nothing was saved. Let this program write there; then go on here. ${KEPT}`,
    503,
  ],
  ['EROFS', 'The data folder lies on a disk that is read-only. Give another folder.', 503],
  ['EACCES', 'This program may not write in the data folder. Give it the right to.', 503],
  ['EPERM', 'This program may not write in the data folder. Give it the right to.', 503],
  [
    'SQLITE_CANTOPEN',
    'The data cannot be opened: the folder is gone, or this program may not write in it.',
    503,
  ],
  ['ENOENT', 'The data folder is gone: nothing was saved. Bring it back; then go on here.', 503],
  ['ENOTDIR', 'Where the data folder should be, there is a file. Give another folder.', 503],
  ['EEXIST', 'Where the data folder should be, there is a file. Give another folder.', 503],
  [
    'SQLITE_NOTADB',
    'The file of the studies is no database. Move it away, or bring a backup back.',
    503,
  ],
  [
    'SQLITE_CORRUPT',
    'The file of the studies is damaged. Stop the program and bring a backup back.',
    503,
  ],
  ['SQLITE_BUSY', 'Another program holds the file of the studies. Try again in a moment.', 503],
  ['SQLITE_IOERR', `The disk does not answer: nothing was saved. ${KEPT}`, 503],
]

/**
 * An error of the storage in words; undefined for any other error.
 *
 * @example storageTrouble({ code: 'SQLITE_FULL' })!.status // 507
 */
export function storageTrouble(error: unknown): StorageError | undefined {
  if (error instanceof StorageError) return error
  const code = (error as { code?: unknown } | null)?.code
  if (typeof code !== 'string') return undefined
  const found = troubles.find(([begin]) => code.startsWith(begin))
  return found && new StorageError(code, found[1], found[2])
}
