import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { inspectFile } from '../cli/inspect'
import { run } from './lib/command'
import { removeFolder, root } from './lib/program'

test('label writes numbers and decimal text without loss', () => {
  const input =
    '{"style": {"notation": "scaled", "fraction": [0, 1]}, "values": [1500, "999950", null, -0.25]}'
  expect(run('label', input)).toMatchObject({
    status: 0,
    output: { labels: ['1.5K', '1M', '–', '-0.3'] },
  })
  expect(run('label', '{"style": {}, "values": [12345678901234567890.5, 0.1]}').output).toEqual({
    labels: ['12,345,678,901,234,567,890.5', '0.1'],
  })
})

test('label --parts adds the parts', () => {
  expect(
    run('label', { style: { unit: { kind: 'currency', code: 'EUR' } }, values: [-5] }, '--parts')
      .output,
  ).toEqual({
    labels: ['-€5.00'],
    parts: [
      [
        { type: 'minus', value: '-' },
        { type: 'unit', value: '€' },
        { type: 'integer', value: '5' },
        { type: 'decimal', value: '.' },
        { type: 'fraction', value: '00' },
      ],
    ],
  })
})

test('label --spoken adds what a screen reader should say', () => {
  const style = { notation: 'scaled', fraction: [0, 1], unit: { kind: 'currency', code: 'EUR' } }
  expect(run('label', { style, values: [1234567, -1] }, '--spoken').output).toEqual({
    labels: ['€1.2M', '-€1'],
    spoken: ['1.2 million euros', 'minus 1 euro'],
  })
  expect(
    run('label', { style: { ...style, locale: 'fr' }, values: [1234567] }, '--spoken').output,
  ).toMatchObject({ spoken: ['1,2 million d’euros'] })
})

test('each row is written in the currency that it names, line by line too', () => {
  const style = { unit: { kind: 'currency', code: { column: 'money' } } }
  expect(
    run('label', { style, values: [5, 6, 7], rows: [{ money: 'EUR' }, { money: 'JPY' }, {}] })
      .output,
  ).toEqual({ labels: ['€5.00', '¥6', '7'] })
  const lines = [
    { style },
    { value: 5, row: { money: 'EUR' } },
    { value: 6, row: { money: 'USD' } },
    7,
  ]
    .map((one) => JSON.stringify(one))
    .join('\n')
  const { stdout } = spawnSync(
    process.execPath,
    [join(root, 'dist/cli/ivory-abacus.mjs'), 'label', '--lines'],
    { input: lines, encoding: 'utf8' },
  )
  expect(stdout).toBe('"€5.00"\n"$6.00"\n"7"\n')
})

test('a quantity recorded in thousands is written in full', () => {
  expect(
    run('label', {
      style: { notation: 'scaled' },
      values: [2500],
      quantity: { recorded: 3, kind: 'count' },
    }).output,
  ).toEqual({ labels: ['2.5M'] })
})

test('cases look at rows, and a title says the unit once', () => {
  const style = {
    factor: '1',
    cases: [
      {
        when: { column: 'kind', is: ['large'] },
        use: { factor: '0.001', unit: { kind: 'symbol', text: 'm³' } },
      },
    ],
  }
  expect(
    run('label', { style, values: [1500, 1500], rows: [{ kind: 'large' }, { kind: 'small' }] })
      .output,
  ).toEqual({ labels: ['1.5\u00a0m³', '1,500'] })
  const titled = {
    notation: 'scaled',
    rung: 'shared',
    unitAt: 'title',
    unit: { kind: 'currency', code: 'EUR' },
    fraction: [0, 1],
  }
  expect(run('label', { style: titled, values: [5e5, 2e6] }).output).toEqual({
    labels: ['0.5', '2'],
    title: '€ million',
  })
})

test('label --lines writes a label a line, and names the line that is wrong', () => {
  const lines = (...inputs: unknown[]) =>
    spawnSync(process.execPath, [join(root, 'dist/cli/ivory-abacus.mjs'), 'label', '--lines'], {
      input: inputs.map((one) => (typeof one === 'string' ? one : JSON.stringify(one))).join('\n'),
      encoding: 'utf8',
    })
  expect(
    lines(
      { style: { notation: 'scaled', fraction: [0, 1] } },
      1500,
      '"12345678901234567890"',
      { value: 2e6, row: { kind: 'x' } },
      null,
    ).stdout,
  ).toBe('"1.5K"\n"12.3Qt"\n"2M"\n"–"\n')
  expect(lines({ style: {} }, 'nonsense')).toMatchObject({
    status: 2,
    stderr: expect.stringContaining('line 2 is no JSON'),
  })
  expect(lines({ style: {} }, 1, '', '   ', '"x"', 2)).toMatchObject({
    status: 2,
    stdout: '"1"\n',
    stderr: expect.stringMatching(/^ivory-abacus: line 5: "x" is not a number/),
  })
  expect(lines({ style: { notation: 'scaled', rung: 'shared' } }, 1)).toMatchObject({
    status: 2,
    stderr: expect.stringContaining('style.rung: "shared" is decided over all values'),
  })
})

test('label --lines ends quietly where nobody reads on', () => {
  const command = join(root, 'dist/cli/ivory-abacus.mjs')
  const script = `(echo '{"style":{}}'; seq 1 300000) | "$0" "$1" label --lines | head -n 2; echo "\${PIPESTATUS[1]}"`
  const { stdout, stderr } = spawnSync('bash', ['-c', script, process.execPath, command], {
    encoding: 'utf8',
  })
  expect(stdout).toBe('"1"\n"2"\n0\n')
  expect(stderr).toBe('')
})

