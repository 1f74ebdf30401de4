import { arc, pie } from 'd3-shape'
import { toNumber } from '../../core/decimal/decimal'
import { areCutAlike, BARE, LEADING, TITLE, TO_BASELINE, USUAL } from './places'
import type { Anchor, ChartForm, Drawing, Frame, Geometry } from './types'

/** Room at either side for labels, and from there to where they stand. */
const SIDE = 96
const ASIDE = 10
const NAME_ROOM = 14
const HOLE = 0.58
const LEAST_RADIUS = 20
/** Labels as near to the middle as this part of the radius are centred on their slice. */
const NEAR_MIDDLE = 0.25

function anchorAt(dx: number): Anchor {
  if (Math.abs(dx) < NEAR_MIDDLE) return 'middle'
  return dx > 0 ? 'start' : 'end'
}

/** Slices in a ring; labels and names stand around it. */
function layout(drawing: Drawing, { width, height, fontSize }: Frame): Geometry {
  const marks = drawing.groups.map(({ value }) => toNumber(value))
  const outer = Math.max(LEAST_RADIUS, Math.min(width / 2 - SIDE, height / 2 - fontSize * 2.6))
  const [cx, cy] = [width / 2, height / 2 + TITLE / 2]
  const slices = pie<number>()
    .sort(null)
    .value((value) => Math.max(0, value))
    .padAngle(0.012)(marks)
  const ring = arc<(typeof slices)[number]>()
    .innerRadius(outer * HOLE)
    .outerRadius(outer)
  const spots = slices.map((slice) => {
    const angle = (slice.startAngle + slice.endAngle) / 2 - Math.PI / 2
    const [dx, dy] = [Math.cos(angle), Math.sin(angle)]
    return {
      x: cx + dx * (outer + ASIDE),
      y: cy + dy * (outer + ASIDE + 2) + fontSize * TO_BASELINE,
      anchor: anchorAt(dx),
      rises: dy < 0,
    }
  })
  const byEnd = areCutAlike(drawing, NAME_ROOM)
  return {
    ...BARE,
    marks: slices.map((slice, at) => ({
      shape: { kind: 'path', d: ring(slice)!, x: cx, y: cy },
      label: spots[at]!,
    })),
    names: spots.map(({ x, y, anchor, rises }, at) => ({
      at,
      x,
      y: y + (rises ? -1 : 1) * fontSize * LEADING,
      anchor,
      room: NAME_ROOM,
      byEnd,
      lines: 1,
    })),
    marksWidth: width / 2 - outer - ASIDE,
    isAlone: true,
  }
}

/** A ring of shares. */
export const ring: ChartForm = {
  ...USUAL,
  id: 'ring',
  title: 'A ring',
  name: 'Ring',
  most: 8,
  runs: false,
  axis: 'none',
  isShaded: true,
  layout,
  trouble: ({ groups }) =>
    groups.some(({ value }) => value.coefficient < 0n)
      ? 'A ring shows parts of a whole, and a number below zero is none: it is left out here.'
      : '',
}
