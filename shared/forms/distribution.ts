import { scaleLinear } from 'd3-scale'
import { area, curveBasis } from 'd3-shape'
import { BARE, LEADING, placesAlong, ticksBelow, TITLE, USUAL } from './places'
import type { Anchor, ChartForm, Drawing, Frame, Geometry } from './types'

/** At either side of the axis, half of a label that stands at its end. */
const SIDE = 34

function anchorAt(at: number, count: number): Anchor {
  if (at === 0) return 'start'
  return at === count - 1 ? 'end' : 'middle'
}

/** The axis below, the area above it as high as rows are many, and three numbers on it. */
function layout(drawing: Drawing, { width, height, fontSize, under, lines }: Frame): Geometry {
  const { ticks, marks } = placesAlong(drawing)
  const bottom = height - fontSize * 2 - under
  const [left, right] = [SIDE, width - SIDE]
  const x = scaleLinear().range([left, right])
  const y = scaleLinear().range([bottom, TITLE + lines * fontSize * LEADING + 12])
  const density = drawing.density!
  const heights = density.map((share, at): [number, number] => [(at + 0.5) / density.length, share])
  const outline: [number, number][] = [[0, 0], ...heights, [1, 0]]
  const heightAt = (along: number) =>
    density[Math.min(density.length - 1, Math.floor(along * density.length))]!
  const filled = area<[number, number]>()
    .x(([along]) => x(along))
    .y0(bottom)
    .y1(([, share]) => y(share))
    .curve(curveBasis)
  return {
    ...BARE,
    ticks: ticksBelow(drawing, ticks, x, { bottom, fontSize }),
    marks: marks.map((value, at) => ({
      shape: { kind: 'dot', x: x(value), y: bottom },
      label: {
        x: Math.min(Math.max(x(value), left), right),
        y: y(heightAt(value)) - 8,
        anchor: anchorAt(at, marks.length),
        rises: true,
      },
    })),
    // What a label speaks of stands under it.
    line: marks.map((value) => `M${x(value)},${bottom}V${y(heightAt(value)) - 4}`).join(''),
    area: filled(outline),
    marksWidth: right - left,
  }
}

/** How the numbers of all rows are spread, with the three that tell most of it. */
export const distribution: ChartForm = {
  ...USUAL,
  id: 'distribution',
  title: 'The spread',
  name: 'Spread',
  most: 3,
  runs: false,
  axis: 'below',
  isSpread: true,
  parts: ['value', 'name'],
  usualParts: ['value', 'name'],
  usualLines: 2,
  messages: { headline: '{$least} to {$largest}', sentence: 'Half of them lie below {$median}.' },
  layout,
}
