import { type Decimal, toNumber } from '../decimal/decimal'
import type { Axis } from './axis'
import { readIn, type Reader, relevant, type Said, waysOf } from './read'
import { centreOf, leftOf, middleOf } from './edges'
import type { Labelled } from './runs'
import { simplestBetween } from './steady'
import type { Shape } from './types'

/** A data label, the mark that it stands at, and what that mark shows on the scale of its axis. */
export interface MarkLabel {
  readonly label: Labelled
  readonly said: Said
  readonly shape: Shape
  /** The simplest number that it can show: that of its label where it does. */
  readonly value: Decimal
  readonly isMismatch: boolean
}

/** A label stands within so many sizes from the end of its mark. */
const NEAR = 2.2
/** Marks are drawn to a fraction of a pixel; labels stand for them to their last place. */
const PIXELS = 1
/** Labels that tell what marks show: this part of them does, or they tell something else. */
const AGREE = 0.5
/** Powers of ten that a title can say in place of labels. */
const POWERS = [0, 3, -3, 6, -6, 9, -9, 2, -2, 12, -12]
const ZERO_ROOM = 1.5
/** Marks are measured on one of the longest axes. */
const MOST_AXES = 8

/** A number along an axis of what a picture shows. */
interface Along {
  readonly axis: Axis
  /** From the end of a mark at which it begins to the one that its number says. */
  ends(shape: Shape): readonly [number, number]
  readonly zero: number | null
}
/** The place of zero on a linear scale; null on others. */
function zeroOf({ scale, places }: Axis): number | null {
  if (scale.kind !== 'linear') return null
  const [a, b] = [places[0]!, places.at(-1)!]
  const [from, to] = [scale.value(a), scale.value(b)]
  return from === to ? null : a - (from * (b - a)) / (to - from)
}
const alongOf = (axis: Axis): Along => ({
  axis,
  zero: zeroOf(axis),
  ends: ({ x, y, width, height }) => (axis.isUpright ? [y, y + height] : [x, x + width]),
})

/** What a mark shows along an axis: where its end is; a stacked one how long it is, or how much all below it are. */
function reachOf(
  shape: Shape,
  { axis, ends, zero }: Along,
): { values: readonly number[]; end: number } {
  const { scale } = axis
  const [first, last] = ends(shape)
  if (shape.kind === 'point') {
    const end = (first + last) / 2
    return { values: [scale.value(end)], end }
  }
  const far = (one: number) => (zero === null ? 0 : Math.abs(one - zero))
  // Without a zero bars begin where the scale is least.
  const isFirst = zero === null ? scale.value(first) > scale.value(last) : far(first) >= far(last)
  const [end, begin] = isFirst ? [first, last] : [last, first]
  const isFromZero = zero === null || Math.min(far(first), far(last)) <= ZERO_ROOM
  const reached = scale.value(end)
  return {
    values: isFromZero ? [reached] : [Math.abs(reached - scale.value(begin)), reached],
    end,
  }
}

/** How far a label is from the end of a mark, in sizes of its type; none where it is not at it. */
function distance({ text }: Labelled, shape: Shape, along: Along): number | null {
  const { isUpright } = along.axis
  const { end } = reachOf(shape, along)
  const [x, y] = [centreOf(text), middleOf(text)]
  const inner = isUpright ? [shape.x, shape.x + shape.width] : [shape.y, shape.y + shape.height]
  const across = isUpright ? x : y
  const room = shape.kind === 'point' ? text.size : 1
  if (across < inner[0]! - room || across > inner[1]! + room) return null
  const isInside =
    x >= shape.x && x <= shape.x + shape.width && y >= shape.y && y <= shape.y + shape.height
  const halfWidth = isUpright ? 0 : text.width / 2
  const away = Math.max(0, Math.abs((isUpright ? y : x) - end) - halfWidth) / text.size
  if (isInside) return Math.min(away, NEAR - 0.1)
  return away <= NEAR ? away : null
}

/** A point whose label stands beside it. */
function besidePoint({ text }: Labelled, shape: Shape): number | null {
  if (shape.kind !== 'point') return null
  const [x, y] = [shape.x + shape.width / 2, shape.y + shape.height / 2]
  const dx = Math.max(0, leftOf(text) - x, x - leftOf(text) - text.width)
  const dy = Math.max(0, Math.abs(middleOf(text) - y) - text.size / 2)
  const away = Math.hypot(dx, dy) / text.size
  return away <= NEAR ? away : null
}

