import type { FullStyle } from '../style/schemas'
import type { Part, PartType } from './types'
import { joined } from './write'

/** What ends before the decimal mark, or where it would stand. */
const WHOLE: readonly PartType[] = ['integer', 'group']

/**
 * Where a label is cut in two for each alignment: the place of the first part of the second half.
 */
const cuts: Record<FullStyle['align'], (parts: readonly Part[]) => number> = {
  end: () => 0,
  decimal(parts) {
    const last = parts.findLastIndex(({ type }) => WHOLE.includes(type))
    return last < 0 ? parts.length : last + 1
  },
  edges: (parts) =>
    Math.max(
      0,
      parts.findIndex(({ type }) => WHOLE.includes(type)),
    ),
}

/**
 * A label in two, for a column of a table. `decimal`: up to the decimal mark, and from it on, so
 * that the marks stand under each other where the second halves are equally wide. `edges`: what
 * stands before the number, and the rest.
 *
 * @param parts from `partsOf`
 * @example halves(partsOf(plan, written), 'decimal') // ['1,234', '.5M']
 */
export function halves(parts: readonly Part[], align: FullStyle['align']): [string, string] {
  const at = cuts[align](parts)
  return [joined(parts.slice(0, at)), joined(parts.slice(at))]
}
