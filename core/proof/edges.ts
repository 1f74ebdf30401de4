import type { PlacedText } from './types'

/** Degrees. */
const LEVEL = 1
/** The middle of digits is this part of the size over their baseline. */
const MIDDLE = 0.36

/** Whether a text is not turned. */
export const isLevel = ({ angle }: PlacedText): boolean => Math.abs(angle) < LEVEL

/** The left edge of a level text. */
export const leftOf = ({ x, width, anchor }: PlacedText): number => {
  if (anchor === 'start') return x
  return anchor === 'end' ? x - width : x - width / 2
}
/** The right edge of a level text. */
export const rightOf = (text: PlacedText): number => leftOf(text) + text.width
export const centreOf = (text: PlacedText): number => leftOf(text) + text.width / 2
export const middleOf = ({ y, size }: PlacedText): number => y - MIDDLE * size
