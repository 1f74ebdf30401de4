import { mkdirSync, statSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { version } from '../../package.json'
import { backUpBeforeUpgrade, backUpDaily, DATABASE, restoreBackup } from '../db/backups'
import { closeDatabase, type Db, openDatabase } from '../db/database'
import { holdFolder } from '../db/lock'
import { hasStudies } from '../db/studies'
import { thinOut } from '../db/thinning'
import { StorageError, storageTrouble } from '../db/trouble'
import { loadDemo } from '../study/demo'
import { assetNames, readAsset } from './assets'
import { ownAddress } from './listening'
import { beginLog, logger } from './log'

/** How often it is looked whether the day has its backup, in milliseconds. */
const HOURLY = 3_600_000

/** The data of this server while it runs. */
interface Storage {
  readonly db: Db
  readonly folder: string
  /** What tells the file of the studies from another of its name. */
  readonly file: number
  readonly letGo: () => void
}
let opened: Promise<Storage> | undefined
const storage = (): Promise<Storage> => (opened ??= open())

/** The folder that holds all data. */
export const dataFolder = (): string => resolve(process.env.IVORY_ABACUS_DATA ?? 'data')

/** The one database of this server, opened at the first call; an empty one gets the demo. */
export const connection = async (): Promise<Db> => (await storage()).db

/**
 * The database, for a change: what is written to a file that is gone would be lost.
 *
 * @throws StorageError where the file of the studies is not where it was
 */
export async function connectionForChange(): Promise<Db> {
  const { db, folder, file } = await storage()
  if (statSync(join(folder, DATABASE), { throwIfNoEntry: false })?.ino !== file)
    throw new StorageError(
      'GONE',
      `The file of the studies is not in ${folder} any more: nothing was saved. Bring the folder back; then go on here.`,
    )
  return db
}

async function open(): Promise<Storage> {
  const folder = dataFolder()
  mkdirSync(folder, { recursive: true })
  const letGo = holdFolder(folder, ownAddress())
  beginLog(folder).info({ version, address: ownAddress() }, 'started')
  return openIn(folder, letGo)
}

/** Opens the studies of a folder that this process holds. */
async function openIn(folder: string, letGo: () => void): Promise<Storage> {
  const names = await assetNames('migrations')
  const migrations = await Promise.all(
    names.map(async (name) => ({ name, sql: await readAsset('migrations', name) })),
  )
  const path = join(folder, DATABASE)
  const db = openDatabase(path, migrations, (before, form) =>
    backUpBeforeUpgrade(before, folder, form),
  )
  if (!hasStudies(db)) await loadDemo(db, (file) => readAsset('demo', file))
  keepBackups(db, folder)
  return { db, folder, file: statSync(path).ino, letGo }
}

/**
 * Brings a backup back while the server runs: what asks for the data meanwhile waits.
 *
 * @returns where what stood before is now
 * @throws StorageError for a backup that is not there or not sound; what stands goes on then
 */
export async function restoreHere(name: string): Promise<string | null> {
  const held = storage()
  const restored = held.then(({ db, folder }) => {
    closeDatabase(db)
    return restoreBackup(folder, name)
  })
  const reopen = async () => {
    const { folder, letGo } = await held
    return openIn(folder, letGo)
  }
  // Whatever came of it: another call waits for what stands then.
  const standing = restored.then(reopen, reopen)
  opened = standing
  const aside = await restored.finally(() => standing)
  logger().info({ name, aside }, 'restored')
  return aside
}

/** Backs up, and thins out what is old; where one fails it is told, and stops nothing. */
function keepBackups(db: Db, folder: string): void {
  const look = () => {
    if (!db.open) return
    try {
      if (backUpDaily(db, folder)) thinOut(db)
    } catch (error) {
      const why = (storageTrouble(error) ?? (error as Error)).message
      logger().error({ why }, 'no backup')
      console.error(`No backup was made, or nothing thinned out: ${why}`)
    }
  }
  look()
  setInterval(look, HOURLY).unref()
}

/** Closes the data, so that the file alone is whole, and lets go of the folder. */
export async function closeConnection(): Promise<void> {
  const held = await opened?.catch(() => undefined)
  if (!held) return
  logger().info('ended')
  closeDatabase(held.db)
  held.letGo()
}
