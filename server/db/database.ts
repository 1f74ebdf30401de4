import Database from 'better-sqlite3'
import { StorageError } from './trouble'

export type Db = Database.Database
export interface Migration {
  /** Its file name, which begins with its number. */
  readonly name: string
  readonly sql: string
}

/** Milliseconds that a write waits for another. */
const PATIENCE = 5000

/**
 * Opens a study database and brings it to the newest form.
 *
 * @param path of the file, made when absent
 * @param migrations in any order; each runs once, in the order of their names
 * @param beforeUpgrade is called with the older form, before it is changed
 * @throws StorageError for a damaged file, or one that a newer version wrote
 */
export function openDatabase(
  path: string,
  migrations: readonly Migration[],
  beforeUpgrade: (db: Db, form: number) => void = () => {},
): Db {
  const db = new Database(path, { timeout: PATIENCE })
  try {
    // Room that is freed goes back to the disk; it is decided while there is no table yet.
    db.pragma('auto_vacuum = INCREMENTAL')
    db.pragma('journal_mode = WAL')
    // An acknowledged write must outlive the process and the machine.
    db.pragma('synchronous = FULL')
    db.pragma('foreign_keys = ON')
    if (db.pragma('quick_check(1)', { simple: true }) !== 'ok')
      throw new StorageError(
        'SQLITE_CORRUPT',
        'The file of the studies is damaged. Bring a backup back.',
      )
    migrate(db, migrations, beforeUpgrade)
    keepStatements(db)
    return db
  } catch (error) {
    db.close()
    throw error
  }
}

/** Makes each statement once: to make one takes longer than most take to run. */
function keepStatements(db: Db): void {
  const kept = new Map<string, Database.Statement>()
  const make = db.prepare.bind(db)
  db.prepare = ((sql: string) => {
    const found = kept.get(sql) ?? make(sql)
    kept.set(sql, found)
    return found
  }) as Db['prepare']
}

function migrate(
  db: Db,
  migrations: readonly Migration[],
  beforeUpgrade: (db: Db, form: number) => void,
): void {
  const done = db.pragma('user_version', { simple: true }) as number
  const ordered = [...migrations].sort((a, b) => a.name.localeCompare(b.name))
  if (done > ordered.length)
    throw new StorageError(
      'NEWER',
      `The data were written by a newer version (form ${done}, known ${ordered.length}). Update the program, or give another data folder.`,
    )
  if (done > 0 && done < ordered.length) beforeUpgrade(db, done)
  ordered.slice(done).forEach(({ sql }, at) => {
    changing(db, () => {
      db.exec(sql)
      db.pragma(`user_version = ${done + at + 1}`)
    })
  })
}

/**
 * Runs a change in one transaction, which holds the right to write from its begin on; within
 * another it is a part of that.
 *
 * @returns what the change returns
 * @throws whatever it throws; nothing of it is kept then
 */
export const changing = <Made>(db: Db, change: () => Made): Made =>
  db.transaction(change).immediate()

/** Closes a database so that its file alone is whole. */
export function closeDatabase(db: Db): void {
  if (!db.open) return
  db.pragma('wal_checkpoint(TRUNCATE)')
  db.close()
}
