import { part } from '../../core/testing/part'
import { datasetAs } from '../../shared/study/dataset'
import { newDocument } from '../../shared/study/document'
import { migrations } from '../db/testing/migrations'
import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { columnCells } from '../db/columns'
import { type Db, openDatabase } from '../db/database'
import { documentAt } from '../db/revisions'
import { thinOut } from '../db/thinning'
import { hasStudies, listStudies, markRemoved } from '../db/studies'
import { loadDemo } from './demo'
import { changeRole } from './roles'
import { copyStudy, studyFile, studyOfFile } from './file'
import { ConflictError, createStudy, importDataset, loadStudy, saveStudy } from './studies'

const demoFile = async (name: string) =>
  readFileSync(join(__dirname, '../../demo/study', name), 'utf8')

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

const empty = (name: string) => createStudy(db, newDocument(name), 'Begin')

test('a table becomes columns, and its numbers become quantities', () => {
  const study = importDataset(
    db,
    empty('Depths').id,
    'Soundings',
    'site,depth\nFarrow,0.125\nHolm,\nTarn,x\nGull,2\nHythe,3\nNorth,4',
  )!
  expect(study.document.quantities).toMatchObject([
    { column: 'depth', chart: { category: 'site' } },
  ])
  expect(study.document.shown).toBe(study.document.quantities[0]!.id)
  expect(study.datasets[0]!.columns[1]).toMatchObject({
    kind: 'number',
    encoding: 'float64',
    missing: 1,
    unread: [{ row: 3, text: 'x' }],
  })
  expect(columnCells(db, study.datasets[0]!.id, 'depth')).toEqual([0.125, null, null, 2, 3, 4])
})

test('no row stands without the one that it belongs to, and none outlives it', () => {
  const { id } = importDataset(db, empty('Depths').id, 'Soundings', 'site,depth\nFarrow,0.125')!
  const stray = db.prepare(
    "INSERT INTO revision (study_id, number, document, what, made_at) VALUES ('nobody', 1, '{}', 'Begin', '2026-11-28T00:00:00Z')",
  )
  expect(() => stray.run()).toThrow(/FOREIGN KEY/)
  db.prepare('DELETE FROM study WHERE id = ?').run(id)
  for (const table of ['revision', 'dataset', 'dataset_column'])
    expect(db.prepare(`SELECT count(*) AS rows FROM ${table}`).get()).toEqual({ rows: 0 })
})

test('digits that a double would lose are kept as text', () => {
  const study = importDataset(db, empty('Long').id, 'Long', 'n\n12345678901234567890.5\n0.1')!
  expect(study.datasets[0]!.columns[0]!.encoding).toBe('json')
  expect(columnCells(db, study.datasets[0]!.id, 'n')).toEqual(['12345678901234567890.5', '0.1'])
})

test('every save is a revision; one made on an old revision is refused and loses nothing', () => {
  const study = empty('First')
  const saved = saveStudy(db, study.id, {
    base: 1,
    document: { ...study.document, name: 'Second' },
    what: 'Rename',
  })!
  expect(saved.revision).toBe(2)
  const stale = () =>
    saveStudy(db, study.id, {
      base: 1,
      document: { ...study.document, name: 'Third' },
      what: 'Rename',
    })
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
  expect(
    study.datasets.flatMap(({ columns }) => columns.filter(({ unread }) => unread.length > 0)),
  ).toEqual([])
})

const SOUNDINGS = 'site,depth\nFarrow,0.125\nHolm,\nTarn,12345678901234567890.5\nGull,2'
const cellsOf = (study: { id: string; datasets: readonly { id: string }[] }) =>
  ['site', 'depth'].map((name) => columnCells(db, study.datasets[0]!.id, name))

test('a study is copied with its data, and the copy goes its own way', () => {
  const study = importDataset(db, empty('Depths').id, 'Soundings', SOUNDINGS)!
  const copy = copyStudy(db, study.id)!
  expect([
    copy.document.name,
    copy.datasets[0]!.id === study.datasets[0]!.id,
    cellsOf(copy),
  ]).toEqual(['Depths, a copy', false, cellsOf(study)])
  expect(copy.document.quantities.map(({ datasetId }) => datasetId)).toEqual([copy.datasets[0]!.id])
  saveStudy(db, copy.id, {
    base: copy.revision,
    document: { ...copy.document, house: { locale: 'de' } },
    what: 'Change the copy',
  })
  expect(loadStudy(db, study.id)!.document.house).toEqual({})
  expect(copyStudy(db, 'nobody')).toBeUndefined()
})

