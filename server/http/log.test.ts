import { mkdtempSync, readFileSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { beginLog, LARGEST_LOG } from './log'

let folder: string
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-log-'))
})
afterEach(() => rmSync(folder, { recursive: true }))
const files = () => readdirSync(join(folder, 'logs')).sort()

test('lines are JSON with their time, also where somebody writes what looks like another', () => {
  beginLog(folder).info({ path: '/a\n{"msg":"forged"}' }, 'answered')
  const lines = readFileSync(join(folder, 'logs', 'ivory-abacus.log'), 'utf8')
    .trim()
    .split('\n')
  expect(lines).toHaveLength(1)
  expect(JSON.parse(lines[0]!)).toMatchObject({
    msg: 'answered',
    path: '/a\n{"msg":"forged"}',
    time: expect.stringMatching(/^\d{4}-\d\d-\d\dT/) as string,
  })
})

test('a full file goes behind the older ones, of which three are kept', () => {
  const log = beginLog(folder)
  const line = 'x'.repeat(LARGEST_LOG / 150)
  for (let at = 0; at < 1300; at++) log.info(line)
  expect(files()).toEqual([
    'ivory-abacus.log',
    'ivory-abacus.log.1',
    'ivory-abacus.log.2',
    'ivory-abacus.log.3',
  ])
})

test('a file keeps its size, whatever a line or an error holds', () => {
  const log = beginLog(folder)
  const err = new Error('m'.repeat(6_000_000))
  err.stack = `Error\n    at data:text/javascript,${'x'.repeat(6_000_000)}`
  for (let at = 0; at < 5; at++) {
    log.error({ err }, 'failed')
    log.info({ text: 'y'.repeat(7_000_000) }, 'long')
  }
  const sizes = files().map((file) => statSync(join(folder, 'logs', file)).size)
  expect(sizes.every((size) => size <= LARGEST_LOG)).toBe(true)
  const lines = readFileSync(join(folder, 'logs', 'ivory-abacus.log'), 'utf8')
    .trim()
    .split('\n')
  expect(lines).toHaveLength(10)
  expect(JSON.parse(lines[0]!)).toMatchObject({ msg: 'failed' })
  expect(JSON.parse(lines[1]!)).toMatchObject({ msg: 'a line was too long' })
})

test('where no folder can be made, nothing fails', () => {
  writeFileSync(join(folder, 'logs'), '')
  expect(() => beginLog(folder).info('told to nobody')).not.toThrow()
})
