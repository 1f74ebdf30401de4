import { byName } from './byName'
import { labeller } from '../core/label/labeller'
import { resolve } from '../core/label/resolve'
import { columnsOf } from '../core/style/dependencies'
import { inherit } from '../core/style/inherit'
import { styleSchema } from '../core/style/parse'
import { type RecordedAs, recordedAsIn } from '../core/style/recordedAs'
import { recordedIn } from '../core/label/context'
import { safeCell } from '../shared/escape'
import { eachRow } from '../shared/import/eachRow'
import type { ImportedColumn } from '../shared/import/types'
import { rowsBeside } from '../shared/quantities'
import { check, InputError, readJson } from './input'
import { fileText } from './files'
import { columnReasonText } from '../shared/study/columnReasonText'
import { tablesFor } from './locales'
import { tableFile } from './table'
import { measureOf } from '../core/units'

/** Characters are gathered before they are written. */
const GATHERED = 1 << 16

const QUOTED = /[",\r\n]/
/** A cell of CSV (RFC 4180) that no spreadsheet takes for a formula. */
function csvCell(cell: string): string {
  const safe = safeCell(cell)
  return QUOTED.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe
}
const csvLine = (cells: readonly string[]): string => `${cells.map(csvCell).join(',')}\r\n`

/** What the cells of a column are recorded in, as its header or its cells say. */
function recordedBy({ recorded, unit }: ImportedColumn): RecordedAs {
  const measure = measureOf(unit)
  return { recorded, ...(measure === null ? {} : { measure }) }
}

/**
 * Writes a table as CSV with a column of labels behind its own, whose cells stay as they stand in
 * its text.
 *
 * @param path of the table
 * @param column whose numbers are written
 * @param stylePath a file with a style
 * @param write takes the text, piece by piece
 * @throws InputError for a file that cannot be read, and a column that is not there or no numbers
 */
export async function labelTable(
  path: string,
  { column, style: stylePath }: { readonly column: string; readonly style: string },
  write: (text: string) => void,
): Promise<void> {
  const given = readJson(fileText(stylePath), stylePath)
  const style = check(styleSchema, given, stylePath)
  const { text, read } = await tableFile(path)
  const table = read()
  const names = table.columns.map(({ name }) => name)
  const chosen = byName(table.columns, column, ({ name }) => [name])
  const has = names.map((name) => `“${name}”`).join(', ')
  if (!chosen) throw new InputError(`--column: there is no “${column}” in ${path}; it has ${has}`)
  if (chosen.kind !== 'number')
    throw new InputError(
      `--column: “${column}” in ${path} holds no numbers (${columnReasonText(chosen.reason, chosen.role)})`,
    )
  const values = chosen.doubles ?? chosen.cells()
  const rows = rowsBeside(
    columnsOf(inherit(style)).map((name) => {
      const beside = table.columns.find((one) => one.name === name)
      if (!beside) throw new InputError(`${path}: the style looks at “${name}”, which is not there`)
      return [name, beside.cells()] as const
    }),
  )
  const recorded = recordedIn(recordedAsIn(given) ?? recordedBy(chosen))
  const writer = labeller(resolve(style, { ...tablesFor(style), values, rows, ...recorded }))
  let waiting = csvLine([...names, `${column} label`])
  eachRow(text, { columns: names.length, rowCount: table.rowCount }, (cells, at) => {
    waiting += csvLine([...cells, writer.label(values[at], rows?.[at])])
    if (waiting.length < GATHERED) return
    write(waiting)
    waiting = ''
  })
  write(waiting)
}
