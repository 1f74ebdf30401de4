import { toNumber } from '../../core/decimal/decimal'
import { readText } from './testing/readers'

/** An axis with ticks, its labels at even places from the bottom upwards or along the bottom. */
function chart(
  labels: readonly string[],
  side: 'left' | 'bottom',
  places?: readonly number[],
): string {
  const at = (i: number) => places?.[i] ?? i / (labels.length - 1)
  const ticks = labels.map((label, i) => {
    const [x, y] = side === 'left' ? [60, 260 - 220 * at(i)] : [60 + 300 * at(i), 260]
    return side === 'left'
      ? `<g><line x1="60" x2="55" y1="${y}" y2="${y}" stroke="#000"/><text x="50" y="${y + 3.5}" text-anchor="end" font-size="10">${label}</text></g>`
      : `<g><line y1="260" y2="265" x1="${x}" x2="${x}" stroke="#000"/><text x="${x}" y="277" text-anchor="middle" font-size="10">${label}</text></g>`
  })
  return `<svg xmlns="http://www.w3.org/2000/svg" width="420" height="300">${ticks.join('')}</svg>`
}

test.each<[string, readonly number[], string, readonly string[]]>([
  ['0e+00 2e+05 4e+05 6e+05', [0, 2e5, 4e5, 6e5], 'linear', []],
  ['0_kg 5_kg 10_kg 15_kg', [0, 5, 10, 15], 'linear', []],
  ['($10M) ($5M) $0 $5M', [-1e7, -5e6, 0, 5e6], 'linear', []],
  ['0_W 500_MW 1_GW 1.5_GW', [0, 5e8, 1e9, 1.5e9], 'linear', ['mixed-rungs']],
  ['0 0.5m 1.0m 1.5m', [0, 0.5, 1, 1.5], 'linear', []],
  ['500k 1m 1.5m 2m', [5e5, 1e6, 1.5e6, 2e6], 'linear', ['mixed-rungs']],
  ['10⁰ 10¹ 10² 10³', [1, 10, 100, 1000], 'log', []],
  ['0% 25% 50% 75%', [0, 0.25, 0.5, 0.75], 'linear', []],
  ['0 0 1 1 2', [0, 0.5, 1, 1.5, 2], 'linear', ['step-hidden']],
  ['۰ ۱٬۰۰۰ ۲٬۰۰۰ ۳٬۰۰۰', [0, 1000, 2000, 3000], 'linear', []],
  ['0 1_लाख 2_लाख 3_लाख', [0, 1e5, 2e5, 3e5], 'linear', []],
  ['0 ¥50万 ¥100万 ¥150万', [0, 5e5, 1e6, 1.5e6], 'linear', []],
  ['$0bn $1bn $2bn $3bn', [0, 1e9, 2e9, 3e9], 'linear', []],
  ['0K 500K 1,000K 1,500K', [0, 5e5, 1e6, 1.5e6], 'linear', ['rung-overflow']],
  ['0 1_000 2_000 3_000', [0, 1000, 2000, 3000], 'linear', []],
  ['0,0 0,5 1,0 1,5', [0, 0.5, 1, 1.5], 'linear', []],
  ['0 500 1.000 1.500', [0, 500, 1000, 1500], 'linear', []],
  ['40 30 20 10 0', [40, 30, 20, 10, 0], 'linear', []],
  ['0 10 20 35 40', [0, 10, 20, 30, 40], 'linear', ['misplaced']],
  ['2,018 2,019 2,020 2,021', [2018, 2019, 2020, 2021], 'linear', ['grouped-name']],
])('the labels %s are read together', (labels, values, scale, found) => {
  const side = labels.startsWith('2,018') ? 'bottom' : 'left'
  const texts = labels.split(' ').map((one) => one.replaceAll('_', ' '))
  const work = readText(chart(texts, side))
  const [axis] = work.charts[0]!.read.axes
  const order = (some: readonly number[]) => [...some].sort((a, b) => a - b)
  expect(order(axis!.values.map(toNumber))).toEqual(order(values))
  expect(axis!.scale.kind).toBe(scale)
  expect(
    work.findings.filter(({ severity }) => severity !== 'note').map(({ check }) => check),
  ).toEqual(found)
})

test('what only binary arithmetic put on a label is told as that', () => {
  const work = readText(chart(['0.0', '0.1', '0.2', '0.30000000000000004', '0.4'], 'left'))
  expect(work.findings.map(({ check }) => check)).toContain('float-noise')
  expect(work.findings.map(({ check }) => check)).not.toContain('step-hidden')
})

test('labels of a logarithmic axis may stand at ones, twos and fives', () => {
  const labels = [1, 2, 5, 10, 20, 50, 100]
  const work = readText(
    chart(
      labels.map(String),
      'left',
      labels.map((one) => Math.log10(one) / 2),
    ),
  )
  expect(work.charts[0]!.read.axes[0]!.scale.kind).toBe('log')
  expect(work.findings).toEqual([])
})

test.each(['Region 1', 'Q1 2024', '2024-05-01', '10–20', '12:30', 'B12', 'n/a', '10+'])(
  '“%s” is a name and no number',
  (name) => {
    expect(readText(chart([name, name, name], 'left')).charts[0]!.read.axes).toEqual([])
  },
)
