import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Ajv from 'ajv'
import draft4 from 'ajv/lib/refs/json-schema-draft-04.json'
import type { StudyFile, StudySummary } from '../shared/study/study'
import { runCommand } from './lib/command'
import { type Program, removeFolder, root, startProgram } from './lib/program'

const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-report-'))
const path = join(folder, 'osprind.study.json')
let program: Program
let file: StudyFile
beforeAll(async () => {
  program = await startProgram()
  const [study] = (await (await fetch(`${program.url}/api/studies`)).json()) as StudySummary[]
  const text = await (await fetch(`${program.url}/api/studies/${study!.id}/file`)).text()
  file = JSON.parse(text) as StudyFile
  writeFileSync(path, text)
})
afterAll(async () => {
  await program.stop()
  removeFolder(program.data)
  removeFolder(folder)
})

const run = (...given: string[]) => runCommand(['check', ...given])
interface Reported {
  quantity: string
  surface: string
  check: string
  severity: string
  message: string
  fixes: string[]
  left?: string
}
const findings = () =>
  (JSON.parse(run(path, '--format', 'json').stdout) as { findings: Reported[] }).findings

test('a study’s file is checked: each finding on a line, with its numbers and what mends it', () => {
  const { status, stdout } = run(path)
  expect(status).toBe(1)
  expect(stdout).toContain(
    'Revenue, axis: error step-hidden: The axis goes up by 250,000, but readers see steps of 0 or 1,000,000',
  )
  expect(stdout).toContain('(Write 2 decimals; or: Set the step to 1,000,000)')
  expect(stdout).toMatch(/\n\d+ errors, \d+ warnings, \d+ notes\n$/)
})

test('a page as narrow as a phone is checked where that is asked', () => {
  const crowdedAt = (...width: string[]) => {
    const { stdout } = run(path, '--format', 'json', ...width)
    const told = (JSON.parse(stdout) as { findings: Reported[] }).findings
    return told.filter(({ check }) => check === 'crowded').length
  }
  expect(crowdedAt('--width', '200')).toBeGreaterThan(crowdedAt())
})

test('SARIF keeps to its schema and names rule, level, place and file', () => {
  const { status, stdout } = run(path, '--format', 'sarif')
  expect(status).toBe(1)
  const ajv = new Ajv({ schemaId: 'id', meta: false, unknownFormats: 'ignore', logger: false })
  ajv.addMetaSchema(draft4)
  const holds = ajv.compile(
    JSON.parse(readFileSync(join(__dirname, 'schemas/sarif-2.1.0.json'), 'utf8')) as object,
  )
  const log = JSON.parse(stdout) as {
    runs: { results: { ruleId: string; level: string; locations: object[] }[] }[]
  }
  holds(log)
  expect(holds.errors).toBe(null)
  expect(holds({ ...log, version: '9' })).toBe(false)
  const [first] = log.runs[0]!.results
  expect(first).toMatchObject({
    ruleId: 'step-hidden',
    level: 'error',
    locations: [
      {
        physicalLocation: { artifactLocation: { uri: 'osprind.study.json' } },
        logicalLocations: [{ fullyQualifiedName: 'Revenue/axis' }],
      },
    ],
  })
})

test('findings stand in the lines of their quantity, and keep their names where lines move', () => {
  const resultsOf = (file: string) =>
    (
      JSON.parse(run(file, '--format', 'sarif').stdout) as {
        runs: {
          results: {
            locations: { physicalLocation: { region: { startLine: number; endLine: number } } }[]
            partialFingerprints: { 'finding/v1': string }
          }[]
        }[]
      }
    ).runs[0]!.results
  const text = readFileSync(path, 'utf8')
  const moved = path.replace('.study', '-moved.study')
  writeFileSync(moved, text.replace('{\n', '{\n\n\n'))
  const [results, later] = [resultsOf(path), resultsOf(moved)]
  const names = results.map(({ partialFingerprints }) => partialFingerprints['finding/v1'])
  expect(new Set(names).size).toBe(names.length)
  expect(later.map(({ partialFingerprints }) => partialFingerprints['finding/v1'])).toEqual(names)
  const { startLine, endLine } = results[0]!.locations[0]!.physicalLocation.region
  expect(later[0]!.locations[0]!.physicalLocation.region.startLine).toBe(startLine + 2)
  const lines = text.split('\n').slice(startLine - 1, endLine)
  const quantity = JSON.parse(lines.join('\n').replace(/,\s*$/, '')) as { title: string }
  expect(quantity.title).toBe('Revenue')
})

test('what was left with a reason fails no run, and is reported with the reason', () => {
  const errors = findings().filter(({ severity }) => severity === 'error')
  const quantities = file.document.quantities.map((one) => ({
    ...one,
    left: errors
      .filter(({ quantity }) => quantity === one.title)
      .map(({ surface, check }) => ({ surface: surface as never, check, reason: 'A draft' })),
  }))
  const calm = join(folder, 'calm.json')
  writeFileSync(calm, JSON.stringify({ ...file, document: { ...file.document, quantities } }))
  const { status, stdout } = run(calm)
  expect([status, stdout.includes('step-hidden')]).toEqual([0, false])
  expect(stdout).toMatch(new RegExp(`0 errors, .*; ${errors.length} left with a reason\n$`))
  const sarif = JSON.parse(run(calm, '--format', 'sarif').stdout) as {
    runs: { results: { suppressions?: { justification: string }[] }[] }[]
  }
  expect(
    sarif.runs[0]!.results.filter(
      ({ suppressions }) => suppressions?.[0]?.justification === 'A draft',
    ),
  ).toHaveLength(errors.length)
})

test('cells that are text stay text in a file, and are found there', () => {
  const [first] = file.document.quantities
  const datasets = file.datasets.map((one) => ({
    ...one,
    columns: one.columns.map((column) =>
      one.id === first!.datasetId && column.name === first!.column
        ? { ...column, unread: [{ row: 2, text: '1.2M' }] }
        : column,
    ),
  }))
  const dirty = join(folder, 'dirty.json')
  writeFileSync(dirty, JSON.stringify({ ...file, datasets }))
  expect(run(dirty).stdout).toMatch(/table: error text-as-number: “1\.2M” in row \d/)
})

test.each([
  [['nowhere.json'], 'nowhere.json cannot be read: ENOENT'],
  [
    [join(root, 'package.json')],
    /package\.json: format: is missing; it takes "ivory-abacus study"/,
  ],
  [['--format', 'xml', 'x.json'], '--format takes text, json, sarif; it was xml'],
  [['--width', '5', 'x.json'], '--width takes 160 to 10000 pixels; it was 5'],
])('%j is refused with one line and status 2', (given, message) => {
  const { status, stderr } = run(...given)
  expect(status).toBe(2)
  expect(stderr.trim().split('\n')).toHaveLength(1)
  expect(stderr).toMatch(message)
})
