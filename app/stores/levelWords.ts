import { type Surface, SURFACES } from '~~/core/surfaces'
import type { Level, OwnStyle } from '~~/shared/quantities'
import { STYLED_PARTS } from '~~/shared/forms/parts'
import { words } from '~~/words'

const { where, names, heads, origins } = words.levels

const bySurface = (say: (surface: Surface) => string) =>
  Object.fromEntries(SURFACES.map((surface) => [surface, say(surface)])) as Record<Surface, string>
/** Each level as it stands in a sentence. */
export const levelWords: Readonly<Record<Level, string>> = {
  ...words.surfaces.where,
  ...where,
}
/** Whose each level is. */
export const levelNames: Readonly<Record<Level, string>> = {
  ...names,
  ...bySurface((surface) => names.surface({ surface: words.surfaces.names[surface] })),
}
/** Each level as the head of a column. */
export const levelHeads: Readonly<Record<Level, string>> = {
  ...names,
  ...words.surfaces.names,
  ...heads,
}
/**
 * The level that a click on a part of the page takes up: of a mark's part, or of the surface; null
 * elsewhere.
 */
export function levelAt(element: Element): Level | null {
  const own = (name: 'level' | 'surface') =>
    element.closest<HTMLElement>(`[data-${name}]`)?.dataset[name]
  return ((own('level') ?? own('surface')) as Level | undefined) ?? null
}
export const LEVELS: readonly Level[] = ['quantity', ...SURFACES, ...STYLED_PARTS, 'house']

/** Where a phrase's value comes from, seen from the level in hand. */
export type Origin = 'here' | 'marks' | 'quantity' | 'house' | 'stylebook' | 'builtIn'
export const originWords: Readonly<Record<Origin, string>> = origins
export function originOn(level: Level, from: OwnStyle | null): Origin {
  if (from === null) return 'builtIn'
  if (from.taken) return 'stylebook'
  if (from.level === level) return 'here'
  return Object.hasOwn(originWords, from.level) ? (from.level as Origin) : 'quantity'
}
