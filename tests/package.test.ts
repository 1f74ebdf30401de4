import { execFileSync, spawnSync } from 'node:child_process'
import { mkdirSync, mkdtempSync, readFileSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { build } from 'esbuild'
import type { StudyFile } from '../shared/study/study'
import { runCommand } from './lib/command'
import { removeFolder, root, startBrowser, startProgram } from './lib/program'

const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-package-'))
const at = (...path: string[]) => join(folder, ...path)
const study = at('osprind.study.json')
let archive: string
let name: string
let byRow: string
beforeAll(async () => {
  const program = await startProgram()
  const get = async (path: string) => (await fetch(program.url + path)).text()
  const [first] = JSON.parse(await get('/api/studies')) as { id: string }[]
  writeFileSync(study, await get(`/api/studies/${first!.id}/file`))
  const sales = 'shop,amount,money\nQuay,1250.5,EUR\nMill,830,JPY\nDock,2400,USD\n'
  const made = await fetch(`${program.url}/api/studies`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ name: 'Sales', table: { text: sales } }),
  })
  const { id } = (await made.json()) as { id: string }
  const file = JSON.parse(await get(`/api/studies/${id}/file`)) as StudyFile
  const style = { unit: { kind: 'currency', code: { column: 'money' } } } as const
  const quantities = file.document.quantities.map((one) => ({ ...one, style, surfaces: {} }))
  const bySale = { ...file, document: { ...file.document, quantities } }
  writeFileSync(at('sales.study.json'), JSON.stringify(bySale))
  await program.stop()
  removeFolder(program.data)
  archive = packaged(study)
  // A project of somebody else, without a registry at hand.
  mkdirSync(at('project'))
  writeFileSync(at('project', 'package.json'), '{"name": "charts", "type": "module"}')
  execFileSync(
    'npm',
    ['install', '--offline', '--no-audit', '--no-fund', archive, packaged(at('sales.study.json'))],
    { cwd: at('project'), stdio: 'pipe' },
  )
  const { dependencies } = JSON.parse(readFileSync(at('project', 'package.json'), 'utf8')) as {
    dependencies: Record<string, string>
  }
  const names = Object.keys(dependencies)
  name = names.find((one) => one.startsWith('osprind'))!
  byRow = `${names.find((one) => one !== name)!}/amount`
})
afterAll(() => removeFolder(folder))

/** Makes the package of a study's file. @returns its path */
function packaged(file: string): string {
  const { stdout, stderr } = runCommand(['export', file, '--as', 'package', '--out', folder])
  expect(stderr).toBe('')
  return stdout.split('\n')[0]!
}

/** What a file of that project prints. */
function printed(file: string, code: string, ...flags: readonly string[]): unknown {
  writeFileSync(at('project', file), code)
  return JSON.parse(
    execFileSync(process.execPath, [...flags, file], {
      cwd: at('project'),
      encoding: 'utf8',
      stdio: ['ignore', 'pipe', 'pipe'],
    }),
  ) as unknown
}

test('npm installs the package offline, and its modules write the labels of the study', () => {
  expect(
    printed(
      'one.mjs',
      `import { label, labels, spoken, domain, isOutside } from '${name}/revenue'
       import { label as axis, ticks, tickValues } from '${name}/revenue/axis'
       console.log(JSON.stringify([
         label(1264000), labels([1e6, '2.5e6', 3_000_000n]), spoken(2e6), domain.length, isOutside(1e99),
         isOutside(null), label({ valueOf: () => 2e6 }), ticks.every(({ value, label: said }) => axis(value) === said), tickValues.length === ticks.length,
       ]))`,
    ),
  ).toEqual(['€1M', ['€1M', '€3M', '€3M'], '2 million euros', 2, true, false, '€2M', true, true])
})

test('its modules need no eval, no Node and no page, and stand frozen primordials', () => {
  const code = `
    for (const name of ['process', 'Buffer', 'fetch', 'setTimeout', 'Intl'])
      Object.defineProperty(globalThis, name, { get() { throw new Error(name + ' was used') } })
    const { label, spoken } = await import('${name}/revenue')
    console.log(JSON.stringify([label(1264000), label('1e300'), spoken(-2e6)]))`
  const plain = printed('plain.mjs', code)
  expect(plain).toMatchObject(['€1M', expect.stringContaining('M'), 'minus 2 million euros'])
  const flags = ['--frozen-intrinsics', '--disallow-code-generation-from-strings']
  expect(printed('frozen.mjs', code.replace(/for[\s\S]*?\}\)\n/, ''), ...flags)).toEqual(plain)
})

