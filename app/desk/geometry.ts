import { arc, area, curveBasis, line, pairs, pie, scaleBand, scaleLinear, scalePoint } from 'd3'
import { add, compare } from '~~/core/decimal/arithmetic'
import { type Decimal, toNumber, ZERO } from '~~/core/decimal/decimal'
import { alongAxis } from '~~/core/ticks/along'
import type { Form } from '~~/shared/study'
import type { Drawing } from '~~/shared/page/drawing'
import { endsOf } from '~~/shared/page/columns'

export type Anchor = 'start' | 'middle' | 'end'
export interface Spot {
  readonly x: number
  readonly y: number
  readonly anchor: Anchor
}
/** A tick: where its label stands, and the line that it draws across the chart. */
export interface TickPlace extends Spot {
  readonly line: readonly [x1: number, y1: number, x2: number, y2: number]
  readonly isZero: boolean
}
export type Shape =
  | {
      readonly kind: 'rect'
      readonly x: number
      readonly y: number
      readonly width: number
      readonly height: number
    }
  | {
      readonly kind: 'stack'
      readonly rects: readonly {
        readonly x: number
        readonly y: number
        readonly width: number
        readonly height: number
      }[]
    }
  | { readonly kind: 'dot'; readonly x: number; readonly y: number }
  | { readonly kind: 'path'; readonly d: string; readonly x: number; readonly y: number }
/** A mark: its shape, where its label stands, and which way from there a second line goes. */
export interface MarkPlace {
  readonly shape: Shape
  readonly label: Spot & { readonly rises: boolean }
}
/** Where everything of a chart stands, in pixels. */
export interface Geometry {
  readonly ticks: readonly TickPlace[]
  readonly marks: readonly MarkPlace[]
  /** Where categories are named, and the room that each name has. */
  readonly names: readonly (Spot & {
    readonly at: number
    readonly room: number
    readonly lines: number
  })[]
  /** Where a second axis, at the right, has its ticks. */
  readonly second: readonly Spot[]
  /** The line of the second quantity. */
  readonly secondLine: string | null
  /** What joins the marks. */
  readonly line: string | null
  readonly area: string | null
  /** The room of the marks' labels: how wide they stand side by side, or what each has for itself where they stand alone. */
  readonly marksWidth: number
  readonly isAlone?: boolean
}
export interface Frame {
  readonly width: number
  readonly height: number
  readonly fontSize: number
  /** Room at the left for labels of the axis, and for the longest name beside a bar. */
  readonly left: number
  readonly names: number
  /** Room behind the longest bar for its label. */
  readonly ends: number
  /** Lines of a mark's label. */
  readonly lines: number
  /** A second axis: how far along it its ticks and each mark's number stand, and the room that its labels take. */
  readonly second: {
    readonly ticks: readonly number[]
    readonly marks: readonly (number | null)[]
    readonly room: number
  } | null
  /** What is written behind the axis's labels of a second kind takes a line of its own below. */
  readonly under: number
}

const RIGHT = 8
/** At either side of an axis below, half of a label that stands at its end. */
const SIDE = 34
const TITLE = 18
const LEADING = 1.25
const NAME_ROOM = 6.4
const MOST_NAME = 12

/** How far along the axis ticks, marks and the ends of their pieces stand, from 0 to 1, and where zero does; what a log axis has no place for stands at its beginning. */
function alongs({ ticks: { kind, values }, groups, domain, wanted, stacks }: Drawing) {
  const [low, high] = endsOf([...values, ...(kind === 'log' ? wanted : domain)]) as [
    Decimal,
    Decimal,
  ]
  const along = alongAxis(kind, [low, high])
  const place = (value: Decimal) =>
    kind === 'log' && compare(value, low) <= 0 ? 0 : Math.min(1, Math.max(0, along(value)))
  const ends = (own: readonly Decimal[]): number[] => {
    let sum = ZERO
    return [place(ZERO), ...own.map((piece) => place((sum = add(sum, piece))))]
  }
  return {
    ticks: values.map(place),
    marks: groups.map(({ value }) => place(value)),
    zero: place(ZERO),
    stacks: stacks?.pieces.map(ends) ?? null,
  }
}

