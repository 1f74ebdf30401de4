import { StyleError } from '../error'
import { type Unprefixed, unprefixed } from '../measures/prefixed'

/** Why no prefix can stand before some units. */
export const POWERED =
  'no prefix can stand before a unit with a power: 1 km² is a million m², not a thousand. Choose a ladder without prefixes, such as short, or another unit'

/**
 * The measure that the rungs of a style stand before.
 *
 * @throws StyleError where its first factor has a power
 */
export function prefixable({ id }: { readonly id: unknown }): Unprefixed {
  const bare = unprefixed(String(id))
  if (bare) return bare
  throw new StyleError('unit.id', id, POWERED)
}
