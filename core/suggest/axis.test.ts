import fc from 'fast-check'
import { clearanceOf } from '../checks/crowded'
import { findAll } from '../checks/run'
import { compare, subtract } from '../decimal/arithmetic'
import { decimal, toText } from '../decimal/decimal'
import { reachOf } from '../ticks/linear'
import { bestTicks } from '../ticks/search'
import { type AxisRequest, axisSearch, suggestAxis } from './axis'
import { part } from '../testing/part'
import type { Style } from '../style/fields'
import { FORMS } from './candidates'

type Number = number | string
const best = (from: Number, to: Number, width: number, more: Partial<AxisRequest> = {}) =>
  suggestAxis({ domain: [decimal(from), decimal(to)], style: {}, width, ...more })[0]!

test.each([
  [0, 2_000_000, 400, ['0.0M', '0.5M', '1.0M', '1.5M', '2.0M']],
  [0, 1, 500, ['0.0', '0.2', '0.4', '0.6', '0.8', '1.0']],
  [0, '8e-7', 400, ['0×10⁻⁷', '2×10⁻⁷', '4×10⁻⁷', '6×10⁻⁷', '8×10⁻⁷']],
  [10, 0, 300, ['10', '5', '0']],
  [3, 3, 300, ['3']],
  [0, '1e-320', 400, ['0.0×10⁻³²¹', '2.5×10⁻³²¹', '5.0×10⁻³²¹', '7.5×10⁻³²¹', '10.0×10⁻³²¹']],
] as const)('from %s to %s in %s pixels', (from, to, width, labels) => {
  expect(best(from, to, width).choice.labels).toEqual(labels)
})

test('domains to the ends of doubles, and a tiny span far from zero, have exact ticks', () => {
  expect(best('-1.79e308', '1.79e308', 600).ticks.values.map(toText)).toContain('0')
  const { ticks, choice } = best(4e9, 4_000_000_003, 900)
  expect(
    findAll({
      surface: 'axis',
      style: choice.style,
      values: ticks.values,
      step: ticks.step,
    }).findings.filter(({ severity }) => severity === 'error'),
  ).toEqual([])
})

test('less room gives fewer ticks, then smaller type, and never a collision', () => {
  const counts = [900, 500, 300, 160].map((width) => best(0, 2_000_000, width).choice.labels.length)
  expect(counts).toEqual([...counts].sort((a, b) => b - a))
  const narrow = best(0, 2_000_000, 100, { count: 5, form: 'digits' })
  expect(narrow.choice.reasons.map(({ code }) => code).join()).toMatch(/turned|smallType/)
})

test('type goes down to 9 pixels and no further', () => {
  const sizes = (fontSize: number) =>
    Array.from({ length: 60 }, (_, at) => 60 + 2 * at).flatMap((width) =>
      suggestAxis(
        {
          domain: [decimal(0), decimal(2_000_000)],
          style: {},
          width,
          fontSize,
          count: 5,
          form: 'digits',
        },
        20,
      ).map(({ choice }) => choice.fontSize),
    )
  expect(Math.min(...sizes(12))).toBe(9)
  expect(new Set(sizes(8))).toEqual(new Set([8]))
})

test('smaller type is taken before labels nearly touch', () => {
  const domain: AxisRequest['domain'] = [decimal(0), decimal(2_000_000)]
  const style: Style = { fraction: [0, 0] }
  const clearances = Array.from({ length: 120 }, (_, at) => 180 + at).flatMap((width) =>
    suggestAxis({ domain, style, keepsStyle: true, width, count: 5 }, 20)
      .filter(({ choice }) => choice.fontSize === 12 && !choice.turned)
      .map(({ ticks, choice }) =>
        clearanceOf(
          { surface: 'axis', values: ticks.values, labels: choice.labels },
          { width, fontSize: 12, turned: false, ends: reachOf(domain, ticks.values) },
        ),
      ),
  )
  expect(clearances.length).toBeGreaterThan(100)
  expect(Math.min(...clearances)).toBeGreaterThan(2)
})

test('the search finds what trying all of its set finds', () => {
  const end = fc.tuple(fc.integer({ min: -99_999, max: 99_999 }), fc.integer({ min: -9, max: 9 }))
  fc.assert(
    fc.property(
      end,
      end,
      fc.integer({ min: 60, max: 900 }),
      fc.constantFrom(...FORMS),
      fc.integer({ min: 1, max: 5 }),
      ([a, powerA], [b, powerB], width, form, most) => {
        const request: AxisRequest = {
          domain: [decimal(`${a}e${powerA}`), decimal(`${b}e${powerB}`)],
          style: {},
          width,
          form,
        }
        const { sets, label } = axisSearch(request)
        const choices = new Map(sets.map((ticks) => [ticks, label(ticks)]))
        const search = (count: number) => bestTicks(sets, (ticks) => choices.get(ticks)!, count)
        const every = search(Infinity)
        expect(every).toHaveLength([...choices.values()].flat().length)
        expect(search(most).map(({ score }) => score)).toEqual(
          every.slice(0, most).map(({ score }) => score),
        )
        expect(search(1)[0]?.choice.labels).toEqual(every[0]?.choice.labels)
      },
    ),
    { numRuns: part(100, 2000), seed: 5 },
  )
})

test("ticks are even, in the domain's direction and never more than a step beyond it", () => {
  const value = fc.double({ min: -1e12, max: 1e12, noNaN: true })
  fc.assert(
    fc.property(value, value, fc.integer({ min: 100, max: 900 }), (from, to, width) => {
      for (const { ticks } of suggestAxis(
        { domain: [decimal(from), decimal(to)], style: {}, width },
        3,
      )) {
        const [first, last] = [ticks.values[0]!, ticks.values.at(-1)!]
        expect(Math.sign(compare(last, first))).toBe(
          ticks.values.length > 1 ? Math.sign(to - from) : 0,
        )
        const beyond = [subtract(decimal(from), first), subtract(last, decimal(to))].map((off) =>
          to < from ? { ...off, coefficient: -off.coefficient } : off,
        )
        for (const off of beyond) expect(compare(off, ticks.step)).toBeLessThan(0)
      }
    }),
    { numRuns: part(20, 100) },
  )
})
