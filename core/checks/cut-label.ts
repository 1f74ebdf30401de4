import { fewerDecimals } from './changes'
import { MOST_WAYS, shorterForms } from './crowded'
import { quoted } from './numbers'
import { labelsOf, valuesOf } from './proof'
import { isBeside, type Labelled, middlesOf, textWidths } from './room'
import type { Check, Room } from './types'

/** Letters have some air around them, so that this much past an edge is seen by nobody. */
const SLACK = 2

/** How many pixels of each label lie past the edges of its picture; zero or below where none do. */
function cutPixels(labelled: Labelled, room: Room): number[] {
  const widths = textWidths(labelled, room)
  if (room.stacked) return widths.map((width) => width - (room.across ?? Infinity))
  const { frame } = room
  if (!frame || room.turned) return widths.map((width) => width - room.width)
  const middles = middlesOf(labelled, room)
  return widths.map((width, at) => {
    const middle = middles[at]!
    return Math.max(frame[0] - (middle - width / 2), middle + width / 2 - frame[1])
  })
}

/**
 * Protects readers from a label of which they see a part alone, and may take it for another number.
 * Labels within their picture are left alone, and so is a surface whose room nobody knows.
 */
export const cutLabel: Check<{ label: string; cut: number; count: number }> = {
  id: 'cut-label',
  title: 'A label is cut',
  brings: { checks: ['crowded'] },
  weight: 'error',
  mostFixes: MOST_WAYS,
  finds: 'a label that the edge of its picture cuts off',
  find(proof) {
    const { room, surface, around, below } = proof
    if (!room || proof.values.length === 0 || !isBeside(proof, room)) return null
    const labels = labelsOf(proof)
    const past = cutPixels({ surface, around, below, labels, values: valuesOf(proof) }, room)
    const at = past.flatMap((pixels, place) => (pixels > SLACK ? [place] : []))
    if (at.length === 0) return null
    const worst = at.reduce((most, place) => (past[place]! > past[most]! ? place : most))
    return {
      severity: 'error',
      params: { label: labels[worst]!, cut: Math.ceil(past[worst]!), count: at.length },
      at,
    }
  },
  message: ({ label, cut, count }) =>
    `${cut} px of ${quoted(label)} are cut off${count === 1 ? '' : `, as one of ${count} labels`}. Readers see only a part of the number.`,
  *propose(proof) {
    yield* fewerDecimals(proof)
    yield* shorterForms(proof)
  },
}
