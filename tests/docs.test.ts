import { spawnSync } from 'node:child_process'
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { checks } from '../core/checks'
import { newDocument } from '../shared/study/document'
import { readTable } from '../shared/import/table'
import { USUAL_SIZE } from '../shared/page/layout'
import { pageSnapshot } from '../shared/page/snapshot'
import { startOfTable } from '../shared/page/start'
import { type Program, removeFolder, root, startProgram } from './lib/program'

/** What the documents show as done is done, and gives what they show. */
const GUIDE = join(root, 'docs/guide')
const DOCUMENTS = [
  join(root, 'README.md'),
  ...readdirSync(GUIDE)
    .filter((name) => name.endsWith('.md'))
    .map((name) => join(GUIDE, name)),
]
const read = (path: string) => readFileSync(path, 'utf8')
const COMMAND = join(root, 'dist/cli/ivory-abacus.mjs')

interface Shown {
  readonly line: string
  /** The answer that stands below it; undefined where none does. */
  readonly answer: string | undefined
}
/** The lines of a document that call the command, each with the answer shown below. */
const shownIn = (text: string): Shown[] =>
  [...text.matchAll(/```sh\n([\s\S]*?)```/g)].flatMap(([, block]) => {
    const lines = block!.trim().split('\n')
    return lines.flatMap((line, at) => {
      if (!line.includes('ivory-abacus')) return []
      const next = lines[at + 1]
      return [{ line, answer: next?.startsWith('# ') ? next.slice(2) : undefined }]
    })
  })
/** The examples below the help of every command. */
function examplesOfHelp(): Shown[] {
  const help = (name: string) =>
    spawnSync(process.execPath, [COMMAND, name, '--help'], { encoding: 'utf8' }).stdout
  const names = [...help('').matchAll(/^ {2}([a-z]+) /gm)].map(([, name]) => name!)
  return names
    .filter((name) => name !== 'help')
    .flatMap((name) => help(name).split('Examples:\n')[1]?.trim().split('\n') ?? [])
    .map((line) => ({ line: line.trim(), answer: undefined }))
}

let folder: string
let program: Program
beforeAll(async () => {
  program = await startProgram()
  folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-'))
  const [study] = (await (await fetch(`${program.url}/api/studies`)).json()) as { id: string }[]
  const file = await (await fetch(`${program.url}/api/studies/${study!.id}/file`)).text()
  const write = (name: string, text: string) => writeFileSync(join(folder, name), text)
  write('study.json', file)
  write('osprind.study.json', file)
  write('in.csv', 'site,revenue\nHolm,1739346.2\nVik,980000')
  write('harvest.csv', 'site,kg\nHolm,1739.5\nVik,980')
  write(
    'chart.svg',
    '<svg xmlns="http://www.w3.org/2000/svg" width="300" height="240">' +
      [0, 1, 2, 3]
        .map(
          (at) =>
            `<path d="M50 ${200 - 50 * at}h-5"/><text text-anchor="end" x="40" y="${204 - 50 * at}">${at},000</text>`,
        )
        .join('')
        .replace('>0,000<', '>0<') +
      '</svg>',
  )
  write('table.html', '<table><tr><th>Site<th>kg<tr><td>Holm<td>1,200<tr><td>Vik<td>950</table>')
  write('style.json', '{"notation": "scaled", "fraction": [0, 1]}')
  const run = (line: string) => spawnSync('bash', ['-c', withCommand(line)], { cwd: folder })
  // What others of the lines verify and give as new data.
  const { datasets } = JSON.parse(file) as {
    datasets: { columns: { name: string; cells: unknown[] }[] }[]
  }
  const { columns } = datasets[0]!
  const rows = columns[0]!.cells.map((_, at) => columns.map(({ cells }) => cells[at] ?? '').join())
  write('new.csv', [columns.map(({ name }) => name).join(), ...rows].join('\n'))
  mkdirSync(join(folder, 'src'))
  run('ivory-abacus export study.json --as csv > labels.csv')
})
afterAll(async () => {
  await program.stop()
  removeFolder(program.data)
  removeFolder(folder)
})

/** A line with the command at hand under its name. */
const withCommand = (line: string) =>
  `ivory-abacus() { "${process.execPath}" "${COMMAND}" "$@"; }; ${line.replaceAll('node dist/cli/ivory-abacus.mjs', 'ivory-abacus')}`

test('every line that README, guide and help show runs, and answers what they show', () => {
  const shown = [...DOCUMENTS.flatMap((path) => shownIn(read(path))), ...examplesOfHelp()]
  expect(shown.length).toBeGreaterThan(25)
  for (const { line, answer } of shown) {
    const { status, stdout, stderr } = spawnSync('bash', ['-c', withCommand(line)], {
      cwd: folder,
      encoding: 'utf8',
    })
    // A check that finds something has done its work.
    const ends = / (?:check|proof)\b/.test(line) ? [0, 1] : [0]
    expect({ line, status: ends.includes(status!) ? 'done' : status, stderr }).toEqual({
      ...{ line, status: 'done', stderr: '' },
    })
    if (answer !== undefined)
      expect({ line, stdout: stdout.trim() }).toEqual({ line, stdout: answer })
  }
})

test('README says how many checks there are', () =>
  expect(read(join(root, 'README.md'))).toContain(`It has ${checks.length} checks.`))

test('everything that the guide puts into a message says something', () => {
  const { document, dataset, cellsOf } = startOfTable(
    'dives',
    readTable('site,depth,depth m,laid\nHolm,12,4,2026-03-01\nVik,7.5,9,2026-04-12'),
    () => ({}),
  )
  const inputs = [...read(join(GUIDE, '7-words.md')).matchAll(/`(\{[^`]+\})`/g)].map(
    ([, one]) => one!,
  )
  expect(inputs.length).toBeGreaterThan(12)
  const quantity = document.quantities.find(({ column }) => column === 'depth')!
  const others = document.quantities.filter((one) => one !== quantity)
  for (const sentence of inputs.filter((one) => !/\$(name|value)\b/.test(one))) {
    const own = { ...quantity, texts: { sentence } }
    const page = pageSnapshot({
      ...{
        document: { ...newDocument('Dives'), quantities: [own, ...others] },
        quantity: own,
        dataset,
      },
      ...{ regions: {}, cellsOf, size: USUAL_SIZE, machine: false },
    })
    const { text, problems } = page['said.sentence']
    expect({ sentence, problems }).toEqual({ sentence, problems: [] })
    expect(text).not.toMatch(/[{}]|^$/)
  }
})

test('the page on what ships names every package with its licence and version, and no other', () => {
  const { dependencies } = JSON.parse(read(join(root, 'package.json'))) as {
    dependencies: Record<string, string>
  }
  const told = [
    ...read(join(root, 'docs/dependencies.md')).matchAll(
      /^\| `([^`]+)`\s+\| (\S+)\s+\| (\S+)\s+\| \d{4}-\d\d-\d\d \| \S/gm,
    ),
  ].map(([, name, version, licence]) => ({ name, version, licence }))
  const installed = Object.keys(dependencies).map((name) => {
    const own = JSON.parse(read(join(root, 'node_modules', name, 'package.json'))) as {
      version: string
      license: string
    }
    return { name, version: own.version, licence: own.license }
  })
  const byName = (a: { name?: string | undefined }, b: { name?: string | undefined }) =>
    a.name!.localeCompare(b.name!)
  expect(told.sort(byName)).toEqual(installed.sort(byName))
})
