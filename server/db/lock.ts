import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import { StorageError } from './trouble'

/** Who holds a data folder. */
interface Holder {
  readonly pid: number
  readonly address: string
}
const LOCK = 'lock.sqlite'
const HOLDER = 'holder.json'

function holderIn(folder: string): Holder | null {
  try {
    return JSON.parse(readFileSync(join(folder, HOLDER), 'utf8')) as Holder
  } catch {
    return null
  }
}

/**
 * Holds a data folder for this process alone. The system lets go of it when the process ends,
 * however it ends.
 *
 * @param address where this server answers, for others that want the folder
 * @returns lets go of the folder
 * @throws StorageError naming who holds it
 */
export function holdFolder(folder: string, address: string): () => void {
  const lock = new Database(join(folder, LOCK), { timeout: 0 })
  try {
    lock.pragma('journal_mode = DELETE')
    lock.exec('BEGIN EXCLUSIVE')
  } catch (error) {
    lock.close()
    if (!(error as { code?: string }).code?.startsWith('SQLITE_BUSY')) throw error
    const holder = holderIn(folder)
    const who = holder ? `process ${holder.pid}, at ${holder.address}` : 'another process'
    throw new StorageError(
      'HELD',
      `It is in use by ${who}. Open that address, stop that process, or give another folder with IVORY_ABACUS_DATA.`,
    )
  }
  writeFileSync(join(folder, HOLDER), JSON.stringify({ pid: process.pid, address }))
  return () => lock.close()
}
