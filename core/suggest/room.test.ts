import { isAgainst } from '../ticks/reasons'
import { clearanceOf } from '../checks/crowded'
import { decimal } from '../decimal/decimal'
import { type AxisRequest, suggestAxis } from './axis'

const best = (request: Partial<AxisRequest>) =>
  suggestAxis(
    {
      domain: [decimal(0), decimal(1_000_000)],
      style: { fraction: [0, 0] },
      keepsStyle: true,
      width: 600,
      count: 6,
      ...request,
    },
    1,
  )[0]!.choice

test('where there is room, labels lie in the type that was asked for, and nothing speaks against it', () => {
  const { fontSize, turned, reasons } = best({ fontSize: 12 })
  expect([fontSize, turned]).toEqual([12, false])
  expect(reasons.filter(isAgainst)).toEqual([])
})

test('labels are made smaller before they are turned, and both is said', () => {
  const found = [600, 320, 290, 250, 120].map((width) => {
    const { fontSize, turned, reasons } = best({ width, fontSize: 12 })
    expect(reasons.some(({ code }) => code === 'smallType')).toBe(fontSize < 12)
    expect(reasons.some(({ code }) => code === 'turned')).toBe(turned)
    return { fontSize, turned }
  })
  for (const [at, { turned }] of found.entries())
    if (at > 0) expect(Number(turned)).toBeGreaterThanOrEqual(Number(found[at - 1]!.turned))
  expect(found.at(-1)!.turned).toBe(true)
  const sizes = found.filter(({ turned }) => !turned).map(({ fontSize }) => fontSize)
  expect(sizes).toEqual([...sizes].sort((a, b) => b - a))
  expect(Math.min(...found.map(({ fontSize }) => fontSize))).toBeGreaterThanOrEqual(9)
})

test('legibility is a quarter of what labels, type, turn and gap are worth', () => {
  // Seven characters, nothing lost, lying at full size with gaps to spare.
  const roomy = best({ width: 2000, fontSize: 12 })
  const length = Math.max(...roomy.labels.map((label) => label.length))
  expect(roomy.legibility).toBeCloseTo((1 - length / 48 + 1 + 1 + 1) / 4, 10)
})

test('a gap of less than one and a half ems is worth less, and a turned label less than one that lies', () => {
  const width = 330
  const near = best({ width, fontSize: 12 })
  const values = near.labels.map((label) => decimal(label.replaceAll(',', '')))
  const clear = clearanceOf(
    { surface: 'axis', values, labels: near.labels },
    { width, fontSize: 12, ends: [values[0]!, values.at(-1)!] },
  )
  const [length, gap] = [Math.max(...near.labels.map((label) => label.length)), clear / 12]
  expect([near.fontSize, near.turned, gap > 0 && gap < 1.5]).toEqual([12, false, true])
  expect(near.legibility).toBeCloseTo((1 - length / 48 + 1 + 1 + 2 - 1.5 / gap) / 4, 10)

  const long = best({ domain: [decimal(0), decimal('1e15')], width: 300, fontSize: 12 })
  const longest = Math.max(...long.labels.map((label) => label.length))
  expect([long.fontSize, long.turned]).toEqual([12, true])
  expect(long.legibility).toBeCloseTo((1 - Math.min(1, longest / 24) / 2 + 1 - 0.5 + 1) / 4, 10)
})
