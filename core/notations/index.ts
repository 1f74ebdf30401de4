import { clock } from './clock'
import { multiple } from './multiple'
import { plain } from './plain'
import { scaled } from './scaled'
import { engineering, scientific } from './scientific'
import type { Notation } from './types'

/** Every notation, by its id. To add one, add its file and a line here. */
export const notations = {
  plain,
  scaled,
  scientific,
  engineering,
  multiple,
  clock,
} satisfies Record<string, Notation>
export type NotationId = keyof typeof notations
/** The notation of a style. */
export const notationOf = ({ notation }: { readonly notation: NotationId }): Notation =>
  notations[notation]
export const NOTATION_IDS = Object.keys(notations) as [NotationId, ...NotationId[]]
