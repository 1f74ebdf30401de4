import { run } from './lib/command'

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
          also: [{ check: 'uneven-steps' }, { check: 'misread' }],
        },
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
    message: '“3”, “5” and “2” add up to 10, but their total is written “11”, 1 apart.',
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
    'Use one symbol for all',
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
