import {
  copyFileSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { newDocument } from '../../shared/study/document'
import { migrations } from './testing/migrations'
import { createStudy, loadStudy, saveStudy } from '../study/studies'
import { columnCells } from './columns'
import { backUpDaily, DATABASE, isSound, listBackups, restoreBackup } from './backups'
import { changing, closeDatabase, openDatabase } from './database'
import { holdFolder } from './lock'
import { listStudies } from './studies'
import { StorageError, storageTrouble } from './trouble'

let folder: string
const path = () => join(folder, DATABASE)
const open = () => openDatabase(path(), migrations)
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-'))))
afterEach(() => rmSync(folder, { recursive: true, force: true }))

/** A database of one study, closed. */
function filled(name: string): void {
  const db = open()
  createStudy(db, newDocument(name), 'Begin')
  closeDatabase(db)
}
const namesIn = () => {
  const db = open()
  const names = listStudies(db).map(({ name }) => name)
  closeDatabase(db)
  return names
}

test('a folder is held by one, who is named to the next, until it is let go', () => {
  const letGo = holdFolder(folder, 'http://127.0.0.1:4317')
  expect(() => holdFolder(folder, 'elsewhere')).toThrow(
    `It is in use by process ${process.pid}, at http://127.0.0.1:4317.`,
  )
  letGo()
  holdFolder(folder, 'elsewhere')()
})

test('a file that was closed is whole without the files beside it', () => {
  filled('Harvest')
  expect(readdirSync(folder)).toEqual([DATABASE])
  const copy = join(folder, 'copy.sqlite')
  copyFileSync(path(), copy)
  expect(isSound(copy)).toBe(true)
})

test('a change that fails leaves nothing, also within another', () => {
  const db = open()
  expect(() =>
    changing(db, () => {
      createStudy(db, newDocument('Half'), 'Begin')
      throw new Error('no')
    }),
  ).toThrow('no')
  expect(listStudies(db)).toEqual([])
  closeDatabase(db)
})

test('each day has one backup, the last seven are kept, and each is sound', () => {
  const db = open()
  createStudy(db, newDocument('Harvest'), 'Begin')
  for (let day = 1; day <= 9; day++) {
    const now = new Date(`2026-11-0${day}T08:00:00Z`)
    expect(backUpDaily(db, folder, now)).toBe(`ivory-abacus-2026-11-0${day}.sqlite`)
    expect(backUpDaily(db, folder, now)).toBeNull()
  }
  closeDatabase(db)
  const names = listBackups(folder).map(({ name }) => name)
  expect(names.sort()).toEqual(
    [3, 4, 5, 6, 7, 8, 9].map((day) => `ivory-abacus-2026-11-0${day}.sqlite`),
  )
  expect(names.every((name) => isSound(join(folder, 'backups', name)))).toBe(true)
})

test('setting the clock ahead and back deletes no backup of another day', () => {
  const db = open()
  const names = () => listBackups(folder).map(({ name }) => name.slice(13, 23))
  const days = (month: string, from: number, to: number) =>
    Array.from(
      { length: to - from + 1 },
      (_, at) => `${month}-${String(from + at).padStart(2, '0')}`,
    )
  const backUpOn = (day: string) => backUpDaily(db, folder, new Date(`${day}T12:00:00Z`))
  const [first, ahead] = [days('2026-11', 1, 7), days('2027-11', 1, 9)]
  for (const day of [...first, ...ahead]) backUpOn(day)
  expect(names().sort()).toEqual([...first, ...ahead.slice(2)])
  for (const day of days('2026-11', 8, 9)) backUpOn(day)
  expect(names().sort()).toEqual([...days('2026-11', 3, 9), ...ahead.slice(2)])
  closeDatabase(db)
})

test('a broken link is listed with the backups, but cannot be restored', () => {
  const db = open()
  const name = backUpDaily(db, folder)!
  closeDatabase(db)
  symlinkSync(join(folder, 'nowhere'), join(folder, 'backups', 'ivory-abacus-link.sqlite'))
  expect(
    listBackups(folder)
      .map((one) => one.name)
      .sort(),
  ).toEqual([name, 'ivory-abacus-link.sqlite'])
  expect(() => restoreBackup(folder, 'ivory-abacus-link.sqlite')).toThrow('There is no backup')
})

test('a backup is brought back, and what stood there is moved aside', () => {
  const db = open()
  createStudy(db, newDocument('First'), 'Begin')
  const name = backUpDaily(db, folder)!
  createStudy(db, newDocument('Second'), 'Begin')
  closeDatabase(db)
  const aside = restoreBackup(folder, name)!
  expect(namesIn()).toEqual(['First'])
  copyFileSync(aside, path())
  expect(namesIn().sort()).toEqual(['First', 'Second'])
  expect(() => restoreBackup(folder, '../ivory-abacus-x.sqlite')).toThrow(StorageError)
  writeFileSync(join(folder, 'backups', 'ivory-abacus-bad.sqlite'), 'no database')
  expect(() => restoreBackup(folder, 'ivory-abacus-bad.sqlite')).toThrow('is damaged itself')
})

test('a damaged file, one that is no database and one of a newer version are each told', () => {
  filled('Harvest')
  const bytes = readFileSync(path())
  const told = () => {
    try {
      closeDatabase(open())
      return null
    } catch (error) {
      return storageTrouble(error)?.message
    }
  }
  const damaged = Buffer.from(bytes)
  // Pages behind the schema, which a file opens with.
  damaged.fill(0x5a, 3 * 4096)
  writeFileSync(path(), damaged)
  expect(told()).toContain('is damaged')
  writeFileSync(path(), 'a text of more than a hundred characters'.repeat(40))
  expect(told()).toContain('is no database')
  writeFileSync(path(), bytes)
  const db = open()
  db.pragma('user_version = 99')
  closeDatabase(db)
  expect(told()).toContain('The data were written by a newer version (form 99')
  expect(existsSync(path())).toBe(true)
})

test.each(migrations.map((_, at) => at + 1).slice(0, -1))(
  'a database of form %i is upgraded, and its studies are what they were',
  (form) => {
    const older = openDatabase(path(), migrations.slice(0, form))
    const document = { ...newDocument('Old'), house: { fraction: [0, form] } }
    older.exec(
      `INSERT INTO study (id, name, revision, changed_at) VALUES ('one', 'Old', 1, '2026-01-01');
       INSERT INTO dataset (id, study_id, position, name, row_count, notices) VALUES ('d', 'one', 0, 'Depths', 1, '[]');
       INSERT INTO dataset_column (dataset_id, position, name, kind, reason, encoding, missing, unread, body)
         VALUES ('d', 0, 'depth', 'number', 'Number', 'json', 0, '[]', CAST('["0.1"]' AS BLOB)),
           ('d', 1, 'laid', 'text', 'Dates: day, month, year', 'json', 0, '[]', CAST('["1.2.2031"]' AS BLOB)),
           ('d', 2, 'double', 'number', 'Made: depth times 2', 'json', 0, '[]', CAST('["0.2"]' AS BLOB))`,
    )
    older
      .prepare(
        `INSERT INTO revision (study_id, number, document, what, made_at) VALUES ('one', 1, ?, 'Begin', '2026-01-01')`,
      )
      .run(JSON.stringify(document))
    closeDatabase(older)
    const db = open()
    expect(loadStudy(db, 'one')).toMatchObject({
      revision: 1,
      document,
      datasets: [
        {
          rowCount: 1,
          columns: ['earlier', 'dates', 'derivedEarlier'].map((code) => ({ reason: { code } })),
        },
      ],
    })
    expect(columnCells(db, 'd', 'depth')).toEqual(['0.1'])
    saveStudy(db, 'one', { base: 1, document: newDocument('New'), what: 'Go on' })
    expect(loadStudy(db, 'one')!.document.name).toBe('New')
    closeDatabase(db)
  },
)

test('an upgrade is preceded by a backup of the older form', () => {
  const older = openDatabase(path(), migrations.slice(0, 2))
  older.exec(
    `INSERT INTO study (id, name, revision, changed_at) VALUES ('one', 'Old', 1, '2026-01-01')`,
  )
  closeDatabase(older)
  const forms: number[] = []
  closeDatabase(openDatabase(path(), migrations, (_, form) => forms.push(form)))
  expect(forms).toEqual([2])
  expect(namesIn()).toEqual(['Old'])
})
