import { mkdirSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { type Db, openDatabase } from '../db/database'
import { hasStudies } from '../db/studies'
import { loadDemo } from '../study/demo'
import { assetNames, readAsset } from './assets'

let opened: Promise<Db> | undefined

/** The one database of this server, opened at the first call; an empty one gets the demo. */
export const connection = (): Promise<Db> => (opened ??= open())

async function open(): Promise<Db> {
  const folder = resolve(process.env.IVORY_ABACUS_DATA ?? 'data')
  mkdirSync(folder, { recursive: true })
  const names = await assetNames('migrations')
  const migrations = await Promise.all(
    names.map(async (name) => ({ name, sql: await readAsset('migrations', name) })),
  )
  const db = openDatabase(join(folder, 'ivory-abacus.sqlite'), migrations)
  if (!hasStudies(db)) await loadDemo(db, (file) => readAsset('demo', file))
  return db
}
