import type { ChartForm, Geometry, MarkPlace, Rect, Shape, Spot } from './types'

/** The x of each point of a path whose commands are M, L, V and Z, as the forms write them. */
const POINT = /([ML])(-?[\d.]+(?:e-?\d+)?),/g

/** What stands at the left of a line goes to its right; words begin where their language does. */
function mirrorIn(width: number) {
  const spot = <S extends Spot>(one: S): S => ({ ...one, x: width - one.x })
  const rect = <R extends Rect>(one: R): R => ({ ...one, x: width - one.x - one.width })
  const path = (d: string | null) =>
    d && d.replace(POINT, (_, command: string, x: string) => `${command}${width - Number(x)},`)
  function shape(one: Shape): Shape {
    if (one.kind === 'rect') return rect(one)
    if (one.kind === 'stack') return { ...one, rects: one.rects.map(rect) }
    return { ...one, x: width - one.x }
  }
  const mark = (one: MarkPlace): MarkPlace => ({
    shape: shape(one.shape),
    label: spot(one.label),
  })
  const geometry = (one: Geometry): Geometry => ({
    ...one,
    ticks: one.ticks.map((tick) => {
      const [x1, y1, x2, y2] = tick.line
      return { ...spot(tick), line: [width - x1, y1, width - x2, y2] as const }
    }),
    marks: one.marks.map(mark),
    names: one.names.map(spot),
    second: one.second.map(spot),
    secondLine: path(one.secondLine),
    line: path(one.line),
    area: path(one.area),
  })
  return { geometry, rect, spot }
}

/** How far an overlay is moved by its own width, from the other side. */
const acrossMirrored = (across: string): string => `${-100 - Number.parseFloat(across)}%`

const mirrored = new Map<ChartForm, ChartForm>()
/**
 * A form of chart as pages show it that are read from right to left: its axis at the right, its
 * marks from there on. Anchors stay, since texts of such a page start at their right.
 *
 * @returns the same object for the same form
 * @example mirroredForm(bars).layout(drawing, frame).names[0].x // near the right edge
 */
export function mirroredForm(form: ChartForm): ChartForm {
  const known = mirrored.get(form)
  if (known) return known
  const { inside, tooltip } = form
  // A mirror may stand anywhere, if the way back goes through the same one.
  const atZero = mirrorIn(0)
  const made: ChartForm = {
    ...form,
    layout: (drawing, frame) => mirrorIn(frame.width).geometry(form.layout(drawing, frame)),
    ...(inside && {
      inside: (area, label, size) => {
        const spot = inside(atZero.rect(area), atZero.spot(label), size)
        return spot && atZero.spot(spot)
      },
    }),
    ...(tooltip && {
      tooltip: (label, width) => {
        const { x, y, across, up } = tooltip(mirrorIn(width).spot(label), width)
        return { x: width - x, y, across: acrossMirrored(across), up }
      },
    }),
  }
  mirrored.set(form, made)
  return made
}
