import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { buildSync } from 'esbuild'
import { openDatabase, type Db } from '../db/database'
import { createStudy, importDataset } from '../study/studies'
import type { Style } from '../../core/style/fields'
import type { Quantity, Study } from '../../shared/study'
import { labelsByModule } from './prove'
import { exportQuantity, type RuntimeFiles } from './quantity'

const root = join(__dirname, '../..')
const folder = join(root, 'server/db/migrations')
const migrations = readdirSync(folder).map((name) => ({ name, sql: readFileSync(join(folder, name), 'utf8') }))
const bundled = buildSync({ entryPoints: [join(root, 'core/label/module.ts')], bundle: true, format: 'esm', write: false, minifySyntax: true, minifyWhitespace: true, charset: 'utf8' })
const runtime: RuntimeFiles = { module: bundled.outputFiles[0]!.text, types: '' }
const LARGEST_GZIPPED = 10 * 1024

let data: string
let db: Db
let study: Study
beforeAll(() => {
  data = mkdtempSync(join(tmpdir(), 'ivory-abacus-'))
  db = openDatabase(join(data, 'test.sqlite'), migrations)
  const made = createStudy(db, { name: 'Exports', house: { marks: { minus: '−' } }, quantities: [], shown: null }, 'Begin')
  study = importDataset(db, made.id, 'Numbers', 'n\n1234567.891\n-0.0004\n999950\n12345678901234567890.5\n1e-7\n0')!
})
afterAll(() => {
  db.close()
  rmSync(data, { recursive: true })
})

const quantity = (style: Style): Quantity => ({ ...study.document.quantities[0]!, title: 'Größe & Maß', style })

test.each<Style>([
  {},
  { notation: 'scaled', fraction: [0, 1] },
  { notation: 'scaled', rung: 'shared', fraction: [1, 1], rungForm: 'word' },
  { notation: 'scientific', exponent: 'shared', exponentForm: 'power' },
  { significant: [1, 3], sign: 'always' },
  { unit: { kind: 'currency', code: 'EUR' }, sign: 'parentheses', fraction: [2, 2] },
  { notation: 'multiple', multipleOf: 'pi' },
  { cases: [{ when: { magnitude: { from: 6 } }, use: { notation: 'scaled', fraction: [0, 1] } }] },
])('a module of %j writes what the core writes, and was run to prove it', async (style) => {
  const made = await exportQuantity(db, study.document, quantity(style), runtime)
  expect(made.proof).toEqual({ values: 6, equal: 6 })
  expect(made.fileName).toMatch(/^[a-z0-9-]+\.mjs$/)
})

test('a module that writes something else is not given out', async () => {
  const broken: RuntimeFiles = { ...runtime, module: 'export const labels = (values) => values.map(() => "?")' }
  await expect(exportQuantity(db, study.document, quantity({}), broken)).rejects.toThrow(/^The module writes "\?" where the desk writes "1,234,567\.891" \(row 1\)/)
})

test('a module that does not run is not given out', async () => {
  await expect(labelsByModule('throw new Error("no such thing")', [1])).rejects.toThrow('The module does not run: no such thing')
})

test('the module of a plain style stays under ten kilobytes packed', async () => {
  const { module } = await exportQuantity(db, study.document, quantity({}), runtime)
  expect(gzipSync(module).length).toBeLessThan(LARGEST_GZIPPED)
})
