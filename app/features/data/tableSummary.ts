import { words } from '~~/words'
import type { TablePreview } from './preview'

const { delimiters, summary } = words.data.importDialog

const delimiterNames: Readonly<Record<string, string>> = {
  ',': delimiters.comma,
  ';': delimiters.semicolon,
  '\t': delimiters.tab,
  '|': delimiters.bar,
}

/**
 * Returns the size of a table as text.
 *
 * @param numeric how many of its columns hold numbers
 */
export const tableSummary = (
  { rowCount, delimiter, columns }: TablePreview,
  numeric: number,
): string =>
  summary({
    rows: rowCount,
    delimiter: delimiterNames[delimiter] ?? delimiter,
    numeric,
    columns: columns.length,
  })