test('the same study gives the same bytes, and what differs is told', () => {
  const again = at('again')
  runCommand(['export', study, '--as', 'package', '--out', again])
  const [one, other] = [
    readFileSync(archive),
    readFileSync(join(again, archive.split('/').at(-1)!)),
  ]
  expect(one.equals(other)).toBe(true)
  const verify = (file: string) =>
    runCommand(['export', file, '--as', 'package', '--verify', archive])
  expect(verify(study)).toMatchObject({ status: 0 })
  const changed = at('changed.study.json')
  writeFileSync(changed, readFileSync(study, 'utf8').replace(/"rung": ?6/, '"rung":3'))
  const { status, stdout } = verify(changed)
  expect(status).toBe(1)
  expect(stdout).toMatch(/Revenue, quantity, row 1: “€\d.*M” there, “€.*K” now/)
  writeFileSync(at('none.tgz'), 'nothing')
  expect(
    runCommand(['export', study, '--as', 'package', '--verify', at('none.tgz')]).stdout,
  ).toContain('it is no archive of a package')
  expect(runCommand(['export', study, '--as', 'package']).stderr).toContain('--out FOLDER')
})

test('what people write compiles under strict types, and what would lose a unit does not', () => {
  const compile = (code: string) => {
    writeFileSync(at('project', 'use.mts'), code)
    return spawnSync(
      process.execPath,
      [
        join(root, 'node_modules/typescript/bin/tsc'),
        ...['--noEmit', '--strict', '--module', 'nodenext', '--target', 'es2022'],
        'use.mts',
      ],
      { cwd: at('project'), encoding: 'utf8' },
    ).stdout
  }
  expect(
    compile(`import { label, labels } from '${name}/revenue'
import { label as axis, tickValues } from '${name}/revenue/axis'
import { label as row, labelRow } from '${byRow}'
interface Axis { tickFormat(format: (value: number | { valueOf(): number }, at: number) => string): this; tickValues(values: Iterable<number | { valueOf(): number }>): this }
declare const y: Axis
interface Sale { readonly amount: number; readonly money: string }
const sales: readonly Sale[] = Object.freeze([{ amount: 1, money: 'EUR' }])
export const all: string[] = [
  ...[1, 2].map(label), ...([1n, '2', null] as const).map(label), ...labels(Object.freeze([1, 2])),
  ...sales.map((one) => row(one.amount, one)), ...sales.map(labelRow),
]
y.tickFormat(axis).tickValues(tickValues)
`),
  ).toBe('')
  expect(compile(`import { label } from '${byRow}'\n[1, 2].map(label)\n`)).toContain(
    'use.mts(2,12): error',
  )
  expect(compile(`import { label } from '${name}/revenue'\nlabel(true)\n`)).toContain('error')
  // A row is typed by its columns: one without its unit does not compile.
  expect(
    compile(
      `import { label, labelRow } from '${byRow}'\nlabel(5, {})\nlabelRow({ money: 'EUR' })\n`,
    ),
  ).toMatch(/use\.mts\(2,10\): error[\s\S]*money[\s\S]*use\.mts\(3,10\): error[\s\S]*amount/)
})

test('a label of a currency or a unit that the study did not know has its code, and none is without', () => {
  const rows = Array.from({ length: 10_000 }, (_, place) => ({
    amount: place * 1.37 - 500,
    money: `${String.fromCharCode(65 + (place % 26))}${String.fromCharCode(65 + ((place * 7) % 26))}Q`,
  }))
  expect(
    printed(
      'units.mjs',
      `import { label, labelRow, labels, spoken } from '${byRow}'
       const rows = ${JSON.stringify(rows)}
       const without = rows.filter((row, at) => !labelRow(row).includes(row.money))
       const told = (() => { try { return label(5) } catch (error) { return error.name + ': ' + error.message } })()
       const empty = (() => { try { return label(5, { money: '' }) } catch (error) { return error.name + ': ' + error.message } })()
       console.log(JSON.stringify([
         without, labels([5, 6], [{ money: 'EUR' }, { money: 'SHL' }]), spoken(6, { money: 'SHL' }),
         label(null, {}), empty, told,
       ]))`,
    ),
  ).toEqual([
    [],
    ['€5.00', 'SHL\u00a06.00'],
    'SHL 6.00',
    '–',
    'UnitError: The unit of this label stands in “money” of its row, which is empty.',
    'UnitError: The unit of this label stands in “money” of its row, and no row is given: label(value, row), or labelRow(row).',
  ])
})

