import type { Row } from '../../core/label/types'
import type { Rows } from './rows'

/** The cells that the rows of each mark agree in, by `markKey`. */
export type Agreed = ReadonlyMap<string, Row>
/** What a mark is known by: its category, and its panel where there are any. */
export const markKey = (category: string, panel: string | null | undefined): string =>
  JSON.stringify([category, panel ?? null])

/**
 * The cells of some columns that all rows of a mark have alike: a mark of rows in euros is in euros.
 * Cells that are numbers belong to their row, as its error does: they are a mark's only where it
 * stands for that row alone.
 *
 * @param cells of some columns, row by row of the page
 * @param isText whether a column is one of text
 */
export function agreedCells(
  { categories, panels }: Pick<Rows, 'categories' | 'panels'>,
  cells: readonly Row[],
  isText: (column: string) => boolean,
): Agreed {
  const found = new Map<string, Record<string, unknown>>()
  cells.forEach((row, at) => {
    const key = markKey(categories[at]!, panels?.[at])
    const own = found.get(key)
    if (!own) return void found.set(key, { ...row })
    for (const column of Object.keys(own))
      if (!isText(column) || own[column] !== row[column]) delete own[column]
  })
  return found
}
