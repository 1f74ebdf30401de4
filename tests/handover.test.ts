import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { withoutHeader } from '../shared/exports/provenance'
import type { Study } from '../shared/study/study'
import { runCommand } from './lib/command'
import { type Program, removeFolder, startProgram } from './lib/program'

const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-handover-'))
const at = (name: string) => join(folder, name)
const study = at('trams.study.json')
const TABLE = 'stop,riders,fare (EUR)\nQuay,1250,2.5\nMill,830,3.25\nDock,2400,4\n'
let program: Program
beforeAll(async () => {
  program = await startProgram()
  const made = await fetch(`${program.url}/api/studies`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ name: 'Trams', table: { text: TABLE } }),
  })
  const { id } = (await made.json()) as Study
  writeFileSync(study, await (await fetch(`${program.url}/api/studies/${id}/file`)).text())
})
afterAll(async () => {
  await program.stop()
  removeFolder(program.data)
  removeFolder(folder)
})

const run = (...given: string[]) => runCommand(given)
const file = (name: string, text: string) => {
  writeFileSync(at(name), text)
  return at(name)
}

test.each(['module', 'style', 'csv', 'html'])(
  'the command gives the %s that the server gives',
  async (form) => {
    const studies = (await (await fetch(`${program.url}/api/studies`)).json()) as {
      id: string
      name: string
    }[]
    const { id } = studies.find(({ name }) => name === 'Trams')!
    const { document } = (await (await fetch(`${program.url}/api/studies/${id}`)).json()) as Study
    const quantity = document.quantities.find(({ column }) => column === 'riders')!
    const answer = await fetch(
      `${program.url}/api/studies/${id}/export?quantity=${quantity.id}&as=${form}`,
    )
    const [first] = ((await answer.json()) as { files: { text: string }[] }).files
    const { stdout } = run('export', study, '--as', form, '--quantity', 'riders')
    // The server knows the revision; a file does not. All else is the same.
    const [said, given] = [stdout, first!.text].map(withoutHeader)
    // A module is too long to be shown where it differs.
    expect([form, said === given]).toEqual([form, true])
  },
)

test('files are written with their proof, and a file is told that is no longer what the study gives', () => {
  const made = run('export', study, '--as', 'csv', '--quantity', 'riders', '--out', folder)
  expect(made.stdout).toContain('labels are those of the desk.')
  const csv = made.stdout.split('\n')[0]!
  const verify = () => run('export', study, '--as', 'csv', '--quantity', 'riders', '--verify', csv)
  expect(verify()).toMatchObject({ status: 0, stdout: `${csv} is what ${study} gives now.\n` })
  writeFileSync(csv, readFileSync(csv, 'utf8').replace('"2,400"', '"2,500"'))
  const { status, stdout } = verify()
  expect(status).toBe(1)
  expect(stdout).toContain('row 3: “2,500” there, “2,400” now')
})

test('what a study does not have is told in one line, with what it has', () => {
  expect(run('export', study, '--quantity', 'cars').stderr).toBe(
    `ivory-abacus: --quantity: there is no “cars” in ${study}; it has “riders”, “fare”\n`,
  )
  expect(run('export', study, '--surface', 'roof').status).toBe(2)
  expect(run().stderr).toBe('ivory-abacus: name a command; ivory-abacus --help lists them\n')
  expect(run('--version').stdout).toBe('0.1.0\n')
})

test('new rows are checked with the study’s styles, by the names of their columns', () => {
  const same = file('same.csv', TABLE)
  expect(run('check', study, '--data', same).status).toBe(run('check', study).status)
  const lacking = run('check', study, '--data', file('lacking.csv', 'stop,riders\nQuay,1\n'))
  expect(lacking.status).toBe(2)
  expect(lacking.stderr).toContain('the study needs the columns “fare (EUR)”, which are not there')
  const grown = run(
    'check',
    study,
    '--data',
    file(
      'grown.csv',
      TABLE.replace('1250', '1250000').replace('830', '830000').replace('2400', '2400000'),
    ),
  )
  expect(grown.status).toBe(1)
  expect(grown.stdout).toContain(
    'riders, table: error scale-changed: The middle value is 1000 times as large as in the study',
  )
  const words = run('check', study, '--data', file('words.csv', TABLE.replace('830', 'closed')))
  expect(words.stdout).toContain('error text-as-number: “closed” in row 2')
})

test('--fail-on says from which finding on a run fails', () => {
  const noted = file(
    'noted.csv',
    'stop,riders,fare (EUR)\nQuay,1250,2.5\nMill,830,3.25\nDock,2400.5,4\n',
  )
  const statusOf = (least: string) =>
    run('check', study, '--data', noted, '--fail-on', least).status
  expect([statusOf('error'), statusOf('note')]).toEqual([0, 1])
  expect(run('check', study, '--fail-on', 'loud').status).toBe(2)
})

test('a table comes out with a column of labels, and its numbers stay numbers', () => {
  const style = file('style.json', '{"notation": "scaled", "fraction": [0, 1]}')
  const table = file('in.csv', 'stop,riders\n=Quay,1250\nMill,n/a\n')
  const { status, stdout } = run('label', '--csv', table, '--column', 'riders', '--style', style)
  expect(status).toBe(0)
  expect(stdout).toBe("stop,riders,riders label\r\n'=Quay,1250,1.3K\r\nMill,n/a,–\r\n")
  expect(run('label', '--csv', table, '--column', 'stop', '--style', style).stderr).toContain(
    '“stop” in',
  )
  expect(run('label', '--csv', table).stderr).toBe(
    'ivory-abacus: label --csv takes --column NAME and --style FILE too\n',
  )
})
