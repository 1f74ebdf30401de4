import { short } from './short'
import type { Ladder } from './types'

/** Every ladder, by its id. To add one, add its file and a line here. */
export const ladders = { short } satisfies Record<string, Ladder>
export type LadderId = keyof typeof ladders
export const LADDER_IDS = Object.keys(ladders) as [LadderId, ...LadderId[]]
