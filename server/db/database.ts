import Database from 'better-sqlite3'

export type Db = Database.Database
export interface Migration {
  /** Its file name, which begins with its number. */
  readonly name: string
  readonly sql: string
}

/**
 * Opens a study database and brings it to the newest form.
 *
 * @param path of the file, made when absent
 * @param migrations in any order; each runs once, in the order of their names
 */
export function openDatabase(path: string, migrations: readonly Migration[]): Db {
  const db = new Database(path)
  db.pragma('journal_mode = WAL')
  // An acknowledged write must outlive the process and the machine.
  db.pragma('synchronous = FULL')
  db.pragma('foreign_keys = ON')
  migrate(db, migrations)
  return db
}

function migrate(db: Db, migrations: readonly Migration[]): void {
  const done = db.pragma('user_version', { simple: true }) as number
  const ordered = [...migrations].sort((a, b) => a.name.localeCompare(b.name))
  if (done > ordered.length)
    throw new Error(
      `The data were written by a newer version (form ${done}, known ${ordered.length}). Update the program, or give another data folder.`,
    )
  ordered.slice(done).forEach(({ sql }, at) => {
    db.transaction(() => {
      db.exec(sql)
      db.pragma(`user_version = ${done + at + 1}`)
    })()
  })
}
