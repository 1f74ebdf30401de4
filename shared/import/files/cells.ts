import Papa from 'papaparse'
import type { Style } from '../../../core/style/fields'
import { cellCount, checkColumns } from '../cellCount'
import { ImportError } from '../error'
import type { Tabular } from './types'

/** A table or sheet of a file. */
export interface Sheet {
  readonly name: string
  readonly rows: readonly (readonly string[])[]
  /** How the numbers of each column are written, where that is known. */
  readonly styles?: readonly (Style | null)[]
}

const widthOf = (row: readonly string[]): number =>
  row.findLastIndex((cell) => cell.trim() !== '') + 1

/** Rows without what is empty around them, each as wide as the widest. */
function trimmed(rows: Sheet['rows']): string[][] {
  const width = rows.reduce((most, row) => Math.max(most, widthOf(row)), 0)
  const last = rows.findLastIndex((row) => widthOf(row) > 0)
  const first = rows.findIndex((row) => widthOf(row) > 0)
  checkColumns(width)
  const count = cellCount()
  for (const row of rows) {
    count.written(row.length)
    count.implied(Math.max(0, width - row.length))
  }
  return rows
    .slice(Math.max(0, first), last + 1)
    .map((row) => Array.from({ length: width }, (_, at) => row[at] ?? ''))
}

/**
 * The wanted sheet of a file as delimited text; the first that has cells where none is wanted.
 *
 * @throws ImportError where no sheet has a cell
 */
export function tabular(sheets: readonly Sheet[], wanted?: number): Tabular {
  const isFilled = ({ rows }: Sheet) => rows.some((row) => widthOf(row) > 0)
  const part = wanted ?? sheets.findIndex(isFilled)
  const sheet = sheets[part]
  if (!sheet || !isFilled(sheet))
    throw new ImportError(
      sheet ? `“${sheet.name}” holds no cell; choose another.` : 'There is no table in this file.',
    )
  return {
    text: Papa.unparse(trimmed(sheet.rows), { newline: '\n' }),
    parts: sheets.length > 1 ? sheets.map(({ name }) => name) : [],
    part,
    ...(sheet.styles?.some(Boolean) ? { styles: sheet.styles } : {}),
  }
}
