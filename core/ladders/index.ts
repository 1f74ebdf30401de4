import { binary } from './binary'
import { indian } from './indian'
import { long } from './long'
import { myriad } from './myriad'
import { short } from './short'
import { si } from './si'
import type { Ladder } from './types'

/** Every ladder, by its id. To add one, add its file and a line here. */
export const ladders = { short, si, long, indian, myriad, binary } satisfies Record<string, Ladder>
export type LadderId = keyof typeof ladders
export const LADDER_IDS = Object.keys(ladders) as [LadderId, ...LadderId[]]
