import { type Surface, SURFACES, surfaces } from '~~/core/surfaces'
import type { Level, OwnStyle } from '~~/shared/quantities'
import { STYLED_PARTS, type StyledPart } from '~~/shared/forms/parts'

/** Whose each part of a mark is. */
const partNames: Record<StyledPart, string> = {
  share: 'the shares',
  seriesShare: 'the shares of panels',
  change: 'the changes',
  against: 'the changes from another column',
}
const bySurface = (say: (surface: Surface) => string) =>
  Object.fromEntries(SURFACES.map((surface) => [surface, say(surface)])) as Record<Surface, string>
/** Each level as it stands in a sentence. */
export const levelWords: Readonly<Record<Level, string>> = {
  house: 'everywhere in this study',
  quantity: 'on every surface',
  ...bySurface((surface) => surfaces[surface].where),
  ...(Object.fromEntries(
    STYLED_PARTS.map((part) => [part, `in ${partNames[part]} on marks`]),
  ) as Record<StyledPart, string>),
}
/** Whose each level is. */
export const levelNames: Readonly<Record<Level, string>> = {
  house: 'the house style',
  quantity: 'the quantity',
  ...bySurface((surface) => `the ${surface}`),
  ...partNames,
}
/** Each level as the head of a column. */
export const levelHeads: Readonly<Record<Level, string>> = {
  house: 'house style',
  quantity: 'every surface',
  ...bySurface((surface) => surface),
  ...partNames,
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
export type Origin = 'here' | 'marks' | 'quantity' | 'house' | 'stylebook' | 'nobody'
export const originWords: Readonly<Record<Origin, string>> = {
  here: 'Set here',
  marks: 'From the marks',
  quantity: 'From the quantity',
  house: 'From the house style',
  stylebook: 'From the stylebook',
  nobody: 'As the program has it by itself',
}
export function originOn(level: Level, from: OwnStyle | null): Origin {
  if (from === null) return 'nobody'
  if (from.taken) return 'stylebook'
  if (from.level === level) return 'here'
  return Object.hasOwn(originWords, from.level) ? (from.level as Origin) : 'quantity'
}
