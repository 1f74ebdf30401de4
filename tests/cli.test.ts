import { spawnSync } from 'node:child_process'
import { join } from 'node:path'
import { root } from './lib/program'

function run(command: string, input: unknown, ...options: string[]) {
  const text = typeof input === 'string' ? input : JSON.stringify(input)
  const { status, stdout, stderr } = spawnSync(process.execPath, [join(root, 'dist/cli/ivory-abacus.mjs'), command, ...options], { input: text, encoding: 'utf8' })
  return { status, stderr, output: stdout ? (JSON.parse(stdout) as unknown) : null }
}

test('label writes numbers and decimal text without loss', () => {
  const input = '{"style": {"notation": "scaled", "fraction": [0, 1]}, "values": [1500, "999950", null, -0.25]}'
  expect(run('label', input)).toMatchObject({ status: 0, output: { labels: ['1.5K', '1M', '–', '-0.3'] } })
  expect(run('label', '{"style": {}, "values": [12345678901234567890.5, 0.1]}').output).toEqual({ labels: ['12,345,678,901,234,567,890.5', '0.1'] })
})

test('label --parts adds the parts', () => {
  expect(run('label', { style: { unit: { kind: 'currency', code: 'EUR' } }, values: [-5] }, '--parts').output).toEqual({
    labels: ['-€5'], parts: [[{ type: 'minus', value: '-' }, { type: 'unit', value: '€' }, { type: 'integer', value: '5' }]],
  })
})

test('a quantity recorded in thousands is written in full', () => {
  expect(run('label', { style: { notation: 'scaled' }, values: [2500], quantity: { recorded: 3, kind: 'count' } }).output).toEqual({ labels: ['2.5M'] })
})

test('read gives plain decimal text, and tells what it cannot read', () => {
  const style = { notation: 'scaled', fraction: [0, 1] }
  expect(run('read', { style, labels: ['1.5K', '–', '2 apples', '-3M'] })).toMatchObject({
    status: 0, output: { values: ['1500', null, null, '-3000000'], problems: [{ at: 2, candidates: [] }] },
  })
})

test('ticks are exact and tell their step', () => {
  expect(run('ticks', { domain: [0, 0.25], step: '0.125' }).output).toEqual({
    step: '0.125',
    ticks: [
      { value: '0', label: '0.000', readsBack: '0' }, { value: '0.125', label: '0.125', readsBack: '0.125' }, { value: '0.25', label: '0.250', readsBack: '0.25' },
    ],
  })
})

test.each([
  ['label', '{"style": {"fractions": [0, 1]}, "values": []}', /style\.fractions: \[0,1\] is not allowed; there is no such field; the fields are notation/],
  ['label', '{"style": {"ladder": "tall"}, "values": []}', /style\.ladder: "tall" is not allowed; it takes short/],
  ['label', '{"style": {}, "values": [1, "x"]}', /values\[1\]: "x" is not a number/],
  ['label', '{"style": {}}', /values: /],
  ['label', 'nonsense', /no JSON/],
  ['ticks', '{"domain": [0, 1], "step": 0}', /step: 0 is not allowed/],
  ['ticks', '{"domain": [0, 1e9], "step": 1}', /more than 10000 ticks/],
  ['draw', '{}', /unknown command/],
])('%s refuses %s with one line and status 2', (command, input, message) => {
  const { status, stderr } = run(command, input)
  expect(status).toBe(2)
  expect(stderr.trim()).toMatch(message)
  expect(stderr.trim().split('\n')).toHaveLength(1)
})
