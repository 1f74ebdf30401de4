import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { openDatabase } from '../db/database'
import { migrations } from '../db/testing/migrations'
import { enterStyle, stylebook } from './book'

let folder: string
const own = process.env.IVORY_ABACUS_STYLEBOOK
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-'))))
afterEach(() => {
  rmSync(folder, { recursive: true, force: true })
  if (own === undefined) delete process.env.IVORY_ABACUS_STYLEBOOK
  else process.env.IVORY_ABACUS_STYLEBOOK = own
})
const open = () => openDatabase(join(folder, 'studies.sqlite'), migrations)
const inFolder = () => {
  const book = join(folder, 'styles')
  process.env.IVORY_ABACUS_STYLEBOOK = book
  return book
}

test.each([
  ['with the studies', () => null],
  ['in a folder', inFolder],
])('%s, a style has versions, one more for each change', (_, where) => {
  const place = where()
  const db = open()
  expect(enterStyle(db, 'Money', { sign: 'always' }).version).toBe(1)
  expect(enterStyle(db, 'Money', { sign: 'always' }).version).toBe(1)
  expect(enterStyle(db, 'Money', { sign: 'never' }).version).toBe(2)
  enterStyle(db, 'Area', {})
  const { entries, folder: told } = stylebook(db).read()
  expect(told).toBe(place)
  expect(entries).toEqual([
    { name: 'Area', version: 1, style: {} },
    { name: 'Money', version: 2, style: { sign: 'never' } },
  ])
  expect([stylebook(db).remove('Money'), stylebook(db).remove('Money')]).toEqual([true, false])
  expect(
    stylebook(db)
      .read()
      .entries.map(({ name }) => name),
  ).toEqual(['Area'])
})

test('a file is read as it stands, whoever wrote it; one that is no style is told, and no other is lost', () => {
  const book = inFolder()
  const db = open()
  enterStyle(db, 'Money', { zero: 'nil', sign: 'always' })
  expect(readdirSync(book)).toEqual(['Money.json'])
  expect(readFileSync(join(book, 'Money.json'), 'utf8')).toBe(
    '{\n  "version": 1,\n  "style": {\n    "sign": "always",\n    "zero": "nil"\n  }\n}\n',
  )
  writeFileSync(join(book, 'By hand.json'), '{"fraction": [0, 1]}')
  writeFileSync(join(book, 'Broken.json'), '{"sign": ')
  writeFileSync(join(book, 'Wrong.json'), '{"version": 2, "style": {"sign": "loud"}}')
  writeFileSync(join(book, 'notes.txt'), 'nothing')
  const { entries, troubles } = stylebook(db).read()
  expect(entries.map(({ name, version }) => `${name} ${version}`)).toEqual(['By hand 1', 'Money 1'])
  expect(troubles.map(({ file }) => file)).toEqual(['Broken.json', 'Wrong.json'])
  expect(troubles[1]!.message).toContain('"loud"')
})

test('a folder that is not there yet is made with the first style', () => {
  const book = inFolder()
  const db = open()
  expect([stylebook(db).read().entries, existsSync(book)]).toEqual([[], false])
  enterStyle(db, 'Money', {})
  expect(existsSync(book)).toBe(true)
})
