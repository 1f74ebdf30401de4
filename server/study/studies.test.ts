import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { columnCells } from '../db/columns'
import { type Db, openDatabase } from '../db/database'
import { documentAt } from '../db/revisions'
import { listStudies } from '../db/studies'
import { loadDemo } from './demo'
import { ConflictError, createStudy, importDataset, loadStudy, saveStudy } from './studies'

const migrationsFolder = join(__dirname, '../db/migrations')
const migrations = readdirSync(migrationsFolder).map((name) => ({ name, sql: readFileSync(join(migrationsFolder, name), 'utf8') }))
const demoFile = async (name: string) => readFileSync(join(__dirname, '../../demo/study', name), 'utf8')

let folder: string
let db: Db
const open = () => openDatabase(join(folder, 'test.sqlite'), migrations)
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-'))
  db = open()
})
afterEach(() => {
  db.close()
  rmSync(folder, { recursive: true })
})

const empty = (name: string) => createStudy(db, { name, house: {}, quantities: [], shown: null }, 'Begin')

test('a table becomes columns, and its numbers become quantities', () => {
  const study = importDataset(db, empty('Depths').id, 'Soundings', 'site,depth\nFarrow,0.125\nHolm,\nTarn,x\nGull,2\nHythe,3\nNorth,4')!
  expect(study.document.quantities).toMatchObject([{ column: 'depth', chart: { category: 'site' } }])
  expect(study.document.shown).toBe(study.document.quantities[0]!.id)
  expect(study.datasets[0]!.columns[1]).toMatchObject({ kind: 'number', encoding: 'float64', missing: 1, unread: [{ row: 3, text: 'x' }] })
  expect(columnCells(db, study.datasets[0]!.id, 'depth')).toEqual([0.125, null, null, 2, 3, 4])
})

test('digits that a double would lose are kept as text', () => {
  const study = importDataset(db, empty('Long').id, 'Long', 'n\n12345678901234567890.5\n0.1')!
  expect(study.datasets[0]!.columns[0]!.encoding).toBe('json')
  expect(columnCells(db, study.datasets[0]!.id, 'n')).toEqual(['12345678901234567890.5', '0.1'])
})

test('every save is a revision; one made on an old revision is refused and loses nothing', () => {
  const study = empty('First')
  const saved = saveStudy(db, study.id, { base: 1, document: { ...study.document, name: 'Second' }, what: 'Rename' })!
  expect(saved.revision).toBe(2)
  const stale = () => saveStudy(db, study.id, { base: 1, document: { ...study.document, name: 'Third' }, what: 'Rename' })
  expect(stale).toThrow(ConflictError)
  expect(loadStudy(db, study.id)!.document.name).toBe('Second')
  expect(documentAt(db, study.id, 1).name).toBe('First')
})

test('a table that is refused leaves the study as it was', () => {
  const study = empty('Kept')
  expect(() => importDataset(db, study.id, 'Bad', 'a,b')).toThrow('no row below')
  expect(loadStudy(db, study.id)).toEqual(study)
})

test('all is as it was after the file is closed and opened again', () => {
  const before = importDataset(db, empty('Again').id, 'Soundings', 'depth\n0.125\n0.25')!
  db.close()
  db = open()
  expect(loadStudy(db, before.id)).toEqual(before)
  expect(listStudies(db)).toHaveLength(1)
})

test('data of a newer version are not opened', () => {
  db.pragma('user_version = 99')
  db.close()
  expect(open).toThrow('written by a newer version')
  db = openDatabase(join(folder, 'other.sqlite'), migrations)
})

test('the demo loads, with its quantities set up and one of them shown', async () => {
  const study = await loadDemo(db, demoFile)
  const shown = study.document.quantities.find(({ id }) => id === study.document.shown)
  expect(shown).toMatchObject({ title: 'Revenue', style: { notation: 'scaled', rung: 6 } })
  expect(study.document.quantities[0]).toEqual(shown)
  expect(study.datasets.map(({ name }) => name)).toContain('Probes')
  expect(study.datasets.flatMap(({ columns }) => columns.filter(({ unread }) => unread.length > 0))).toEqual([])
})
