import type { Context } from '../../../core/label/context'
import type { Decimal } from '../../../core/decimal/decimal'
import type { Drawing } from '../../forms/types'
import type { Derivation } from '../../graph/derivation'
import type { CheckedSubject } from '../subjects'
import type { AdjustedParts } from '../totals'
import type { PageValues, Shows } from '../values'

/** What decides labels besides their style: the values that share a rung, and their rows. */
export type Sharing = Pick<Context, 'values' | 'rows' | 'step'>

type Without<One> = One extends unknown ? Omit<One, 'surface' | 'style'> : never
/** The subject of a surface without its style. */
export type Checked = Without<CheckedSubject>

/** How a page fills a surface. What the surface is, its file in `core/surfaces` says. */
export interface PageSurface {
  /** The numbers of its labels, in order. */
  readonly numbers: Derivation<PageValues, readonly Decimal[]>
  /** The values that it writes, if they are not its numbers. */
  readonly values?: Derivation<PageValues, Shows['values']>
  /** The rows that exceptions look at, if there are any. */
  readonly rows?: Derivation<PageValues, Shows['rows']>
  /** What decides its labels. It looks at all rows, so a filter changes no unit. */
  readonly sharing: Derivation<PageValues, Sharing>
  readonly checked: Derivation<PageValues, Checked>
  /** Returns the number of a label; null if labels cannot be picked. */
  readonly numberAt: (
    page: Pick<PageValues, 'rows'>,
    numbers: readonly Decimal[],
    at: number,
  ) => Decimal | null | undefined
  /** Returns the name of a label's mark or row; null if it has none. */
  readonly nameAt: (page: Pick<PageValues, 'drawing' | 'rows'>, at: number) => string | null
  /** Returns the indices of the marks that its labels belong to; null if to none. */
  readonly marks: ((drawing: Drawing) => readonly number[]) | null
  /** Returns the ticks that are exported with its labels; null if there are none. */
  readonly ticks: (drawing: Drawing) => readonly Decimal[] | null
  /** Returns the labels that were typed by hand, by their index. */
  readonly byHand: (page: Readonly<PageValues>) => ReadonlyMap<number, string>
  /** Returns the labels that are adjusted so that parts add up, by their index. */
  readonly adjusted: (page: Readonly<PageValues>) => AdjustedParts
  /** Where a line from the margin ends: at a label, at a heading, or at the whole surface. */
  readonly leadsTo: 'label' | 'head' | 'whole'
  /** Whether such a line can go straight to it from the left of the page. */
  readonly isAtLeft: boolean
}
