import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { regionsBy } from '../../core/locale/needs'
import { openDatabase, type Db } from '../db/database'
import { createStudy, importDataset } from '../study/studies'
import type { Style } from '../../core/style/fields'
import type { Quantity, Study } from '../../shared/study'
import { labelsByModule } from './prove'
import { exportQuantity, type Sources } from './quantity'

const root = join(__dirname, '../..')
const folder = join(root, 'server/db/migrations')
const migrations = readdirSync(folder).map((name) => ({ name, sql: readFileSync(join(folder, name), 'utf8') }))
const table = (kind: string, name: string) => JSON.parse(readFileSync(join(root, 'core/locale/generated', kind, `${name}.json`), 'utf8')) as never
/** The runtime as the build bundled it. */
const sources: Sources = {
  runtime: async (name) => readFileSync(join(root, 'dist/runtime', name), 'utf8'),
  regionsFor: async (style) => regionsBy(style, table),
}
const KILOBYTE = 1024

let data: string
let db: Db
let study: Study
beforeAll(() => {
  data = mkdtempSync(join(tmpdir(), 'ivory-abacus-'))
  db = openDatabase(join(data, 'test.sqlite'), migrations)
  const made = createStudy(db, { name: 'Exports', house: { marks: { minus: '−' } }, quantities: [], shown: null }, 'Begin')
  study = importDataset(db, made.id, 'Numbers', 'n,money\n1234567.891,EUR\n-0.0004,USD\n999950,EUR\n12345678901234567890.5,\n1e-7,USD\n0,GBP')!
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
  { locale: 'de', notation: 'scaled', ladder: 'locale', rungForm: 'word', unit: { kind: 'currency', code: 'EUR', display: 'name' } },
  { unit: { kind: 'currency', code: { column: 'money' } }, fraction: [2, 2] },
  { cases: [{ when: { column: 'money', is: ['USD'] }, use: { factor: '0.001', unit: { kind: 'symbol', text: 'k$' } } }] },
  { cases: [{ when: { magnitude: { from: 6 } }, use: { notation: 'scaled', fraction: [0, 1] } }] },
])('a module of %j writes what the core writes, and was run to prove it', async (style) => {
  const made = await exportQuantity(db, study.document, quantity(style), sources)
  expect(made.proof).toEqual({ values: 6, equal: 6 })
  expect(made.fileName).toMatch(/^[a-z0-9-]+\.mjs$/)
})

test('a module that writes something else is not given out', async () => {
  const broken: Sources = { ...sources, runtime: async () => 'export const labels = (values) => values.map(() => "?")' }
  await expect(exportQuantity(db, study.document, quantity({}), broken)).rejects.toThrow(/^The module writes "\?" where the desk writes "1,234,567\.891" \(row 1\)/)
})

test('a module that does not run is not given out', async () => {
  await expect(labelsByModule('throw new Error("no such thing")', [1])).rejects.toThrow('The module does not run: no such thing')
})

test.each<[string, Style, number]>([
  ['a plain style', {}, 4.75],
  ['a money style', { unit: { kind: 'currency', code: 'EUR' }, fraction: [2, 2] }, 6],
  ['the ladder of a region', { notation: 'scaled', ladder: 'locale', locale: 'pl', rungForm: 'word' }, 10],
])('the module of %s stays small: %j under %d kilobytes packed', async (_, style, most) => {
  const { module } = await exportQuantity(db, study.document, quantity(style), sources)
  expect(gzipSync(module).length).toBeLessThan(most * KILOBYTE)
})

test('a module says its labels in words', async () => {
  const { module } = await exportQuantity(db, study.document, quantity({ notation: 'scaled', fraction: [0, 1], unit: { kind: 'currency', code: 'EUR' } }), sources)
  const path = join(data, 'spoken.mjs')
  writeFileSync(path, module)
  const { spoken } = (await import(path)) as { spoken(value: number): string }
  expect([1234567, -1e6].map((value) => spoken(value))).toEqual(['1.2 million euros', 'minus 1 million euros'])
})