test.each([
  ['celsius', 'fahrenheit', [100, '-40', 36.6], ['212', '-40', '97.88']],
  ['kilogram', 'pound', [1], ['100000000/45359237']],
  ['foot', 'inch', ['1e3'], ['12000']],
])('convert gives %s in %s exactly', (from, to, values, expected) => {
  expect(run('convert', { from, to, values }).output).toEqual({ values: expected })
})
test.each([
  [
    { from: 'kilogram', to: 'meter', values: [1] },
    'kilogram measures mass and meter measures length',
  ],
  [{ from: 'RPM', to: 'meter', values: [1] }, 'from: "RPM" is no measure of CLDR'],
])('convert refuses %j and says why', (input, message) => {
  const { status, stderr } = run('convert', input)
  expect(status).toBe(2)
  expect(stderr).toContain(message)
})

test('a quantity’s measure is converted into that of the style, and read back', () => {
  const style = { locale: 'de', unit: { kind: 'measure', id: 'tonne', display: 'long' } }
  const quantity = { measure: 'kilogram', recorded: 3 }
  expect(run('label', { style, quantity, values: [1.5] }, '--spoken').output).toEqual({
    labels: ['1,5\u00a0Tonnen'],
    spoken: ['1,5 Tonnen'],
  })
  expect(run('read', { style, quantity, labels: ['1,5\u00a0Tonnen'] }).output).toMatchObject({
    values: ['1.5'],
  })
})

test('a million values go through --lines', () => {
  const million = 1_000_000
  const input = `{"style": {"notation": "scaled", "fraction": [0, 1]}}\n${Array.from({ length: million }, (_, at) => at * 37).join('\n')}`
  const { stdout } = spawnSync(
    process.execPath,
    [join(root, 'dist/cli/ivory-abacus.mjs'), 'label', '--lines'],
    { input, encoding: 'utf8', maxBuffer: 1 << 28 },
  )
  const labels = stdout.trimEnd().split('\n')
  expect([labels.length, labels[0], labels.at(-1)]).toEqual([million, '"0"', '"37M"'])
})

test.each([
  [{ locale: 'hi' }, 1234567.5, '12,34,567.5'],
  [
    { locale: 'de', unit: { kind: 'currency', code: 'EUR' }, fraction: [2, 2] },
    -1234.5,
    '-1.234,50\u00a0€',
  ],
  [{ locale: 'ar-EG' }, 1234, '١٬٢٣٤'],
  [{ locale: 'ar-EG-u-nu-latn' }, 1234, '1,234'],
  [
    { locale: 'fr', unit: { kind: 'currency', code: 'EUR', display: 'name' } },
    2,
    '2,00\u00a0euros',
  ],
  [{ locale: 'ja', notation: 'scaled', ladder: 'locale', fraction: [0, 1] }, 12345678, '1234.6万'],
])('labels in the region of %j', (style, value, label) => {
  const { labels } = run('label', { style, values: [value] }).output as { labels: string[] }
  expect(labels[0]!.replace(/\u202f| /g, '\u00a0')).toBe(label)
})

test('rungs lists a ladder', () => {
  const { rungs } = run('rungs', { ladder: 'short' }).output as { rungs: object[] }
  expect([rungs[0], rungs.at(-1)]).toEqual([
    { power: 3, symbol: 'K', word: 'thousand' },
    { power: 303, symbol: 'Ce', word: 'centillion' },
  ])
})

test('a bound reads back as an interval', () => {
  expect(
    run('read', { style: { under: '0.01', fraction: [0, 2] }, labels: ['<0.01', '0.5'] }).output,
  ).toEqual({ values: [{ from: null, to: '0.01' }, '0.5'], problems: [] })
})

test('read takes a label as a reader of another region would', () => {
  expect(
    run('read', { style: {}, labels: ['1.234', '1,5', '2 Billionen'], reader: 'de' }).output,
  ).toEqual({ values: ['1234', '1.5', '2000000000000'], problems: [] })
  expect(run('read', { style: {}, labels: ['1.234'], reader: 'fr' }).output).toEqual({
    values: [null],
    problems: [{ at: 0, candidates: ['1.234', '1234'] }],
  })
})

test('read gives plain decimal text, and tells what it cannot read', () => {
  const style = { notation: 'scaled', fraction: [0, 1] }
  expect(run('read', { style, labels: ['1.5K', '–', '2 apples', '-3M'] })).toMatchObject({
    status: 0,
    output: { values: ['1500', null, null, '-3000000'], problems: [{ at: 2, candidates: [] }] },
  })
})

test('inspect says what import would make of a file', () => {
  const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-inspect-'))
  const file = join(folder, 'trams.csv')
  writeFileSync(file, 'line;year;sales\nA1;2021;€1.2M\nB2;2022;(€950K)\nC3;2023;shut')
  const { status, ...answer } = run('inspect', '', file)
  const output = answer.output as Awaited<ReturnType<typeof inspectFile>>
  expect([status, output.rows]).toEqual([0, 3])
  expect(output.columns.map(({ name, role, rule }) => [name, role, rule])).toEqual([
    ['line', 'code', undefined],
    ['year', 'year', undefined],
    ['sales', 'number', 'with K M, minus as parentheses, in EUR'],
  ])
  expect(output.columns[2]).toMatchObject({
    unit: { kind: 'currency', code: 'EUR' },
    unread: [{ row: 3, text: 'shut' }],
    sample: [
      { text: '€1.2M', value: '1200000' },
      { text: '(€950K)', value: '-950000' },
    ],
  })
  expect(Object.keys(output.styles.sales as object)).toContain('axis')
  const none = run('inspect', '', join(folder, 'none.csv'))
  expect([none.status, none.stderr]).toEqual([
    2,
    expect.stringMatching(/none\.csv cannot be read: ENOENT/),
  ])
  removeFolder(folder)
})
