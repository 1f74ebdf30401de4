import { LIMITS } from '../limits'
import { countText } from './counts'
import { ImportError } from './error'

/** Counts the cells of a table before they are made, so that a short file cannot fill the memory. */
export interface CellCount {
  /** Cells that the file writes out. @throws ImportError past the limit */
  written(cells: number): void
  /**
   * Cells that the file only implies: repeats, cells that span several places, and rows that lack a
   * column that others have.
   *
   * @throws ImportError past the limit
   */
  implied(cells: number): void
}

/** @throws ImportError where a table has more columns than are taken */
export function checkColumns(columns: number): void {
  if (columns > LIMITS.columns)
    throw new ImportError(
      `The table has ${countText(columns)} columns; at most ${countText(LIMITS.columns)} are taken. Import a part of it.`,
    )
}

/** A count that starts at zero. */
export function cellCount(): CellCount {
  let [all, implied] = [0, 0]
  const add = (cells: number) => {
    all += cells
    if (all > LIMITS.cells)
      throw new ImportError(
        `The table has more than ${countText(LIMITS.cells)} cells, which is as many as are taken. Import a part of it.`,
      )
  }
  return {
    written: add,
    implied(cells) {
      implied += cells
      if (implied > LIMITS.impliedCells)
        throw new ImportError(
          `The file repeats or leaves out cells so often that the table would have more than ${countText(LIMITS.impliedCells)} of them, which is as many as are taken. Import a part of it.`,
        )
      add(cells)
    },
  }
}
