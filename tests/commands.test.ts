import { spawn, spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { createInterface } from 'node:readline'
import { EXAMPLES } from '../cli/examples'
import { isExhaustive } from '../core/testing/part'
import { runCommand } from './lib/command'
import { changed, type Draw, drawing, oneOf } from './lib/mutations'
import { removeFolder, root, startProgram } from './lib/program'

const RUNS = isExhaustive ? 5000 : 300
const SLOWEST = isExhaustive ? 2000 : 10_000
jest.setTimeout(isExhaustive ? 1_800_000 : 300_000)

const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-commands-'))
const at = (name: string) => join(folder, name)
let study: unknown
beforeAll(async () => {
  const program = await startProgram()
  const [first] = (await (await fetch(`${program.url}/api/studies`)).json()) as { id: string }[]
  study = await (await fetch(`${program.url}/api/studies/${first!.id}/file`)).json()
  writeFileSync(at('study.json'), JSON.stringify(study))
  writeFileSync(at('in.csv'), 'site,revenue\nFarrow,1200000\nHolm,3.5e6\n')
  await program.stop()
  removeFolder(program.data)
})
afterAll(() => removeFolder(folder))

/** What the examples of commands of JSON send, by the command. */
const sent = Object.entries(EXAMPLES).flatMap(([name, lines]) =>
  lines.flatMap((line) => {
    const json = /^echo '(.+)' \|/.exec(line)?.[1]
    return json ? [{ name, input: JSON.parse(json) as unknown }] : []
  }),
)
const OPTIONS = [
  '--parts',
  '--spoken',
  '--lines',
  '--format',
  'sarif',
  '--as',
  'csv',
  '-',
  '--width',
]
const TABLES = ['a,b\n1,2\n', '', '\u0000', '[{"a": 1}', '<table><tr><td>1', 'a;b\n1,5;2\n']

interface Call {
  readonly given: readonly string[]
  readonly input: string
}
/** A call whose input, options or file went wrong. */
function call(draw: Draw, number: number): Call {
  const odd = () => (draw(5) === 0 ? [oneOf(draw, OPTIONS), oneOf(draw, OPTIONS)] : [])
  const cut = (text: string) => (draw(15) === 0 ? text.slice(0, draw(text.length)) : text)
  const file = (text: string) => {
    const path = at(`in-${number % 10}.json`)
    writeFileSync(path, text)
    return path
  }
  const kinds: (() => Call)[] = [
    () => {
      const { name, input } = oneOf(draw, sent)
      return { given: [name, ...odd()], input: cut(JSON.stringify(changed(input, draw))) }
    },
    () => ({
      given: [
        oneOf(draw, ['check', 'export']),
        file(cut(JSON.stringify(changed(study, draw)))),
        ...odd(),
      ],
      input: '',
    }),
    () => ({ given: ['inspect', file(cut(oneOf(draw, TABLES))), ...odd()], input: '' }),
    () => ({
      given: [
        ...['label', '--csv', file(cut(oneOf(draw, TABLES))), '--column', oneOf(draw, ['a', 'x'])],
        ...['--style', file(JSON.stringify(changed({ notation: 'scaled' }, draw)))],
      ],
      input: '',
    }),
  ]
  // Most of what people type is JSON of a command.
  return oneOf(draw, [kinds[0]!, kinds[0]!, kinds[0]!, ...kinds.slice(1)])()
}

interface End {
  readonly status?: number
  readonly crash?: string
  readonly ms: number
  readonly output: number
  readonly errors: string
}
test(`none of ${RUNS} calls that went wrong crashes, is slow, or is refused in more than a line`, async () => {
  const child = spawn(process.execPath, [join(root, 'tests/lib/manyCommands.mjs')], {
    stdio: ['pipe', 'pipe', 'inherit'],
  })
  const ends = createInterface({ input: child.stdout })[Symbol.asyncIterator]()
  const draw = drawing(20261130)
  const statuses = new Map<number | undefined, number>()
  for (let number = 0; number < RUNS; number++) {
    const { given, input } = call(draw, number)
    // Standard input is not asked for: nobody would answer there.
    const { value } = await (child.stdin.write(
      `${JSON.stringify({ given: given.filter((one) => one !== '-'), input })}\n`,
    ),
    ends.next() as Promise<IteratorResult<string, string>>)
    const end = JSON.parse(value) as End
    const told = `${given.join(' ')} ${input.slice(0, 300)}`
    expect([told, end.crash]).toEqual([told, undefined])
    expect([told, end.ms < SLOWEST]).toEqual([told, true])
    if (end.status === 2)
      expect([told, end.errors]).toEqual([told, expect.stringMatching(/^ivory-abacus: .*\w.*\n$/)])
    else expect([told, end.errors]).toEqual([told, ''])
    statuses.set(end.status, (statuses.get(end.status) ?? 0) + 1)
  }
  child.stdin.end()
  expect([...statuses.keys()]).toEqual(expect.arrayContaining([0, 1, 2]))
  console.info(Object.fromEntries(statuses))
})

test('a shell completes commands, options and what they may be', () => {
  const script = runCommand(['completion', 'bash']).stdout
  const completed = (...words: string[]) =>
    spawnSync(
      'bash',
      [
        '-c',
        `${script}\nCOMP_WORDS=(ivory-abacus ${words.map((word) => `'${word}'`).join(' ')}); COMP_CWORD=${words.length}; _ivory_abacus; echo "\${COMPREPLY[*]}"`,
      ],
      { encoding: 'utf8' },
    ).stdout.trim()
  expect(completed('ex')).toBe('export')
  expect(completed('export', '--as', 'mod')).toBe('module')
  expect(completed('check', '--fail-on', '')).toBe('error warning note')
  expect(completed('check', '--fa')).toBe('--fail-on')
  for (const shell of ['zsh', 'fish'])
    expect(runCommand(['completion', shell]).stdout).toContain('ivory-abacus')
})

test('- is standard input where a file is taken', () => {
  const table = readFileSync(at('in.csv'), 'utf8')
  const { stdout } = runCommand(['inspect', '-', '--as', 'csv'], table)
  expect((JSON.parse(stdout) as { rows: number }).rows).toBe(2)
  const study = readFileSync(at('study.json'), 'utf8')
  expect(runCommand(['export', '-', '--as', 'style'], study)).toMatchObject({ status: 0 })
})

test('an output that takes nothing ends in one line, and one that is closed in none', () => {
  const piped = (to: string) =>
    spawnSync(
      'sh',
      [
        '-c',
        `echo '{"ladder":"short"}' | ${process.execPath} ${join(root, 'dist/cli/ivory-abacus.mjs')} rungs ${to}`,
      ],
      { encoding: 'utf8' },
    )
  const full = piped('> /dev/full')
  expect([full.status, full.stderr.trim().split('\n').length]).toEqual([2, 1])
  expect(full.stderr).toContain('the output cannot be written')
  expect(piped('| true').stderr).toBe('')
})

test('a style that says what its numbers are recorded in is enough for a table', () => {
  writeFileSync(
    at('pounds.json'),
    JSON.stringify({
      quantity: { measure: 'kilogram', recorded: 3 },
      unit: { kind: 'measure', id: 'pound' },
      fraction: [1, 1],
    }),
  )
  writeFileSync(at('weights.csv'), 'site,n\nHolm,70\n')
  const given = ['label', '--csv', at('weights.csv'), '--column', 'n', '--style', at('pounds.json')]
  expect(runCommand(given).stdout).toContain('Holm,70,"154,323.6 lb"')
  // Where the file says nothing, the header of the column does.
  writeFileSync(
    at('plain.json'),
    JSON.stringify({ unit: { kind: 'measure', id: 'pound' }, fraction: [1, 1] }),
  )
  writeFileSync(at('named.csv'), 'site,n (kg)\nHolm,70\n')
  const named = [
    'label',
    '--csv',
    at('named.csv'),
    '--column',
    'n (kg)',
    '--style',
    at('plain.json'),
  ]
  expect(runCommand(named).stdout).toContain('Holm,70,154.3 lb')
})
