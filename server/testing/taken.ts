import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { joinRegions, regionsBy } from '../../core/label/needs'
import type { Style } from '../../core/style/fields'
import type { ExportId } from '../../shared/exports'
import type { Export } from '../../shared/exports/export'
import { USUAL_WISHES, type Wishes } from '../../shared/exports/wishes'
import type { Level } from '../../shared/quantities'
import type { Quantity } from '../../shared/study/quantity'
import type { Study } from '../../shared/study/study'
import { type Server, tasks } from '../apart/tasks'
import { columnNamed } from '../db/columns'
import { type Db, openDatabase } from '../db/database'

const root = join(__dirname, '../..')
const table = (kind: string, name: string) =>
  JSON.parse(
    readFileSync(join(root, 'core/locale/generated', kind, `${name}.json`), 'utf8'),
  ) as never

/** A database in a folder of its own. */
export function ownDatabase(): { readonly db: Db; readonly folder: string; close(): void } {
  const steps = join(root, 'server/db/migrations')
  const migrations = readdirSync(steps).map((name) => ({
    name,
    sql: readFileSync(join(steps, name), 'utf8'),
  }))
  const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-'))
  const db = openDatabase(join(folder, 'test.sqlite'), migrations)
  return {
    db,
    folder,
    close() {
      db.close()
      rmSync(folder, { recursive: true })
    },
  }
}

/** What the server answers: tables of regions, the runtime as the build bundled it, and cells. */
export const serverOn = (db: Db): Server => ({
  ask: (question, asks) =>
    ({
      regions: () => joinRegions((asks as Style[]).map((style) => regionsBy(style, table))),
      runtime: () => readFileSync(join(root, 'dist/runtime', asks as string), 'utf8'),
      column: () => {
        const { datasetId, name } = asks as { datasetId: string; name: string }
        return columnNamed(db, datasetId, name)
      },
    })[question]() as never,
  tell: () => {},
})

/** What is taken away of a study. */
export const take = (
  server: Server,
  { document, datasets, revision }: Study,
  asked: {
    readonly id: ExportId
    readonly quantity: Quantity
    readonly level?: Level
    readonly wishes?: Wishes
  },
): Promise<Export> =>
  tasks.export(
    {
      ...{ level: 'quantity', wishes: USUAL_WISHES, ...asked, document, datasets },
      from: { study: document.name, revision, file: 'study.json' },
    },
    server,
  ) as Promise<Export>
