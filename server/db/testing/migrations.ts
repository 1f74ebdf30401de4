import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Migration } from '../database'

const folder = join(__dirname, '../migrations')
/** Every migration, for tests, which have no built-in files. */
export const migrations: readonly Migration[] = readdirSync(folder).map((name) => ({
  name,
  sql: readFileSync(join(folder, name), 'utf8'),
}))