interface Tied {
  readonly label: Labelled
  readonly shape: Shape
  readonly values: readonly number[]
  readonly perPixel: number
}
/** Pixels of a part of the picture in which marks are looked for. */
const BUCKET = 32
/** The marks that stand at a label's own part of the picture, across the axis. */
function bucketed(
  shapes: readonly Shape[],
  { axis }: Along,
): (label: Labelled) => readonly Shape[] {
  const buckets = new Map<number, Shape[]>()
  const room = NEAR * BUCKET
  for (const shape of shapes) {
    const [from, to] = axis.isUpright
      ? [shape.x, shape.x + shape.width]
      : [shape.y, shape.y + shape.height]
    const last = Math.floor((to + room) / BUCKET)
    for (let at = Math.floor((from - room) / BUCKET); at <= last; at++) {
      const own = buckets.get(at)
      if (own) own.push(shape)
      else buckets.set(at, [shape])
    }
  }
  return ({ text }) =>
    buckets.get(Math.floor((axis.isUpright ? centreOf(text) : middleOf(text)) / BUCKET)) ?? []
}

/** Labels with the nearest marks, in the order of the file; a mark has one label, a label one mark. */
function tie(labels: readonly Labelled[], shapes: readonly Shape[], along: Along): Tied[] {
  const near = bucketed(shapes, along)
  const pairs = labels
    .flatMap((label) =>
      near(label).flatMap((shape) => {
        const away = distance(label, shape, along) ?? besidePoint(label, shape)
        return away === null ? [] : [{ label, shape, away }]
      }),
    )
    .sort((a, b) => a.away - b.away)
  const [usedLabels, usedShapes] = [new Set<Labelled>(), new Set<Shape>()]
  const tied = pairs.flatMap(({ label, shape }) => {
    if (usedLabels.has(label) || usedShapes.has(shape)) return []
    usedLabels.add(label)
    usedShapes.add(shape)
    const { values, end } = reachOf(shape, along)
    const { scale } = along.axis
    const perPixel = Math.abs(scale.value(end + 1) - scale.value(end - 1)) / 2
    return [{ label, shape, values, perPixel }]
  })
  return tied.sort((a, b) => a.label.text.at.start - b.label.text.at.start)
}

/** What a label says and how far it may have been rounded, as doubles. */
type Measured = readonly [value: number, half: number]
const measured = ({ value, half }: Said): Measured => [toNumber(value), toNumber(half)]
const fits = ([value, half]: Measured, { values, perPixel }: Tied, power: number): boolean => {
  const times = 10 ** power
  return values.some((reached) => {
    const off = Math.abs(value * times - reached)
    return off <= half * times + PIXELS * perPixel + 1e-9 * Math.abs(reached)
  })
}

/** @param power of ten that a title says in the place of labels */
function markLabel(tied: Tied, said: Said, power: number): MarkLabel {
  const [reached, perPixel] = [tied.values[0]! / 10 ** power, tied.perPixel / 10 ** power]
  const isMismatch = !fits(measured(said), tied, power)
  return {
    label: tied.label,
    shape: tied.shape,
    said,
    value: isMismatch ? simplestBetween(reached - perPixel, reached + perPixel) : said.value,
    isMismatch,
  }
}

/**
 * Data labels at their marks, measured on the scale of the axis that most of them agree with.
 *
 * @param labels numeric texts that stand on no axis
 * @param readers who may have written them, the likeliest first
 * @returns none where fewer than half of them say what their marks show: they say something else
 */
export function markLabels(
  labels: readonly Labelled[],
  shapes: readonly Shape[],
  axes: readonly Axis[],
  readers: readonly Reader[],
): { readonly marks: readonly MarkLabel[]; readonly reader: Reader } | null {
  let best: { marks: MarkLabel[]; reader: Reader; agreed: number } | null = null
  const longest = axes
    .filter(({ isUneven }) => !isUneven)
    .sort((a, b) => b.labels.length - a.labels.length)
    .slice(0, MOST_AXES)
  for (const axis of longest) {
    const tied = tie(labels, shapes, alongOf(axis))
    if (tied.length < 2) continue
    const tokens = tied.map(({ label }) => label.token)
    for (const way of waysOf(tokens, relevant(tokens, [axis.way.reader, ...readers]))) {
      const said = readIn(tokens, way)
      const numbers = said.map((one) => one && measured(one))
      for (const power of POWERS) {
        const agreed = tied.filter((one, at) => {
          const own = numbers[at]
          return own !== null && own !== undefined && fits(own, one, power)
        }).length
        if (agreed < 2 && agreed < tied.length) continue
        if (agreed < AGREE * tied.length || (best && best.agreed >= agreed)) continue
        const marks = tied.flatMap((one, at): MarkLabel[] => {
          return said[at] ? [markLabel(one, said[at], power)] : []
        })
        best = { marks, reader: way.reader, agreed }
        if (agreed === tied.length) return best
      }
    }
  }
  return best
}
