import type { BookEntry } from '../../shared/study/linked'
import type { Db } from './database'

type Stored = Omit<BookEntry, 'style'> & { readonly style: string }
const parsed = ({ style, ...rest }: Stored): BookEntry => ({
  ...rest,
  style: JSON.parse(style) as BookEntry['style'],
})

/** The newest version of each style of the stylebook, by name. */
export const newestStyles = (db: Db): BookEntry[] =>
  db
    .prepare<[], Stored>(
      'SELECT name, MAX(version) AS version, style FROM book_style GROUP BY name ORDER BY name',
    )
    .all()
    .map(parsed)

export function insertStyle(db: Db, { name, version, style }: BookEntry): void {
  db.prepare('INSERT INTO book_style (name, version, style, made_at) VALUES (?, ?, ?, ?)').run(
    name,
    version,
    JSON.stringify(style),
    new Date().toISOString(),
  )
}

/** Removes all versions of a style. @returns whether there was one */
export const deleteStyle = (db: Db, name: string): boolean =>
  db.prepare('DELETE FROM book_style WHERE name = ?').run(name).changes > 0
