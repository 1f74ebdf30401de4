// A million rows of eight columns into SQLite, against the same text only parsed. Each runs in a
// process of its own, for its memory.
import { execFileSync } from 'node:child_process'
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { build } from 'esbuild'
import { root } from '../scripts/lib/prepare.mjs'

const ROUNDS = 5
const [role, bundle, folder] = process.argv.slice(2)
const table = join(root, 'demo/large/harvest.csv')

if (role) {
  const { Papa, openDatabase, createStudy, importDataset } = await import(bundle)
  const text = readFileSync(table, 'utf8')
  const migrations = join(root, 'server/db/migrations')
  const forms = readdirSync(migrations).map((name) => ({
    name,
    sql: readFileSync(join(migrations, name), 'utf8'),
  }))
  const db = role === 'import' ? openDatabase(join(folder, 'study.sqlite'), forms) : null
  const study =
    db && createStudy(db, { name: 'Large', house: {}, quantities: [], shown: null }, 'Begin')
  const began = performance.now()
  if (db) importDataset(db, study.id, 'harvest', text)
  else Papa.parse(text)
  console.log(
    JSON.stringify({
      time: performance.now() - began,
      memory: process.resourceUsage().maxRSS / 1024,
    }),
  )
} else {
  if (!existsSync(table)) execFileSync(process.execPath, [join(root, 'demo/make.mjs'), '--large'])
  const work = mkdtempSync(join(root, 'node_modules/.import-'))
  try {
    const outfile = join(work, 'import.mjs')
    await build({
      stdin: {
        contents:
          "export { default as Papa } from 'papaparse'; export { openDatabase } from './server/db/database'; export { createStudy, importDataset } from './server/study/studies'",
        resolveDir: root,
        loader: 'ts',
      },
      bundle: true,
      format: 'esm',
      outfile,
      platform: 'node',
      target: 'node20',
      packages: 'external',
    })
    const runs = Array.from({ length: ROUNDS }, () =>
      Object.fromEntries(
        ['parse', 'import'].map((name) => {
          const place = mkdtempSync(join(tmpdir(), 'import-'))
          const result = JSON.parse(
            execFileSync(process.execPath, [process.argv[1], name, outfile, place], {
              encoding: 'utf8',
            }),
          )
          rmSync(place, { recursive: true })
          return [name, result]
        }),
      ),
    )
    const median = (numbers) => numbers.sort((a, b) => a - b)[numbers.length >> 1]
    console.log(
      `a million rows of eight columns: ${median(runs.map((run) => run.import.time)).toFixed(0)} ms, ${median(runs.map((run) => run.import.time / run.parse.time)).toFixed(2)} times parsing alone (bar 2), ${Math.max(...runs.map((run) => run.import.memory)).toFixed(0)} MB at most (bar 600)`,
    )
  } finally {
    rmSync(work, { recursive: true })
  }
}
