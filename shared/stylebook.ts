import type { Style } from '../core/style/fields'
import type { Surface } from '../core/surfaces'
import type { StudyDocument } from './study/document'
import { ordered } from './study/fileText'
import type { BookEntry, Linked } from './study/linked'

/** Where a style of the stylebook is taken: the house, a quantity, or one of its surfaces. */
export interface Place {
  readonly quantity?: string | undefined
  readonly surface?: Surface | undefined
}

/**
 * The place of a level of a quantity.
 *
 * @example placeOf('q1', 'axis') // { quantity: 'q1', surface: 'axis' }
 */
export function placeOf(quantity: string, level: 'house' | 'quantity' | Surface): Place {
  if (level === 'house') return {}
  return level === 'quantity' ? { quantity } : { quantity, surface: level }
}
const isAt =
  ({ quantity, surface }: Place) =>
  (one: Place): boolean =>
    one.quantity === quantity && one.surface === surface

/** What a place takes from the stylebook; undefined where it takes nothing. */
export const linkedAt = (
  { linked = [] }: Pick<StudyDocument, 'linked'>,
  place: Place,
): Linked | undefined => linked.find(isAt(place))

/**
 * The document with a place that takes a style of the stylebook, or with null nothing from there.
 *
 * @example withLinked(document, { quantity: 'q1' }, { name: 'Money', version: 2, style })
 */
export function withLinked(
  document: StudyDocument,
  place: Place,
  entry: BookEntry | null,
): StudyDocument {
  const others = (document.linked ?? []).filter((one) => !isAt(place)(one))
  const own = entry && { ...place, name: entry.name, version: entry.version, style: entry.style }
  const linked = own ? [...others, own] : others
  return { ...document, linked: linked.length > 0 ? linked : undefined }
}

/** A place whose style the stylebook has otherwise now. */
export interface Update {
  readonly place: Linked
  readonly entry: BookEntry
}
/**
 * Whether two styles say the same, in whatever order.
 *
 * @example isSameStyle({ sign: 'always', zero: '0' }, { zero: '0', sign: 'always' }) // true
 */
export const isSameStyle = (a: Style, b: Style): boolean =>
  JSON.stringify(ordered(a)) === JSON.stringify(ordered(b))

/**
 * The places of a study whose style the stylebook has otherwise now, whatever its version says: a
 * file can be changed by hand. A place whose quantity is gone is none.
 *
 * @param entries of the stylebook, the newest of each name
 */
export const updatesOf = (
  { linked = [], quantities }: Pick<StudyDocument, 'linked' | 'quantities'>,
  entries: readonly BookEntry[],
): Update[] =>
  linked.flatMap((place) => {
    const isGone =
      place.quantity !== undefined && !quantities.some(({ id }) => id === place.quantity)
    const entry = entries.find(({ name }) => name === place.name)
    return entry && !isGone && !isSameStyle(entry.style, place.style) ? [{ place, entry }] : []
  })

/** The stylebook as it stands: the newest version of each style, and what could not be read. */
export interface Stylebook {
  readonly entries: readonly BookEntry[]
  /** Files that hold no style, with what is wrong. */
  readonly troubles: readonly { readonly file: string; readonly message: string }[]
  /** The folder of its files; null where it is kept with the studies. */
  readonly folder: string | null
}
