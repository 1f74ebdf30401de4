import { plain } from './plain'
import { scaled } from './scaled'
import { scientific } from './scientific'
import type { Notation } from './types'

/** Every notation, by its id. To add one, add its file and a line here. */
export const notations = { plain, scaled, scientific } satisfies Record<string, Notation>
export type NotationId = keyof typeof notations
export const NOTATION_IDS = Object.keys(notations) as [NotationId, ...NotationId[]]
