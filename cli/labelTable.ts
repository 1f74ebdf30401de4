import { basename } from 'node:path'
import Papa from 'papaparse'
import { labeller } from '../core/label/labeller'
import { resolve } from '../core/label/resolve'
import { columnsOf } from '../core/style/dependencies'
import { inherit } from '../core/style/inherit'
import { styleSchema } from '../core/style/parse'
import { recordedIn } from '../core/label/context'
import { safeCell } from '../shared/escape'
import { ImportError } from '../shared/import/error'
import { readFile } from '../shared/import/files'
import { readTable } from '../shared/import/table'
import { rowsBeside } from '../shared/quantities'
import { check, InputError, readJson } from './input'
import { fileBytes, fileText } from './inspect'
import { tablesFor } from './locales'

/** Rows are written so many at a time. */
const GATHERED = 5000

/**
 * A table with a column of labels behind its own, as CSV (RFC 4180), some thousand rows at a time.
 *
 * @param path of the table
 * @param column whose numbers are written
 * @param stylePath a file with a style
 * @throws InputError for a file that cannot be read, and a column that is not there or no numbers
 */
export async function* labelTable(
  path: string,
  column: string,
  stylePath: string,
): AsyncGenerator<string> {
  const style = check(styleSchema, readJson(fileText(stylePath), stylePath), stylePath)
  const table = await tableOf(path)
  const names = table.columns.map(({ name }) => name)
  const chosen = table.columns.find(({ name }) => name === column)
  if (!chosen)
    throw new InputError(
      `--column: there is no “${column}” in ${path}; it has ${names.map((name) => `“${name}”`).join(', ')}`,
    )
  if (chosen.kind !== 'number')
    throw new InputError(`--column: “${column}” in ${path} holds no numbers (${chosen.reason})`)
  const cells = table.columns.map((one) => one.cells())
  const values = cells[table.columns.indexOf(chosen)]!
  const beside = columnsOf(inherit(style)).map((name) => {
    const at = names.indexOf(name)
    if (at < 0) throw new InputError(`${path}: the style looks at “${name}”, which is not there`)
    return [name, cells[at]!] as const
  })
  const rows = rowsBeside(beside)
  const recorded = recordedIn({ recorded: chosen.recorded })
  const writer = labeller(resolve(style, { ...tablesFor(style), values, rows, ...recorded }))
  const csv = (lines: readonly (readonly string[])[]) =>
    `${Papa.unparse(
      lines.map((line) => line.map(safeCell)),
      { newline: '\r\n' },
    )}\r\n`
  yield csv([[...names, `${column} label`]])
  for (let from = 0; from < values.length; from += GATHERED) {
    const to = Math.min(values.length, from + GATHERED)
    yield csv(
      Array.from({ length: to - from }, (_, i) => {
        const at = from + i
        return [...cells.map((own) => own[at] ?? ''), writer.label(values[at]!, rows?.[at])]
      }),
    )
  }
}

async function tableOf(path: string) {
  try {
    const { text } = await readFile({ bytes: fileBytes(path), name: basename(path) })
    return readTable(text)
  } catch (error) {
    if (error instanceof ImportError) throw new InputError(`${path}: ${error.message}`)
    throw error
  }
}
