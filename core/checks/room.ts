import type { Decimal } from '../decimal/decimal'
import { textWidth } from '../text/advance'
import { alongOf } from '../ticks/linear'
import { surfaces } from '../surfaces'
import type { Proof, Room } from './types'

/** Labels side by side need a gap of this part of the font size to be told apart. */
const GAP = 0.5
/** Whether labels stand side by side in the room; otherwise each has all of it. */
export const isBeside = ({ surface }: Pick<Proof, 'surface'>, room: Room): boolean =>
  !room.each && surfaces[surface].sharesRoom
/** How wide the text of each label is, with what stands behind it. */
export const textWidths = (
  { labels, around, below }: Pick<Labelled, 'labels' | 'around' | 'below'>,
  { fontSize, weight }: Pick<Room, 'fontSize' | 'weight'>,
): number[] =>
  labels.map((label, at) => {
    const beside = textWidth(around?.[at] ?? '', fontSize)
    return Math.max(
      textWidth(label, fontSize, weight) + beside,
      textWidth(below?.[at] ?? '', fontSize),
    )
  })

/** Lines that do not touch are told apart without more. */
export const gapOf = ({ stacked, fontSize }: Room): number => (stacked ? 0 : GAP * fontSize)

/** A line of text is this many ems high. */
const LINE = 1.2
export interface Labelled extends Pick<Proof, 'surface' | 'around' | 'below'> {
  readonly values: readonly Decimal[]
  readonly labels: readonly string[]
}

export const widthsOf = (
  labelled: Pick<Labelled, 'labels' | 'around' | 'below'>,
  room: Room,
): number[] => {
  if (room.stacked) return labelled.labels.map(() => room.fontSize)
  if (room.turned) return labelled.labels.map(() => LINE * room.fontSize)
  return textWidths(labelled, room)
}

/**
 * Where the middle of each label stands: at its tick, or in the middle of its share of the room.
 */
export function middlesOf(
  { surface, values }: Labelled,
  { width, ends, middles }: Room,
): readonly number[] {
  if (middles?.length === values.length) return middles
  if (!surfaces[surface].hasTicks)
    return values.map((_, at) => ((at + 0.5) * width) / values.length)
  const reach = ends ?? ([values[0]!, values.at(-1)!] as const)
  return values.map((value) => alongOf(value, reach) * width)
}

/**
 * Pixels between each label and the next, or between its end and that of its room; below zero where
 * they collide.
 */
export function clearances(labelled: Labelled, room: Room): number[] {
  const widths = widthsOf(labelled, room)
  if (!isBeside(labelled, room)) return widths.map((width) => room.width - width)
  const middles = middlesOf(labelled, room)
  return widths
    .slice(1)
    .map((width, at) => middles[at + 1]! - middles[at]! - (width + widths[at]!) / 2)
}
