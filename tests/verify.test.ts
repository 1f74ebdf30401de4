import { existsSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { archive, unpacked } from '../shared/exports/archive'
import { runCommand } from './lib/command'
import { removeFolder, startProgram } from './lib/program'

const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-verify-'))
const at = (name: string) => join(folder, name)
const [study, changed] = [at('demo.study.json'), at('changed.study.json')]
const AXIS = ['--quantity', 'Revenue', '--surface', 'axis']
/** A file that code of somebody else would leave behind if it ran. */
const trace = at('it-ran')
const LEAVES_TRACE = `;(await import('node:fs')).writeFileSync(${JSON.stringify(trace)}, '');`
let moduleFile: string
let packed: string

beforeAll(async () => {
  const program = await startProgram()
  const get = async (path: string) => (await fetch(program.url + path)).text()
  const [{ id }] = JSON.parse(await get('/api/studies')) as [{ id: string }]
  writeFileSync(study, await get(`/api/studies/${id}/file`))
  writeFileSync(changed, readFileSync(study, 'utf8').replace(/"rung": ?6/, '"rung":3'))
  await program.stop()
  removeFolder(program.data)
  const made = (form: string, ...more: string[]) =>
    runCommand(['export', study, '--as', form, ...more, '--out', folder]).stdout.split('\n')[0]!
  moduleFile = made('module', ...AXIS)
  packed = made('package')
})
afterAll(() => removeFolder(folder))

const verify = (form: string, file: string, against = study, ...more: string[]) =>
  runCommand(['export', against, '--as', form, ...more, '--verify', file])
const written = (name: string, content: string | Uint8Array) => {
  writeFileSync(at(name), content)
  return at(name)
}
const OTHER_CODE = 'it holds code that this version of Ivory Abacus does not write'

test('a module of another decision is read as data, and its labels are compared', () => {
  expect(verify('module', moduleFile, study, ...AXIS)).toMatchObject({ status: 0 })
  const { status, stdout } = verify('module', moduleFile, changed, ...AXIS)
  expect(status).toBe(1)
  expect(stdout).toMatch(/row 2: “€\d.*M” there, “€.*K” now/)
})

test.each<[string, (text: string) => string]>([
  ['at its end', (text) => `${text}${LEAVES_TRACE}\n`],
  ['before its data', (text) => `${LEAVES_TRACE}${text}`],
  ['among its data', (text) => text.replace('const ', `const own=${LEAVES_TRACE.slice(1, -1)},\n`)],
  ['in its runtime', (text) => text.replace(/export const label = /, `${LEAVES_TRACE}$&`)],
  ['in a template', (text) => text.replace(/"/, '`${' + LEAVES_TRACE.slice(1, -1) + '}`+"')],
])('code that somebody put into a module %s is not run', (_, tampered) => {
  const file = written('tampered.mjs', tampered(readFileSync(moduleFile, 'utf8')))
  // Against another decision too, where labels are asked for.
  for (const against of [study, changed]) {
    const { status, stdout } = verify('module', file, against, ...AXIS)
    expect({ status, stdout, ran: existsSync(trace) }).toEqual({
      status: 1,
      stdout: expect.stringContaining(OTHER_CODE) as string,
      ran: false,
    })
  }
})

test('code that somebody put into a package is not run, wherever it stands', () => {
  const files = unpacked(readFileSync(packed))
  for (const name of ['runtime.mjs', 'revenue/axis.mjs', 'messages.mjs']) {
    const tampered = files.map((file) => ({
      name: `package/${file.name}`,
      text: file.name === name ? `${file.text}${LEAVES_TRACE}` : file.text,
    }))
    const file = written('tampered.tgz', Buffer.from(archive(tampered), 'base64'))
    const { status } = verify('package', file)
    expect({ name, status, ran: existsSync(trace) }).toEqual({ name, status: 1, ran: false })
  }
})

test('a script that a package would run at its install is found', () => {
  const tampered = unpacked(readFileSync(packed)).map(({ name, text }) => ({
    name: `package/${name}`,
    text: name === 'package.json' ? text.replace('{', '{"scripts":{"install":"true"},') : text,
  }))
  const file = written('scripts.tgz', Buffer.from(archive(tampered), 'base64'))
  expect(verify('package', file)).toMatchObject({ status: 1 })
})

test('what is no package at all is told at once', () => {
  const { status, stdout } = verify('package', written('none.tgz', 'nothing'))
  expect({ status, stdout }).toMatchObject({
    status: 1,
    stdout: expect.stringContaining('it is no archive of a package') as string,
  })
})
