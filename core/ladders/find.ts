import { ladders } from '.'
import type { LadderId } from '.'
import { asLadder, type OwnLadder } from './own'
import type { Ladder } from './types'

/** The ladder that a style names or brings along. */
export const ladderOf = (ladder: LadderId | OwnLadder): Ladder => (typeof ladder === 'string' ? ladders[ladder] : asLadder(ladder))
