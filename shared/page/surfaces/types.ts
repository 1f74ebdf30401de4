import type { Context } from '../../../core/label/context'
import type { Decimal } from '../../../core/decimal/decimal'
import type { Drawing } from '../../forms/types'
import type { Derivation } from '../../graph/derivation'
import type { CheckedSubject } from '../subjects'
import type { AdjustedParts } from '../totals'
import type { PageValues, Shows } from '../values'

/** What decides the labels of a surface besides its style: values that share a rung, and rows. */
export type Sharing = Pick<Context, 'values' | 'rows' | 'step'>

type Without<One> = One extends unknown ? Omit<One, 'surface' | 'style'> : never
/** What is checked of a surface besides its style. */
export type Checked = Without<CheckedSubject>

/** A surface as a page fills it, where its own file in `core/surfaces` says what it is. */
export interface PageSurface {
  /** Its numbers, in their order. */
  readonly numbers: Derivation<PageValues, readonly Decimal[]>
  /** Its values as they are written; its numbers, where nothing else is said. */
  readonly values?: Derivation<PageValues, Shows['values']>
  /** The rows that cases look at; none where nothing is said. */
  readonly rows?: Derivation<PageValues, Shows['rows']>
  /** Of all rows, so that a filter changes no unit. */
  readonly sharing: Derivation<PageValues, Sharing>
  readonly checked: Derivation<PageValues, Checked>
  /** The number that a label stands for; null where nobody can point at one. */
  readonly numberAt: (
    page: Pick<PageValues, 'rows'>,
    numbers: readonly Decimal[],
    at: number,
  ) => Decimal | null | undefined
  /** The name of the mark or the row that a label stands at; null where there is none. */
  readonly nameAt: (page: Pick<PageValues, 'drawing' | 'rows'>, at: number) => string | null
  /** The marks that its labels are of, by their places; null where they are of none. */
  readonly marks: ((drawing: Drawing) => readonly number[]) | null
  /** The ticks that go with its labels into a program; null where there are none. */
  readonly ticks: (drawing: Drawing) => readonly Decimal[] | null
  /** Labels that stand in the place of what its style writes, by hand. */
  readonly byHand: (page: Readonly<PageValues>) => ReadonlyMap<number, string>
  /** Labels that are adjusted so that all add up. */
  readonly adjusted: (page: Readonly<PageValues>) => AdjustedParts
  /** What a line from the margin leads to: a label, the head of its column, or all of it. */
  readonly leadsTo: 'label' | 'head' | 'whole'
  /** Whether such a line reaches it straight from the left of the page. */
  readonly isAtLeft: boolean
}