test('a study goes to a file and comes back without losing a digit, twice if need be', () => {
  const study = importDataset(db, empty('Depths').id, 'Soundings', SOUNDINGS)!
  const file = JSON.parse(JSON.stringify(studyFile(db, study.id))) as NonNullable<
    ReturnType<typeof studyFile>
  >
  const [once, twice] = [studyOfFile(db, file), studyOfFile(db, file)]
  expect([cellsOf(once), cellsOf(twice)]).toEqual([cellsOf(study), cellsOf(study)])
  expect(cellsOf(once)[1]![2]).toBe('12345678901234567890.5')
  expect(once.document.quantities[0]!.datasetId).toBe(once.datasets[0]!.id)
})

test('what is removed is gone from the list, and comes back as it was', () => {
  const study = importDataset(db, empty('Depths').id, 'Soundings', SOUNDINGS)!
  expect(markRemoved(db, study.id, '2026-01-01T00:00:00Z')).toBe(true)
  expect([listStudies(db), loadStudy(db, study.id), hasStudies(db)]).toEqual([[], undefined, true])
  markRemoved(db, study.id, null)
  expect(loadStudy(db, study.id)).toEqual(study)
  expect(markRemoved(db, 'nobody', null)).toBe(false)
})

test('a save whose answer got lost is no conflict with oneself, but is one for others', () => {
  const study = empty('Lost')
  const save = (name: string, base: number, key: string, lost: string[] = []) =>
    saveStudy(db, study.id, { base, document: newDocument(name), what: name, key, lost })!
  expect(save('one', 1, 'a').revision).toBe(2)
  // The same once more, and then the next, by somebody who knows revision 1 alone.
  expect(save('one', 1, 'a').revision).toBe(2)
  expect(save('two', 1, 'b', ['a']).revision).toBe(3)
  expect(save('three', 1, 'c', ['a', 'b']).revision).toBe(4)
  expect(loadStudy(db, study.id)!.document.name).toBe('three')
  expect(() => save('other', 1, 'x')).toThrow(ConflictError)
  expect(() => save('other', 2, 'x', ['b'])).toThrow(ConflictError)
  expect(() => save('ahead', 9, 'x')).toThrow(ConflictError)
})

test('a column of numbers is taken for codes and back, each way a revision of its own', () => {
  const study = importDataset(
    db,
    empty('Lines').id,
    'Lines',
    'stop,line,riders\nQuay,12,900\nMill,7,80.5',
  )!
  const [dataset] = study.datasets
  const at = { studyId: study.id, datasetId: dataset!.id }
  const columnsOf = ({ document }: typeof study) => document.quantities.map(({ column }) => column)
  const asCode = changeRole(db, at, { column: 'line', role: 'code' })!
  expect(columnsOf(asCode)).toEqual(['riders'])
  expect(datasetAs(asCode.datasets[0]!, asCode.document).columns[1]).toMatchObject({
    kind: 'text',
    reading: { role: 'code' },
  })
  expect(asCode.document.quantities[0]).toMatchObject({ id: asCode.document.shown })
  const back = changeRole(db, at, { column: 'line', role: 'ratio' })!
  expect(columnsOf(back)).toEqual(['riders', 'line'])
  expect(back.document.quantities[1]).toMatchObject({ kind: 'ratio', chart: { aggregate: 'mean' } })
  const file = studyFile(db, study.id)!
  const copy = studyOfFile(db, JSON.parse(JSON.stringify(file)) as typeof file)
  expect(copy.document.roles).toEqual([
    { datasetId: copy.datasets[0]!.id, column: 'line', role: 'ratio' },
  ])
  expect(() => changeRole(db, at, { column: 'stop', role: 'number' })).toThrow(
    'No cell of “stop” is a number as it stands',
  )
  expect(() => changeRole(db, at, { column: 'x', role: 'code' })).toThrow('There is no column “x”')
})

test('ten thousand edits of the demo take less than 5 MB, thinned or of one day', async () => {
  const { id } = await loadDemo(db, demoFile)
  // What is acknowledged need not outlive the machine here.
  db.pragma('synchronous = OFF')
  const size = () => {
    db.pragma('wal_checkpoint(TRUNCATE)')
    return statSync(join(folder, 'test.sqlite')).size
  }
  const before = size()
  const { document, revision } = loadStudy(db, id)!
  const edits = part(500, 10_000)
  for (let at = 0; at < edits; at++) {
    const changed = at % document.quantities.length
    const quantities = document.quantities.map((one, place) =>
      place === changed
        ? {
            ...one,
            style: { ...one.style, rung: at % 12, fraction: [0, at % 9] as [number, number] },
          }
        : one,
    )
    const what = `Revenue: decimals, at most ${at % 9} decimals`
    saveStudy(db, id, { base: revision + at, document: { ...document, quantities }, what })
  }
  const grown = () => size() - before
  expect(grown()).toBeLessThan(200_000 + 480 * edits)
  db.prepare('UPDATE revision SET made_at = ? WHERE number < ?').run(
    '2026-10-01T00:00:00Z',
    revision + edits - 200,
  )
  thinOut(db)
  expect(grown()).toBeLessThan(400_000)
}, 600_000)
