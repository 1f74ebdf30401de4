import { ladders } from '.'
import type { LadderId } from '.'
import { asLadder, type OwnLadder } from './own'
import type { Ladder } from './types'

/** The ladder that a region's patterns make; its rungs are those of each region. */
export const REGIONAL = 'locale'
export type LadderName = LadderId | typeof REGIONAL | OwnLadder

const regional: Ladder = { id: REGIONAL, title: "the region's own short form", base: 10, rungs: [] }

/**
 * The ladder that a style names or brings along; that of a region has no rungs before the region is
 * known.
 *
 * @example ladderOf('binary').base // 2
 */
export function ladderOf(ladder: LadderName): Ladder {
  if (typeof ladder !== 'string') return asLadder(ladder)
  return ladder === REGIONAL ? regional : ladders[ladder]
}
