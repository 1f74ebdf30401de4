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

const NOW = new Date('2026-11-29T12:00:00Z')
const date = (number: number, moment: Date) =>
  db.prepare('UPDATE revision SET made_at = ? WHERE number = ?').run(moment.toISOString(), number)
const left = () =>
  db.prepare('SELECT number FROM revision ORDER BY number').pluck().all() as number[]
/** Makes a study with a change every half hour, the last of them now. */
function everyHalfHour(times: number): string {
  const id = changedStudy(times)
  for (let number = 1; number <= times + 1; number++)
    date(number, new Date(NOW.getTime() - (times + 1 - number) * 1_800_000))
  return id
}

test('the newest 200 changes are kept, and older ones are thinned to one an hour', () => {
  const id = everyHalfHour(340)
  expect(thinOut(db, NOW).revisions).toBeGreaterThan(30)
  const kept = left()
  // The day before the newest 200 is kept whole; before that, one an hour and their bases.
  expect(kept.filter((number) => number >= 142 - 48)).toHaveLength(200 + 48)
  expect(kept.filter((number) => number < 142 - 48).length).toBeLessThan(62)
  for (const number of kept)
    if (number > 1) expect(fractionAt(id, number)).toEqual([0, (number - 1) % 100])
  expect(thinOut(db, NOW)).toEqual({ revisions: 0, studies: 0 })
  expect(loadStudy(db, id)!.revision).toBe(341)
})

test('a clock ten years ahead deletes nothing, even after a change was saved with it', () => {
  everyHalfHour(190)
  const ahead = new Date('2036-11-29T12:00:00Z')
  expect(thinOut(db, ahead)).toEqual({ revisions: 0, studies: 0 })
  date(191, ahead)
  expect(thinOut(db, ahead).revisions).toBe(0)
  expect(left()).toHaveLength(191)
})

test('with more than 200 changes, a clock ten years ahead deletes no more than today’s', () => {
  const leftIn = (id: string) =>
    db.prepare('SELECT number FROM revision WHERE study_id = ? ORDER BY number').pluck().all(id)
  const [right, ahead] = [everyHalfHour(340), everyHalfHour(340)]
  db.prepare('UPDATE revision SET made_at = ? WHERE study_id = ? AND number = 341').run(
    '2036-11-29T12:00:00Z',
    ahead,
  )
  thinOut(db, new Date('2036-11-29T12:00:00Z'))
  expect(leftIn(ahead)).toEqual(leftIn(right))
  expect(leftIn(ahead).length).toBeGreaterThan(248)
})

test('a revision that has a name stays, listed with it, until the name is taken away', () => {
  const id = changedStudy(320)
  db.prepare('UPDATE revision SET made_at = ? WHERE number <= 121').run('2026-10-01T00:00:00Z')
  const now = new Date('2026-11-29T12:00:00Z')
  expect(nameRevision(db, id, 101, 'as printed')).toBe(true)
  expect(nameRevision(db, id, 999, 'no such')).toBe(false)
  thinOut(db, now)
  const named = () => listRevisions(db, id, 130).filter(({ name }) => name !== null)
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
  expect(left()).not.toContain(101)
})

test('a revision of which something was taken away stays', () => {
  const id = changedStudy(320)
  db.prepare('UPDATE revision SET made_at = ? WHERE number <= 121').run('2026-10-01T00:00:00Z')
  expect(noteTaken(db, id, 50, '2026-10-02T00:00:00Z')).toBe(true)
  expect(noteTaken(db, id, 999, '2026-10-02T00:00:00Z')).toBe(false)
  thinOut(db, new Date('2026-11-29T12:00:00Z'))
  const taken = listRevisions(db, id, 60).filter(({ takenAt }) => takenAt !== null)
  expect(taken.map(({ number }) => number)).toEqual([50])
  expect(fractionAt(id, 50)).toEqual([0, 49])
})

/** Makes a study with one change on each of the first days of November. */
function workedOn(days: number): string {
  const { id } = createStudy(db, newDocument('Kept'), 'Begin')
  for (let base = 1; base < days; base++)
    saveStudy(db, id, { base, document: newDocument(`Kept ${base}`), what: 'Change' })
  for (let number = 1; number <= days; number++)
    db.prepare('UPDATE revision SET made_at = ? WHERE study_id = ? AND number = ?').run(
      `2026-11-${String(number).padStart(2, '0')}T09:00:00Z`,
      id,
      number,
    )
  return id
}

test('a study removed a month ago is deleted, and its disk space is freed', () => {
  const id = changedStudy(400)
  db.prepare('UPDATE revision SET made_at = ?').run('2026-09-30T00:00:00Z')
  markRemoved(db, id, '2026-10-01T00:00:00Z')
  const kept = workedOn(8)
  markRemoved(db, kept, '2026-11-20T00:00:00Z')
  db.pragma('wal_checkpoint(TRUNCATE)')
  const before = statSync(path()).size
  expect(thinOut(db, NOW).studies).toBe(1)
  db.pragma('wal_checkpoint(TRUNCATE)')
  expect(statSync(path()).size).toBeLessThan(before)
  expect(db.prepare('SELECT id FROM study').pluck().all()).toEqual([kept])
})

test('a removed study is kept until seven days of work followed, whatever the clock says', () => {
  const id = changedStudy(1)
  db.prepare('UPDATE revision SET made_at = ?').run('2026-09-30T00:00:00Z')
  markRemoved(db, id, '2026-10-01T00:00:00Z')
  workedOn(6)
  expect(thinOut(db, new Date('2036-11-29T12:00:00Z')).studies).toBe(0)
})