/** Charts whose axis stands upright at the left. */
function upright(
  drawing: Drawing,
  form: Form,
  { width, height, fontSize, left, lines, second }: Frame,
): Geometry {
  const { ticks, marks, zero, stacks } = alongs(drawing)
  const isZero = (at: number) => drawing.ticks.values[at]!.coefficient === 0n
  const line1 = fontSize * LEADING
  const right = width - (second?.room ?? RIGHT)
  const y = scaleLinear().range([height - 2 * line1 - 8, TITLE + lines * line1 + 6])
  const places = drawing.groups.map((_, at) => at)
  const band = scaleBand<number>()
    .domain(places)
    .range([left, right])
    .paddingInner(0.28)
    .paddingOuter(0.14)
  const point = scalePoint<number>()
    .domain(places)
    .range([left + 10, right - 10])
    .padding(places.length === 1 ? 0.5 : 0)
  const isBanded = form === 'columns'
  const middle = (at: number) => (isBanded ? band(at)! + band.bandwidth() / 2 : point(at)!)
  const step = isBanded ? band.step() : Math.max(1, point.step())
  const spots = marks.map((value, at) => [middle(at), y(value)] as const)
  const longest = Math.min(
    MOST_NAME,
    Math.max(...drawing.groups.map(({ category }) => category.length)),
  )
  const every = Math.max(1, Math.ceil((isBanded ? 1 : (longest + 1) * NAME_ROOM) / step))
  return {
    ticks: ticks.map((value, at) => ({
      x: left - 8,
      y: y(value) + fontSize * 0.34,
      anchor: 'end',
      line: [left, y(value), right, y(value)],
      isZero: isZero(at),
    })),
    marks: marks.map((value, at) => ({
      shape:
        isBanded && stacks
          ? {
              kind: 'stack',
              rects: pairs(stacks[at]!).map(([from, to]) => ({
                x: band(at)!,
                width: band.bandwidth(),
                y: y(to),
                height: y(from) - y(to),
              })),
            }
          : isBanded
            ? {
                kind: 'rect',
                x: band(at)!,
                width: band.bandwidth(),
                y: Math.min(y(zero), y(value)),
                height: Math.abs(y(zero) - y(value)),
              }
            : { kind: 'dot', x: middle(at), y: y(value) },
      label: {
        x: isBanded ? middle(at) : Math.min(Math.max(middle(at), left + 24), right - 24),
        y: y(isBanded ? Math.max(zero, value) : value) - (isBanded ? 6 : 9),
        anchor: 'middle',
        rises: true,
      },
    })),
    names: places
      .filter((at) => at % every === 0)
      .map((at) => ({
        at,
        x: middle(at),
        y: height - line1 - 6,
        anchor: 'middle',
        room: Math.max(4, Math.floor((step * every) / NAME_ROOM)),
        lines: 2,
      })),
    second:
      second?.ticks.map((value) => ({
        x: right + 8,
        y: y(value) + fontSize * 0.34,
        anchor: 'start',
      })) ?? [],
    secondLine:
      second &&
      line<readonly [number, number | null]>()
        .defined(([, value]) => value !== null)
        .x(([at]) => middle(at))
        .y(([, value]) => y(value!))(second.marks.map((value, at) => [at, value] as const)),
    line: form === 'line' || form === 'area' ? line()(spots as [number, number][]) : null,
    area:
      form === 'area'
        ? area<readonly [number, number]>()
            .x(([x]) => x)
            .y0(y(zero))
            .y1(([, at]) => at)(spots as [number, number][])
        : null,
    marksWidth: right - left,
  }
}

