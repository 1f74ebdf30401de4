import type { Style } from '../../core/style/fields'
import type { Stylebook } from '../../shared/stylebook'
import { isSameStyle } from '../../shared/stylebook'
import type { BookEntry } from '../../shared/study/linked'
import { deleteStyle, insertStyle, newestStyles } from '../db/bookStyles'
import { changing, type Db } from '../db/database'
import { folderBook } from './folder'

/** Where the styles of the stylebook are kept. */
export interface Book {
  /** The newest version of each style, and what could not be read. */
  read(): Stylebook
  write(entry: BookEntry): void
  /** @returns whether there was one of that name */
  remove(name: string): boolean
}

const databaseBook = (db: Db): Book => ({
  read: () => ({ entries: newestStyles(db), troubles: [], folder: null }),
  write: (entry) => insertStyle(db, entry),
  remove: (name) => deleteStyle(db, name),
})

/** The stylebook: a folder of files where one is named, else with the studies. */
export function stylebook(db: Db): Book {
  const folder = process.env.IVORY_ABACUS_STYLEBOOK
  return folder ? folderBook(folder) : databaseBook(db)
}

/**
 * Enters a style under a name: its next version, or the newest where that is the same style.
 *
 * @returns the entry as it stands in the book
 */
export const enterStyle = (db: Db, name: string, style: Style): BookEntry =>
  changing(db, () => {
    const book = stylebook(db)
    const newest = book.read().entries.find((one) => one.name === name)
    if (newest && isSameStyle(newest.style, style)) return newest
    const entry = { name, version: (newest?.version ?? 0) + 1, style }
    book.write(entry)
    return entry
  })
