import type { Surface } from '../../../core/surfaces'
import { axis } from './axis'
import { headline } from './headline'
import { legend } from './legend'
import { marks } from './marks'
import { sentence } from './sentence'
import { table } from './table'
import { tooltip } from './tooltip'
import type { PageSurface } from './types'

/** Every surface of a page. */
export const pageSurfaces: Readonly<Record<Surface, PageSurface>> = {
  axis,
  marks,
  table,
  tooltip,
  legend,
  headline,
  sentence,
}
