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
interface Trouble {
  /** How SQLite and the system call it, by the beginning of their codes. */
  readonly codes: readonly string[]
  readonly message: string
  readonly status?: 507
}
const troubles: readonly Trouble[] = [
  {
    codes: ['SQLITE_FULL', 'ENOSPC'],
    message: `The disk is full: nothing was saved. Make room; then go on here. ${KEPT}`,
    status: 507,
  },
  {
    codes: ['SQLITE_READONLY'],
    message: `The data folder is read-only: nothing was saved. Let this program write there; then go on here. ${KEPT}`,
  },
  {
    codes: ['EROFS'],
    message: 'The data folder lies on a disk that is read-only. Give another folder.',
  },
  {
    codes: ['EACCES', 'EPERM'],
    message: 'This program may not write in the data folder. Give it the right to.',
  },
  {
    codes: ['SQLITE_CANTOPEN'],
    message: 'The data cannot be opened: the folder is gone, or this program may not write in it.',
  },
  {
    codes: ['ENOENT'],
    message: 'The data folder is gone: nothing was saved. Bring it back; then go on here.',
  },
  {
    codes: ['ENOTDIR', 'EEXIST'],
    message: 'Where the data folder should be, there is a file. Give another folder.',
  },
  {
    codes: ['SQLITE_NOTADB'],
    message: 'The file of the studies is no database. Move it away, or bring a backup back.',
  },
  {
    codes: ['SQLITE_CORRUPT'],
    message: 'The file of the studies is damaged. Stop the program and bring a backup back.',
  },
  {
    codes: ['SQLITE_BUSY'],
    message: 'Another program holds the file of the studies. Try again in a moment.',
  },
  {
    codes: ['SQLITE_IOERR'],
    message: `The disk does not answer: nothing was saved. ${KEPT}`,
  },
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
  const found = troubles.find(({ codes }) => codes.some((begin) => code.startsWith(begin)))
  return found && new StorageError(code, found.message, found.status)
}
