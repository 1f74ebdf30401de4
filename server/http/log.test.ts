import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
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

test('where no folder can be made, nothing fails', () => {
  writeFileSync(join(folder, 'logs'), '')
  expect(() => beginLog(folder).info('told to nobody')).not.toThrow()
})
