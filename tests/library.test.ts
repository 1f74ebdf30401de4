import { execFileSync, spawnSync } from 'node:child_process'
import {
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  statSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { removeFolder, root } from './lib/program'

const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-library-'))
const project = join(folder, 'project')
const [LARGEST, SLOWEST] = [25 * 2 ** 20, 60_000]
let took: number

beforeAll(() => {
  execFileSync(process.execPath, [join(root, 'scripts/package.mjs')], { stdio: 'pipe' })
  const [archive] = JSON.parse(
    execFileSync('npm', ['pack', '--json', '--pack-destination', folder], {
      cwd: join(root, 'dist/package'),
      encoding: 'utf8',
    }),
  ) as { filename: string }[]
  mkdirSync(join(project, 'node_modules'), { recursive: true })
  writeFileSync(join(project, 'package.json'), '{"name": "charts", "type": "module"}')
  const began = performance.now()
  execFileSync(
    'npm',
    // Its one dependency stands here already: the test asks no registry.
    [
      'install',
      '--omit=peer',
      '--no-audit',
      '--no-fund',
      '--prefer-offline',
      '--install-links=false',
    ].concat(join(folder, archive!.filename), join(root, 'node_modules/zod')),
    { cwd: project, stdio: 'pipe' },
  )
  took = performance.now() - began
})
afterAll(() => removeFolder(folder))

/** Bytes of all files below a folder, as a disk keeps them. */
const sizeOf = (path: string): number =>
  readdirSync(path, { recursive: true, withFileTypes: true })
    .filter((one) => one.isFile())
    .reduce((sum, one) => sum + statSync(join(one.parentPath, one.name)).blocks * 512, 0)

test('it is installed soon, and is small', () => {
  expect(took).toBeLessThan(SLOWEST)
  expect(sizeOf(join(project, 'node_modules', 'ivory-abacus'))).toBeLessThan(LARGEST)
})

test('every line of its README says what it gives', () => {
  const readme = readFileSync(join(root, 'docs/library.md'), 'utf8')
  const code = /```js\n(import[\s\S]*?)```/.exec(readme)![1]!
  const told = [...code.matchAll(/^(?!import|const)(\S.*?) \/\/ (.+)$/gm)]
  const lines = told.map(([, call]) => `said.push(${call!})`).join('\n')
  const rest = code.replace(/^(?!import|const)\S.*$/gm, '')
  writeFileSync(
    join(project, 'readme.mjs'),
    `${rest}\nconst said = []\n${lines}\nconsole.log(JSON.stringify(said))`,
  )
  const said = JSON.parse(
    execFileSync(process.execPath, ['readme.mjs'], { cwd: project, encoding: 'utf8' }),
  ) as unknown[]
  expect(told.length).toBeGreaterThan(5)
  expect(said).toEqual(
    told.map(([, , gives]) => JSON.parse(gives!.replaceAll("'", '"')) as unknown),
  )
})

test('its types take what people write, and refuse a style that cannot be', () => {
  mkdirSync(join(project, 'node_modules/@types'), { recursive: true })
  symlinkSync(join(root, 'node_modules/@types/node'), join(project, 'node_modules/@types/node'))
  const begin = `import { check, labeller, readBack, suggest, type Style, ticks } from 'ivory-abacus'\n`
  const right = `const style: Style = { notation: 'scaled', locale: 'de' }
export const all: readonly string[] = [
  ...[1, 2].map((value) => labeller(style).label(value)), ...labeller(style).labels([1n, '2', null]),
  ...ticks({ domain: [0, '1e6'], count: 5 }).ticks.map(({ label }) => label),
  ...check({ style, values: [1], surface: 'axis' }).findings.map(({ check, severity, message }) => check + severity + message),
  ...suggest({ values: [1], surface: 'table' })[0]!.labels, String(readBack('1', style).value),
]
`
  const wrong = `labeller({ notation: 'loud' })
check({ style: {}, values: [1], surface: 'wall' })
ticks({ domain: [0, 1], step: [] })
suggest({ values: [1], surface: 'roof' })
`
  writeFileSync(join(project, 'right.ts'), begin + right)
  writeFileSync(join(project, 'wrong.ts'), begin + wrong)
  const told = spawnSync(
    process.execPath,
    [
      join(root, 'node_modules/typescript/bin/tsc'),
      ...['--noEmit', '--strict', '--module', 'nodenext', '--target', 'es2022'],
      ...['right.ts', 'wrong.ts'],
    ],
    { cwd: project, encoding: 'utf8' },
  ).stdout
  expect(told.match(/^\S+\.ts\(\d+/gm)).toEqual([2, 3, 4, 5].map((line) => `wrong.ts(${line}`))
  expect(told).toContain('\'"loud"\' is not assignable')
})

test('the command comes with it', () => {
  const { stdout } = spawnSync('npx', ['--no-install', 'ivory-abacus', 'label'], {
    cwd: project,
    input: '{"style": {"notation": "scaled", "locale": "pl"}, "values": [1500]}',
    encoding: 'utf8',
  })
  expect(stdout).toBe('{"labels":["1,5K"]}\n')
})
