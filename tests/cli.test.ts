import { spawnSync } from 'node:child_process'
import { join } from 'node:path'
import { root } from './lib/program'

function run(command: string, input: unknown, ...options: string[]) {
  const text = typeof input === 'string' ? input : JSON.stringify(input)
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    [join(root, 'dist/cli/ivory-abacus.mjs'), command, ...options],
    { input: text, encoding: 'utf8' },
  )
  return { status, stderr, output: stdout ? (JSON.parse(stdout) as unknown) : null }
}

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
  ).toMatchObject({ spoken: ['1,2 million euros'] })
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
}, 60_000)

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

test('ticks are exact and tell their step', () => {
  expect(run('ticks', { domain: [0, 0.25], step: '0.125' }).output).toEqual({
    step: '0.125',
    ticks: [
      { value: '0', label: '0.000', readsBack: '0' },
      { value: '0.125', label: '0.125', readsBack: '0.125' },
      { value: '0.25', label: '0.250', readsBack: '0.25' },
    ],
  })
})

test('ticks count a constant, stand at powers, and carry small ones', () => {
  const tide = run('ticks', { domain: [-Math.PI, 3 * Math.PI], multipleOf: 'pi', step: '1/3' })
    .output as { step: string; ticks: { factor: string; label: string; readsBack: string }[] }
  expect(tide.step).toBe('1/3')
  expect(tide.ticks.map(({ label }) => label)).toEqual([
    '-π',
    '-2π/3',
    '-π/3',
    '0',
    'π/3',
    '2π/3',
    'π',
    '4π/3',
    '5π/3',
    '2π',
    '7π/3',
    '8π/3',
    '3π',
  ])
  expect(tide.ticks[1]).toMatchObject({
    factor: '-2/3',
    readsBack: expect.stringMatching(/^-2\.0943951023931954/),
  })
  expect(run('ticks', { domain: [1, 1000], kind: 'log' }).output).toMatchObject({
    step: null,
    ticks: [{ label: '1' }, { label: '10' }, { label: '100' }, { label: '1,000' }],
  })
  expect(run('ticks', { domain: [0, 1], step: 1, minor: true }).output).toMatchObject({
    minor: ['0.2', '0.4', '0.6', '0.8'],
  })
})

test('check names findings with their fixes, and ends with 1 where one is an error', () => {
  const eighths = run('check', {
    style: { fraction: [1, 1] },
    values: [0, 0.125, 0.25, 0.375],
    surface: 'axis',
  })
  expect(eighths).toMatchObject({
    status: 1,
    output: {
      findings: [
        {
          check: 'step-hidden',
          severity: 'error',
          fixes: [
            { title: 'Write 3 decimals', style: { fraction: [3, 3] } },
            { ticks: { step: '0.2' } },
          ],
        },
        { check: 'uneven-steps' },
        { check: 'misread' },
      ],
    },
  })
  expect(run('check', { style: {}, values: [0, 5], surface: 'axis' })).toEqual({
    status: 0,
    output: { findings: [] },
    stderr: '',
  })
})

test('check counts places among all values, the missing ones too, and sums what it is asked to', () => {
  const parts = {
    style: { fraction: [0, 0] },
    values: [3.4, null, 5.4, 2.4, 100],
    surface: 'table',
    selection: [0, 2, 3],
  }
  const { findings } = run('check', { ...parts, total: true }).output as {
    findings: { check: string; at: number[]; message: string }[]
  }
  expect(findings.find(({ check }) => check === 'does-not-add-up')).toMatchObject({
    at: [0, 2, 3],
    message: '“3”, “5” and “2” add up to 10, but their total is written “11”: 1 apart.',
  })
})

test('check reads as declared readers do, and against other surfaces', () => {
  const found = (more: object) =>
    (
      run('check', { style: {}, values: [1234], surface: 'table', ...more }).output as {
        findings: { check: string }[]
      }
    ).findings.map(({ check }) => check)
  expect(found({ readers: ['en', 'de'] })).toEqual(['unclear-marks'])
  expect(found({ others: [{ surface: 'axis', style: { increment: '100' } }] })).toEqual([
    'surfaces-disagree',
  ])
  expect(found({ quantity: { kind: 'count' } })).toEqual([])
})

