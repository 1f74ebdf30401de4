import type { Subject } from '../../core/checks/types'
import type { Row } from '../../core/label/types'
import type { Drawing } from '../forms/types'
import { markKey } from './agreed'
import { unitIn } from './commonUnit'
import type { Rows } from './rows'

/** Rows in several units that no rate leads from one to the other. */
export interface MixedRows {
  /** The column that names the units. */
  readonly column: string
  /** The units, the one of most rows first; empty text where rows name none. */
  readonly units: readonly string[]
  /** The unit of each row. */
  readonly unitAt: readonly string[]
}

/**
 * The units of rows, where there are several: numbers of different currencies or measures cannot be
 * added, nor stand on one scale.
 *
 * @param column the one that names their units
 * @param cells beside the rows; undefined where they are not here yet
 * @returns null where all rows that have a number are in one unit, or name none at all
 */
export function mixedRows(
  column: string,
  { values }: Pick<Rows, 'values'>,
  cells: readonly Row[] | undefined,
): MixedRows | null {
  if (!cells) return null
  const unitAt = cells.map((row) => unitIn(row[column]))
  const counts = new Map<string, number>()
  unitAt.forEach((unit, at) => {
    if (values[at]) counts.set(unit, (counts.get(unit) ?? 0) + 1)
  })
  if (counts.size < 2) return null
  const units = [...counts].sort((a, b) => b[1] - a[1]).map(([unit]) => unit)
  return { column, units, unitAt }
}

/** The places of groups whose rows are in several units. */
export function mixedGroups(
  { groups, panels }: Drawing,
  { categories, panels: panelOf }: Pick<Rows, 'categories' | 'panels'>,
  { unitAt }: MixedRows,
): number[] {
  const units = new Map<string, Set<string>>()
  unitAt.forEach((unit, at) => {
    const key = markKey(categories[at]!, panelOf?.[at])
    units.set(key, (units.get(key) ?? new Set()).add(unit))
  })
  return groups.flatMap(({ category }, at) => {
    const panel = panelOf ? panels.find(({ to }) => at < to)?.name : null
    return (units.get(markKey(category, panel))?.size ?? 0) > 1 ? [at] : []
  })
}

/** A unit as messages name it. */
export const unitWords = (unit: string): string => unit || 'no unit'

/** What a check is told of mixed rows. */
export const toldOf = (
  { column, units }: MixedRows,
  over: NonNullable<Subject['mixed']>['over'],
  at?: readonly number[],
): Subject['mixed'] => ({ over, column, units: units.map(unitWords), ...(at ? { at } : {}) })
