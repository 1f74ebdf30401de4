import { part } from '../testing/part'
import fc from 'fast-check'
import { type Decimal, toNumber } from '../decimal/decimal'
import { labeller } from '../label/labeller'
import { resolve } from '../label/resolve'
import type { Style } from '../style/fields'
import { ticksBy } from './ticks'

const frozen: Style = {
  notation: 'scaled',
  rung: 6,
  fraction: [0, 0],
  unit: { kind: 'currency', code: 'EUR' },
}
const on = (style: Style) =>
  ticksBy(resolve(style), resolve({ ...style, rung: 'each' }).rules[0]!.rungs)
const labels = (style: Style, domain: [number, number], width: number) =>
  on(style)(domain, width).map(({ label }) => label)

test('an axis that zooms takes the rung and the decimals that its ticks need', () => {
  expect(labels(frozen, [0, 2e6], 400)).toEqual(['€0.0M', '€0.5M', '€1.0M', '€1.5M', '€2.0M'])
  expect(labels(frozen, [0, 2000], 300)).toEqual(['€0.0K', '€0.5K', '€1.0K', '€1.5K', '€2.0K'])
  expect(labels(frozen, [1_000_000, 1_000_400], 300)).toContain('€1.0002M')
  expect(labels({ unit: { kind: 'percent' } }, [0, 0.01], 300)).toContain('0.4%')
  expect(labels({ notation: 'scientific', exponent: 3 }, [0, 4e7], 400)).toContain('2×10⁷')
})

test('ends may stand in either order, and be one', () => {
  const place = on({})
  expect(place([10, 0], 300)).toEqual([...place([0, 10], 300)].reverse())
  expect(place([7, 7], 300)).toEqual([{ value: 7, label: '7' }])
})

test('what is no axis is refused in words', () => {
  expect(() => on({})([0, NaN], 300)).toThrow('two finite ends')
  expect(() => on({})([0, 1], 0)).toThrow('a length above zero')
})

test('every label is another, says its tick exactly, and has room', () => {
  const ends = fc.double({ min: -1e12, max: 1e12, noNaN: true })
  const styles: Style[] = [frozen, {}, { notation: 'scaled' }, { notation: 'scientific' }]
  fc.assert(
    fc.property(
      ends,
      ends,
      fc.integer({ min: 120, max: 2000 }),
      fc.constantFrom(...styles),
      (a, b, width, style) => {
        // Nearer ends than doubles tell apart have no ticks between them.
        fc.pre(Math.abs(a - b) > 1e-9 * Math.max(Math.abs(a), Math.abs(b), 1))
        const ticks = on(style)([a, b], width)
        expect(ticks.length).toBeGreaterThan(0)
        expect(new Set(ticks.map(({ label }) => label)).size).toBe(ticks.length)
        for (const { value, label } of ticks) {
          const said = labeller(resolve({ ...style, rung: 'each' })).read(label).candidates
          expect(said.map((one) => toNumber(one as Decimal))).toContain(value)
        }
      },
    ),
    { numRuns: part(150, 300) },
  )
})
