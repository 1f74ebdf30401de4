import { execFileSync } from 'node:child_process'
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  truncateSync,
  writeFileSync,
} from 'node:fs'
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

describe('files in the folder that are not styles', () => {
  const troubleOf = (db: ReturnType<typeof open>, file: string) =>
    stylebook(db)
      .read()
      .troubles.find((one) => one.file === file)?.message
  const secret = () => {
    const path = join(folder, 'secret.json')
    writeFileSync(path, '{"fraction": [0, 7], "password": "kelp"}')
    return path
  }

  test('links out of the folder, broken links, FIFOs and devices are refused by name', () => {
    const book = inFolder()
    const db = open()
    enterStyle(db, 'Money', {})
    symlinkSync(secret(), join(book, 'Out.json'))
    symlinkSync(join(book, 'nowhere'), join(book, 'Lost.json'))
    mkdirSync(join(book, 'Folder.json'))
    execFileSync('mkfifo', [join(book, 'Pipe.json')])
    symlinkSync('/dev/zero', join(book, 'Device.json'))
    expect(troubleOf(db, 'Out.json')).toBe(
      'it links to a file outside the folder, so it was not read',
    )
    expect(troubleOf(db, 'Device.json')).toBe(
      'it links to a file outside the folder, so it was not read',
    )
    expect(troubleOf(db, 'Lost.json')).toBe('it links to a file that does not exist')
    expect(troubleOf(db, 'Folder.json')).toBe('it is not a file, so it was not read')
    expect(troubleOf(db, 'Pipe.json')).toBe('it is not a file, so it was not read')
    expect(
      stylebook(db)
        .read()
        .entries.map(({ name }) => name),
    ).toEqual(['Money'])
  })

  test('a link to a style in the folder is read as that style', () => {
    const book = inFolder()
    const db = open()
    enterStyle(db, 'Money', { sign: 'always' })
    symlinkSync('Money.json', join(book, 'Also.json'))
    const { entries, troubles } = stylebook(db).read()
    expect(troubles).toEqual([])
    expect(entries).toContainEqual({ name: 'Also', version: 1, style: { sign: 'always' } })
  })

  test('a file that is too long is refused by its size without being read', () => {
    const book = inFolder()
    const db = open()
    enterStyle(db, 'Money', {})
    writeFileSync(join(book, 'Huge.json'), '')
    truncateSync(join(book, 'Huge.json'), 2 ** 40)
    expect(troubleOf(db, 'Huge.json')).toBe(
      'it has 1099511627776 bytes; a style has at most 1048576',
    )
  })

  test('no message quotes a file that is not a style', () => {
    const book = inFolder()
    const db = open()
    enterStyle(db, 'Money', {})
    writeFileSync(join(book, 'Key.json'), 'PRIVATE KEY kelp')
    writeFileSync(join(book, 'Login.json'), '{"password": "kelp"}')
    writeFileSync(join(book, 'List.json'), '["kelp"]')
    writeFileSync(join(book, 'Told.json'), '{"version": 1, "style": {"password": "kelp"}}')
    expect(troubleOf(db, 'Key.json')).toBe('it is not valid JSON')
    const { troubles } = stylebook(db).read()
    expect(troubles).toHaveLength(4)
    expect(troubles.map(({ message }) => message).join()).not.toMatch(/kelp|password/)
  })

  test('saving a style replaces a link and leaves its target as it is', () => {
    const book = inFolder()
    const db = open()
    mkdirSync(book)
    const path = secret()
    symlinkSync(path, join(book, 'Money.json'))
    symlinkSync(path, join(book, '.Money.draft'))
    enterStyle(db, 'Money', { sign: 'always' })
    expect(readFileSync(path, 'utf8')).toContain('kelp')
    expect(stylebook(db).read().entries).toEqual([
      { name: 'Money', version: 1, style: { sign: 'always' } },
    ])
  })
})
