import { leftOf, rightOf } from '../../core/proof/edges'
import { textWidth } from '../../core/text/advance'
import type { SvgText } from './svgText'

/** Between labels beside each other there is as much room as this, in sizes. */
const GAP = 0.2
/** What is left to the last digits of doubles. */
const SLACK = 1e-9
/** How far labels are turned that have no room beside each other, in degrees. */
export const TURNED = -45

/** How much too near labels stand that lie beside each other: above 1 where they have room. */
function roomBetween(texts: readonly SvgText[]): number {
  const sorted = [...texts].sort((a, b) => a.x - b.x)
  const rooms = sorted.slice(1).map((right, at) => {
    const left = sorted[at]!
    const within = rightOf(left) - left.x + right.x - leftOf(right)
    return (right.x - left.x - GAP * right.size) / Math.max(within, Number.MIN_VALUE)
  })
  return Math.min(...rooms)
}

/**
 * Whether labels side by side have no room for what they are to say. Those of a file have room as
 * they stand: where the shipped typeface says that they have not, the file's own is narrower by as
 * much.
 *
 * @param texts the labels as they stand, level, on one line
 */
export function haveNoRoom(texts: readonly SvgText[], labels: readonly string[]): boolean {
  if (texts.length < 2) return false
  const narrower = Math.min(1, roomBetween(texts))
  const after = texts.map((text, at) => ({
    ...text,
    width: textWidth(labels[at]!, text.size) * narrower,
  }))
  return narrower > 0 && roomBetween(after) < 1 - SLACK
}

/**
 * What turns a label about where it is anchored, its end or its beginning there.
 *
 * @returns attributes of its element; null where its own style sheet keeps its anchor
 */
export function turned(
  { element, local, isAnchorSet }: SvgText,
  isBelow: boolean,
): Readonly<Record<string, string>> | null {
  if (isAnchorSet) return null
  const before = element.attribs.transform ? `${element.attribs.transform} ` : ''
  const about = [TURNED, local.x, local.y].map((one) => Math.round(one * 100) / 100).join(' ')
  return {
    transform: `${before}rotate(${about})`,
    'text-anchor': isBelow ? 'end' : 'start',
  }
}