/** Bars that lie: names at the left, the axis below. */
function lying(drawing: Drawing, { width, height, fontSize, names, ends, under }: Frame): Geometry {
  const { ticks, marks, zero, stacks } = alongs(drawing)
  const room = Math.min(width * 0.3, names)
  const bottom = height - fontSize * 2 - under
  // Labels stand behind the bars' ends.
  const x = scaleLinear().range([room, width - ends])
  const places = drawing.groups.map((_, at) => at)
  const band = scaleBand<number>()
    .domain(places)
    .range([TITLE + 4, bottom])
    .paddingInner(0.3)
    .paddingOuter(0.15)
  return {
    ticks: ticks.map((value, at) => ({
      x: x(value),
      y: bottom + fontSize * 1.25,
      anchor: 'middle',
      line: [x(value), TITLE + 4, x(value), bottom],
      isZero: drawing.ticks.values[at]!.coefficient === 0n,
    })),
    marks: marks.map((value, at) => ({
      shape: stacks
        ? {
            kind: 'stack',
            rects: pairs(stacks[at]!).map(([from, to]) => ({
              x: x(from),
              width: x(to) - x(from),
              y: band(at)!,
              height: band.bandwidth(),
            })),
          }
        : {
            kind: 'rect',
            x: Math.min(x(zero), x(value)),
            width: Math.abs(x(value) - x(zero)),
            y: band(at)!,
            height: band.bandwidth(),
          },
      label: {
        x: Math.max(x(zero), x(value)) + 6,
        y: band(at)! + band.bandwidth() / 2 + fontSize * 0.34,
        anchor: 'start',
        rises: false,
      },
    })),
    names: places.map((at) => ({
      at,
      x: room - 8,
      y: band(at)! + band.bandwidth() / 2 + fontSize * 0.34,
      anchor: 'end',
      room: Math.floor(room / NAME_ROOM),
      lines: 1,
    })),
    second: [],
    secondLine: null,
    line: null,
    area: null,
    marksWidth: ends - 6,
    isAlone: true,
  }
}

/** A ring of shares; labels and names stand around it. */
function round(drawing: Drawing, { width, height, fontSize }: Frame): Geometry {
  const marks = drawing.groups.map(({ value }) => toNumber(value))
  const outer = Math.max(20, Math.min(width / 2 - 96, height / 2 - fontSize * 2.6))
  const [cx, cy] = [width / 2, height / 2 + TITLE / 2]
  const slices = pie<number>()
    .sort(null)
    .value((value) => Math.max(0, value))
    .padAngle(0.012)(marks)
  const ring = arc<(typeof slices)[number]>()
    .innerRadius(outer * 0.58)
    .outerRadius(outer)
  const spots = slices.map((slice) => {
    const angle = (slice.startAngle + slice.endAngle) / 2 - Math.PI / 2
    const [dx, dy] = [Math.cos(angle), Math.sin(angle)]
    return {
      x: cx + dx * (outer + 10),
      y: cy + dy * (outer + 12) + fontSize * 0.34,
      anchor: (Math.abs(dx) < 0.25 ? 'middle' : dx > 0 ? 'start' : 'end') as Anchor,
      rises: dy < 0,
    }
  })
  return {
    ticks: [],
    marks: slices.map((slice, at) => ({
      shape: { kind: 'path', d: ring(slice)!, x: cx, y: cy },
      label: spots[at]!,
    })),
    names: spots.map((spot, at) => ({
      at,
      x: spot.x,
      y: spot.y + (spot.rises ? -fontSize * LEADING : fontSize * LEADING),
      anchor: spot.anchor,
      room: 14,
      lines: 1,
    })),
    second: [],
    secondLine: null,
    line: null,
    area: null,
    marksWidth: width / 2 - outer - 10,
    isAlone: true,
  }
}

