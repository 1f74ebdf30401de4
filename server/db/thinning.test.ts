import { mkdtempSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { newDocument } from '../../shared/study/document'
import { migrations } from './testing/migrations'
import { createStudy, loadStudy, saveStudy } from '../study/studies'
import { closeDatabase, type Db, openDatabase } from './database'
import { documentAt, listRevisions, nameRevision, noteTaken } from './revisions'
import { markRemoved } from './studies'
import { thinOut } from './thinning'

let folder: string
let db: Db
const path = () => join(folder, 'test.sqlite')
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-'))
  db = openDatabase(path(), migrations)
})
afterEach(() => {
  closeDatabase(db)
  rmSync(folder, { recursive: true, force: true })
})

/** A study that was changed so many times, each time another house style. */
function changedStudy(times: number): string {
  const { id } = createStudy(db, newDocument('Changed'), 'Begin')
  for (let base = 1; base <= times; base++)
    saveStudy(db, id, {
      base,
      document: { ...newDocument('Changed'), house: { fraction: [0, base % 100] } },
      what: `Change ${base}`,
    })
  return id
}
const fractionAt = (id: string, number: number) => documentAt(db, id, number).house.fraction

test('every revision is there as it was, whatever it leans on, at a tenth of its size', () => {
  const id = changedStudy(200)
  for (const number of [2, 63, 64, 65, 66, 130, 201])
    expect([number, fractionAt(id, number)]).toEqual([number, [0, (number - 1) % 100]])
  const sizes = db.prepare('SELECT sum(length(body)) FROM revision').pluck().get() as number
  expect(sizes / 201).toBeLessThan(40)
})

test('the last of each old hour and day stays, all of the last day, and the newest', () => {
  const id = changedStudy(120)
  const now = new Date('2026-11-29T12:00:00Z')
  const dated = db.prepare('UPDATE revision SET made_at = ? WHERE number = ?')
  /** Every half hour, back from now. */
  for (let number = 1; number <= 121; number++)
    dated.run(new Date(now.getTime() - (121 - number) * 1_800_000).toISOString(), number)
  expect(thinOut(db, now).revisions).toBeGreaterThan(30)
  const left = db.prepare('SELECT number FROM revision ORDER BY number').pluck().all() as number[]
  // The last day has 48 half hours and the moment itself; before it one an hour, and those leant
  // on.
  expect(left.filter((number) => number >= 73)).toHaveLength(49)
  expect(left.filter((number) => number < 73).length).toBeLessThan(40)
  for (const number of left)
    if (number > 1) expect(fractionAt(id, number)).toEqual([0, (number - 1) % 100])
  expect(thinOut(db, now)).toEqual({ revisions: 0, studies: 0 })
  expect(loadStudy(db, id)!.revision).toBe(121)
})

test('a revision that has a name stays, listed with it, until the name is taken away', () => {
  const id = changedStudy(120)
  db.prepare('UPDATE revision SET made_at = ?').run('2026-10-01T00:00:00Z')
  const now = new Date('2026-11-29T12:00:00Z')
  expect(nameRevision(db, id, 101, 'as printed')).toBe(true)
  expect(nameRevision(db, id, 999, 'no such')).toBe(false)
  thinOut(db, now)
  const named = () => listRevisions(db, id).filter(({ name }) => name !== null)
  expect(named()).toEqual([
    {
      number: 101,
      what: 'Change 100',
      madeAt: '2026-10-01T00:00:00Z',
      name: 'as printed',
      takenAt: null,
    },
  ])
  expect(fractionAt(id, 101)).toEqual([0, 0])
  expect(listRevisions(db, id, 101).every(({ number }) => number < 101)).toBe(true)
  nameRevision(db, id, 101, null)
  thinOut(db, now)
  expect(listRevisions(db, id).map(({ number }) => number)).not.toContain(101)
})

test('a revision of which something was taken away stays', () => {
  const id = changedStudy(120)
  db.prepare('UPDATE revision SET made_at = ?').run('2026-10-01T00:00:00Z')
  expect(noteTaken(db, id, 50, '2026-10-02T00:00:00Z')).toBe(true)
  expect(noteTaken(db, id, 999, '2026-10-02T00:00:00Z')).toBe(false)
  thinOut(db, new Date('2026-11-29T12:00:00Z'))
  const left = listRevisions(db, id).filter(({ takenAt }) => takenAt !== null)
  expect(left.map(({ number }) => number)).toEqual([50])
  expect(fractionAt(id, 50)).toEqual([0, 49])
})

test('a study that was removed a month ago leaves, and its room goes back to the disk', () => {
  const id = changedStudy(400)
  markRemoved(db, id, '2026-10-01T00:00:00Z')
  const kept = createStudy(db, newDocument('Kept'), 'Begin').id
  markRemoved(db, kept, '2026-11-20T00:00:00Z')
  db.pragma('wal_checkpoint(TRUNCATE)')
  const before = statSync(path()).size
  expect(thinOut(db, new Date('2026-11-29T12:00:00Z')).studies).toBe(1)
  db.pragma('wal_checkpoint(TRUNCATE)')
  expect(statSync(path()).size).toBeLessThan(before)
  expect(db.prepare('SELECT id FROM study').pluck().all()).toEqual([kept])
})