test('labels are measured where a width is given, and ticks and styles sought that have room', () => {
  const crowded = run('check', {
    style: {},
    values: [0, 500000, 1000000, 1500000, 2000000],
    surface: 'axis',
    width: 200,
  }).output as { findings: { check: string; fixes: { title: string }[] }[] }
  expect(crowded.findings.find(({ check }) => check === 'crowded')!.fixes[0]!.title).toBe(
    'Write all with one symbol',
  )
  const [best] = (
    run('suggest', { domain: [0, 2e6], surface: 'axis', width: 400 }).output as {
      suggestions: object[]
    }
  ).suggestions
  expect(best).toMatchObject({
    labels: ['0.0M', '0.5M', '1.0M', '1.5M', '2.0M'],
    step: '500000',
    fontSize: 12,
    turned: false,
  })
  const ticks = (width: number, style?: object) =>
    (
      run('ticks', { domain: [0, 2e6], width, style }).output as { ticks: { label: string }[] }
    ).ticks.map(({ label }) => label)
  expect(ticks(400)).toEqual(['0.0M', '0.5M', '1.0M', '1.5M', '2.0M'])
  expect(ticks(150, {})).toEqual(['0', '1,000,000', '2,000,000'])
})

test('suggest gives styles with their labels, best first, in the region and form that are asked for', () => {
  const suggested = (input: object) =>
    (
      run('suggest', input).output as {
        suggestions: { labels: string[]; values: string[]; score: number; reasons: string[] }[]
      }
    ).suggestions
  const [best, next] = suggested({ domain: [0, 2e6], surface: 'axis' })
  expect(best).toMatchObject({
    labels: ['0.0M', '0.5M', '1.0M', '1.5M', '2.0M'],
    values: ['0', '500000', '1000000', '1500000', '2000000'],
  })
  expect(best!.score).toBeGreaterThanOrEqual(next!.score)
  expect(
    suggested({ values: [12345], surface: 'headline', locale: 'de', form: 'digits' })[0]!.labels,
  ).toEqual(['12.345'])
})

test.each([
  [
    'label',
    '{"style": {"fractions": [0, 1]}, "values": []}',
    /style\.fractions: \[0,1\] is not allowed; there is no such field; the fields are notation/,
  ],
  [
    'label',
    '{"style": {"ladder": "tall"}, "values": []}',
    /style\.ladder: "tall" is not allowed; it takes short/,
  ],
  ['label', '{"style": {}, "values": [1, "x"]}', /values\[1\]: "x" is not a number/],
  ['label', '{"style": {}}', /values: /],
  ['label', 'nonsense', /no JSON/],
  ['ticks', '{"domain": [0, 1], "step": 0}', /step: 0 is not allowed/],
  ['ticks', '{"domain": [0, 1e9], "step": 1}', /more than 10000 ticks/],
  ['ticks', '{"domain": [-1, 1], "kind": "log"}', /domain: a log axis cannot reach zero/],
  ['check', '{"style": {}, "values": [1], "surface": "wall"}', /surface: /],
  [
    'check',
    '{"style": {}, "values": [1], "surface": "table", "selection": [4]}',
    /selection: 4 is no place among 1 values/,
  ],
  ['suggest', '{"surface": "axis"}', /values: takes either values or a domain/],
  ['suggest', '{"values": [null], "surface": "axis"}', /values: all are missing/],
  ['draw', '{}', /unknown command/],
])('%s refuses %s with one line and status 2', (command, input, message) => {
  const { status, stderr } = run(command, input)
  expect(status).toBe(2)
  expect(stderr.trim()).toMatch(message)
  expect(stderr.trim().split('\n')).toHaveLength(1)
})
