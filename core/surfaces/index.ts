import { axis } from './axis'
import { headline } from './headline'
import { legend } from './legend'
import { marks } from './marks'
import { sentence } from './sentence'
import { table } from './table'
import { tooltip } from './tooltip'
import type { SurfaceTraits } from './types'

/** Every surface by its id, in the order in which the program lists them. */
const all = { axis, marks, table, tooltip, legend, headline, sentence }
/** The id of a surface. */
export type Surface = keyof typeof all
export const surfaces: Readonly<Record<Surface, SurfaceTraits>> = all
export const SURFACES = Object.keys(all) as readonly Surface[] as readonly [Surface, ...Surface[]]

/**
 * Returns what a surface is called in messages.
 *
 * @example surfaceName('marks') // 'data labels'
 */
export const surfaceName = (surface: Surface): string =>
  surface === 'marks' ? 'data labels' : surface

/**
 * Returns the surfaces that have a trait, in their order.
 *
 * @example surfacesWhere(({ isProse }) => isProse) // ['headline', 'sentence']
 */
export const surfacesWhere = (has: (traits: SurfaceTraits) => boolean): Surface[] =>
  SURFACES.filter((surface) => has(surfaces[surface]))
