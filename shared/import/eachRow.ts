import type { Intake } from './intake'
import { asDelimited } from './json'
import { readRows } from './rows'
import { isHeader } from './table'

/**
 * Hands the rows of a table out one after another, as their cells stand in its text: the very rows
 * that `readTable` counts.
 *
 * @param given the text that `readTable` read
 * @param table what it found
 * @param take is given the cells of a row, as many as there are columns
 * @example eachRow('a,b\n1,2', { columns: 2, rowCount: 1 }, (cells) => cells.join()) // takes ['1', '2']
 */
export function eachRow(
  given: string,
  { columns, rowCount }: { readonly columns: number; readonly rowCount: number },
  take: (cells: readonly string[], at: number) => void,
): void {
  let row: string[] = []
  let begun = 0
  const flush = () => {
    if (begun > 0) take(row, begun - 1)
  }
  /** A column that first stands in a later row is told of the rows before it, which are gone. */
  const collector = (place: number): Intake => {
    let before = begun
    return {
      votes: 0,
      finish: () => null,
      push(cell) {
        if (place === 0) {
          flush()
          row = Array<string>(columns).fill('')
          begun++
        } else if (before > 0) return void before--
        row[place] = cell
      },
    }
  }
  readRows(asDelimited(given), { isHeader, most: rowCount, column: collector })
  flush()
}