test('an axis of d3 shows the labels of the desk in a page that is bundled from the package', async () => {
  // What a project of charts has anyway: the axis that draws, and types for it.
  const chart = `import { axisLeft } from 'd3-axis'
import { scaleLinear } from 'd3-scale'
import { select } from 'd3-selection'
import { label, tickValues, ticks } from '${name}/revenue/axis'
const y = scaleLinear([tickValues[0]!, tickValues.at(-1)!], [300, 20])
select(document.body).append('svg').attr('width', 200).attr('height', 320).append('g')
  .attr('transform', 'translate(100 0)')
  .call(axisLeft(y).tickFormat(label).tickValues(tickValues))
document.title = JSON.stringify(ticks.map((tick) => tick.label))
`
  const entry = at('project', 'axis.mts')
  writeFileSync(entry, chart)
  for (const one of ['d3-axis', 'd3-scale', 'd3-selection', '@types'])
    symlinkSync(join(root, 'node_modules', one), at('project', 'node_modules', one))
  const { stdout } = spawnSync(
    process.execPath,
    [
      join(root, 'node_modules/typescript/bin/tsc'),
      ...['--noEmit', '--strict', '--module', 'esnext', '--moduleResolution', 'bundler'],
      ...['--target', 'es2022', '--types', 'd3-axis', '--skipLibCheck', 'axis.mts'],
    ],
    { cwd: at('project'), encoding: 'utf8' },
  )
  expect(stdout).toBe('')
  const { outputFiles } = await build({
    entryPoints: [entry],
    bundle: true,
    format: 'iife',
    write: false,
  })
  const browser = await startBrowser()
  const page = await browser.newPage()
  await page.setContent('<!doctype html><body></body>')
  await page.addScriptTag({ content: outputFiles[0]!.text })
  const shown = await page.locator('.tick text').allTextContents()
  expect(shown).toEqual(JSON.parse(await page.title()))
  expect(shown.length).toBeGreaterThan(3)
  expect(new Set(shown.map((text) => text.replace(/\d+/, '0')))).toEqual(new Set(['€0M']))
  await browser.close()
})

test.each(['esbuild', 'rollup', 'vite'])(
  '%s drops what is not imported, and what stays is small',
  (bundler) => {
    const entry = at('project', 'chart.mjs')
    writeFileSync(entry, `import { label } from '${name}/revenue'\nconsole.log(label(1264000))`)
    const text = execFileSync(
      process.execPath,
      [
        join(root, 'tests/lib/bundle.mjs'),
        ...[bundler, entry, name, at('project', 'node_modules')],
      ],
      { cwd: at('project'), encoding: 'utf8' },
    )
    expect(text).not.toContain('million')
    expect(gzipSync(text).length).toBeLessThan(7500)
    writeFileSync(at('bundled.mjs'), text)
    expect(execFileSync(process.execPath, [at('bundled.mjs')], { encoding: 'utf8' })).toBe('€1M\n')
  },
)

test('headlines and sentences stay messages, which MessageFormat 2 formats as the desk does', () => {
  symlinkSync(
    join(root, 'node_modules/messageformat'),
    at('project', 'node_modules', 'messageformat'),
  )
  const said = printed(
    'messages.mjs',
    `import { MessageFormat } from 'messageformat'
     import { functionsFor, locales, messages, values } from '${name}/messages'
     import data from '${name}/messages.json' with { type: 'json' }
     console.log(JSON.stringify(Object.keys(messages).map((one) => [
       one, data.messages[one].says,
       new MessageFormat(locales[one], messages[one], { functions: functionsFor(one), bidiIsolation: 'none' }).format(values[one]),
     ])))`,
  ) as [name: string, desk: string, message: string][]
  expect(said.length).toBeGreaterThan(10)
  expect(said.map(([, , message]) => message)).toEqual(said.map(([, desk]) => desk))
  expect(said.map(([one]) => one)).toContain('revenue/headline')
})