/** How values are spread: the axis below, the area above it as high as rows are many, and three numbers on it. */
function spread(drawing: Drawing, { width, height, fontSize, under, lines }: Frame): Geometry {
  const { ticks, marks } = alongs(drawing)
  const bottom = height - fontSize * 2 - under
  const [left, right] = [SIDE, width - SIDE]
  const x = scaleLinear().range([left, right])
  const y = scaleLinear().range([bottom, TITLE + lines * fontSize * LEADING + 12])
  const density = drawing.density!
  const heights = density.map((share, at) => [(at + 0.5) / density.length, share] as const)
  const outline = [[0, 0], ...heights, [1, 0]] as readonly (readonly [number, number])[]
  const heightAt = (along: number) =>
    density[Math.min(density.length - 1, Math.floor(along * density.length))]!
  return {
    ticks: ticks.map((value, at) => ({
      x: x(value),
      y: bottom + fontSize * 1.25,
      anchor: 'middle',
      line: [x(value), TITLE + 4, x(value), bottom],
      isZero: drawing.ticks.values[at]!.coefficient === 0n,
    })),
    marks: marks.map((value, at) => ({
      shape: { kind: 'dot', x: x(value), y: bottom },
      label: {
        x: Math.min(Math.max(x(value), left), right),
        y: y(heightAt(value)) - 8,
        anchor: at === 0 ? 'start' : at === marks.length - 1 ? 'end' : 'middle',
        rises: true,
      },
    })),
    names: [],
    second: [],
    secondLine: null,
    // What a label speaks of stands under it.
    line: marks.map((value) => `M${x(value)},${bottom}V${y(heightAt(value)) - 4}`).join(''),
    area: area<readonly [number, number]>()
      .x(([along]) => x(along))
      .y0(bottom)
      .y1(([, share]) => y(share))
      .curve(curveBasis)(outline as [number, number][]),
    marksWidth: right - left,
  }
}

const forms: Record<Form, (drawing: Drawing, frame: Frame) => Geometry> = {
  columns: (drawing, frame) => upright(drawing, 'columns', frame),
  line: (drawing, frame) => upright(drawing, 'line', frame),
  points: (drawing, frame) => upright(drawing, 'points', frame),
  area: (drawing, frame) => upright(drawing, 'area', frame),
  bars: lying,
  distribution: spread,
  ring: round,
}

/** Lays a drawing out in a form. */
export const geometryOf = (form: Form, drawing: Drawing, frame: Frame): Geometry =>
  forms[form](drawing, frame)

/** What stops a form from being drawn; empty where nothing does. */
export const formTrouble = (form: Form, drawing: Drawing): string =>
  form === 'ring' && drawing.groups.some(({ value }) => value.coefficient < 0n)
    ? 'A ring shows parts of a whole, and a number below zero is none: it is left out here.'
    : ''

/** Names keep to their room: some lines at most, the rest behind an ellipsis. */
export function wrapped(name: string, room: number, most: number): string[] {
  const lines: string[] = []
  for (const word of name.split(' ')) {
    const last = lines.at(-1)
    if (last !== undefined && last.length + word.length < room)
      lines[lines.length - 1] = `${last} ${word}`
    else lines.push(word)
  }
  const kept = lines
    .slice(0, most)
    .map((one) => (one.length > room ? `${one.slice(0, room - 1)}…` : one))
  if (lines.length > most) kept[most - 1] = `${kept[most - 1]!.slice(0, room - 1)}…`
  return kept
}

/** How far a note stands from its mark; and half of what a label takes, lines included. */
const [ASIDE, LABEL_WIDTH, LABEL_HEIGHT] = [30, 34, 20]
/**
 * Where a note stands from its mark so that it hides no label: above or below, on either side; where
 * it hides some everywhere, where it hides the fewest.
 *
 * @param labels where the labels of marks stand
 * @param width of the chart
 */
export function freeSpot(
  labels: readonly Spot[],
  at: number,
  note: { readonly width: number; readonly height: number },
  width: number,
): { x: number; y: number } {
  const mark = labels[at]!
  const places = [-note.height - LABEL_HEIGHT, LABEL_HEIGHT, -note.height / 2].flatMap((y) =>
    [ASIDE, -note.width - ASIDE].map((x) => ({ x, y })),
  )
  const hidden = ({ x, y }: { x: number; y: number }): number => {
    const [left, top] = [mark.x + x, mark.y + y]
    if (left < 0 || left + note.width > width || top < 0) return labels.length
    return labels.filter(
      (label) =>
        label.x + LABEL_WIDTH > left &&
        label.x - LABEL_WIDTH < left + note.width &&
        label.y > top &&
        label.y - LABEL_HEIGHT < top + note.height,
    ).length
  }
  return places.reduce((best, place) => (hidden(place) < hidden(best) ? place : best))
}
