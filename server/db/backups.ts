import { DAY } from '../../core/data/dates'
import {
  copyFileSync,
  existsSync,
  lstatSync,
  mkdirSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
} from 'node:fs'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import type { Backup } from '../../shared/study/study'
import type { Db } from './database'
import { StorageError } from './trouble'

/** The file of all studies in a data folder. */
export const DATABASE = 'ivory-abacus.sqlite'
const FOLDER = 'backups'
/** So many days are kept. */
const DAYS = 7
/** A longer gap between backups, in days, means a wrong clock or a machine that was off. */
const GAP_DAYS = 31
const NAME = /^ivory-abacus-[\w.-]+\.sqlite$/
const DAILY = /^ivory-abacus-\d{4}-\d{2}-\d{2}\.sqlite$/

/** The backups of a data folder, the newest first. */
export function listBackups(folder: string): Backup[] {
  const within = join(folder, FOLDER)
  if (!existsSync(within)) return []
  return readdirSync(within)
    .filter((name) => NAME.test(name))
    .map((name) => {
      const path = join(within, name)
      // A broken link is listed with the size and date of the link itself.
      const { size, mtime } = statSync(path, { throwIfNoEntry: false }) ?? lstatSync(path)
      return { name, size, madeAt: mtime.toISOString() }
    })
    .sort((a, b) => b.madeAt.localeCompare(a.madeAt))
}

/** Whether every page of a database is sound. */
export function isSound(path: string): boolean {
  try {
    const db = new Database(path, { readonly: true, fileMustExist: true })
    try {
      return db.pragma('integrity_check(1)', { simple: true }) === 'ok'
    } finally {
      db.close()
    }
  } catch {
    return false
  }
}

/**
 * Writes a backup whole, tests it, and only then gives it its name.
 *
 * @throws StorageError where what was written is not sound
 */
function backUp(db: Db, folder: string, name: string): void {
  const within = join(folder, FOLDER)
  mkdirSync(within, { recursive: true })
  const begun = join(within, `${name}.begun`)
  rmSync(begun, { force: true })
  db.prepare('VACUUM INTO ?').run(begun)
  if (!isSound(begun)) {
    rmSync(begun, { force: true })
    throw new StorageError('BACKUP', `The backup ${name} is not sound; the older ones are kept.`)
  }
  renameSync(begun, join(within, name))
}

const dateIn = (name: string): string => /\d{4}-\d{2}-\d{2}/.exec(name)![0]
/**
 * Returns the daily backups up to a day, newest first, back to the first long gap. So if the clock is
 * set years ahead or back, backups of other days are left alone.
 */
function upTo(day: string, names: readonly string[]): string[] {
  const past = names
    .filter((name) => dateIn(name) <= day)
    .sort()
    .reverse()
  const end = past.findIndex((name, at) => {
    const before = past[at + 1]
    return !before || Date.parse(dateIn(name)) - Date.parse(dateIn(before)) > GAP_DAYS * DAY
  })
  return past.slice(0, end + 1)
}

/**
 * Backs the studies up once a day; the last seven days are kept.
 *
 * @returns the name of the backup, or null where today has one
 */
export function backUpDaily(db: Db, folder: string, now = new Date()): string | null {
  const day = now.toISOString().slice(0, 10)
  const name = `ivory-abacus-${day}.sqlite`
  if (existsSync(join(folder, FOLDER, name))) return null
  backUp(db, folder, name)
  const daily = listBackups(folder)
    .map((one) => one.name)
    .filter((one) => DAILY.test(one))
  for (const old of upTo(day, daily).slice(DAYS)) rmSync(join(folder, FOLDER, old), { force: true })
  return name
}

/** Backs the studies up before their form is changed. */
export function backUpBeforeUpgrade(db: Db, folder: string, form: number): void {
  const name = `ivory-abacus-before-upgrade-of-form-${form}.sqlite`
  if (!existsSync(join(folder, FOLDER, name))) backUp(db, folder, name)
}

/**
 * Brings a backup back. What stood before is moved aside, never removed.
 *
 * @param folder one that no process holds
 * @returns where what stood before is now; null where nothing stood there
 * @throws StorageError for a backup that is not there or not sound
 */
export function restoreBackup(folder: string, name: string, now = new Date()): string | null {
  const from = join(folder, FOLDER, name)
  if (!NAME.test(name) || !existsSync(from))
    throw new StorageError('BACKUP', `There is no backup “${name}” in ${join(folder, FOLDER)}.`)
  if (!isSound(from)) throw new StorageError('BACKUP', `The backup “${name}” is damaged itself.`)
  const file = join(folder, DATABASE)
  const stamp = now.toISOString().replace(/[:.]/g, '-')
  const aside = `${file}.before-restore-${stamp}`
  // On a disk without room for it nothing is moved.
  const ready = `${file}.restoring`
  copyFileSync(from, ready)
  const stood = existsSync(file)
  for (const end of ['', '-wal', '-shm'])
    if (existsSync(file + end)) renameSync(file + end, aside + end)
  renameSync(ready, file)
  return stood ? aside : null
}
