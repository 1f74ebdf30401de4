import type { Surface } from '../../../core/surfaces'
import { axis } from './axis'
import { headline } from './headline'
import { legend } from './legend'
import { marks } from './marks'
import { sentence } from './sentence'
import { table } from './table'
import { tooltip } from './tooltip'
import type { PageSurface } from './types'

/** How a page fills each of its surfaces. */
export const pageSurfaces: Readonly<Record<Surface, PageSurface>> = {
  axis,
  marks,
  table,
  tooltip,
  legend,
  headline,
  sentence,
}
