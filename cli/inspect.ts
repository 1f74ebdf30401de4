import { readFileSync } from 'node:fs'
import { basename } from 'node:path'
import { SURFACES } from '../core/checks/types'
import { ImportError } from '../shared/import/error'
import { readFile } from '../shared/import/files'
import { readTable } from '../shared/import/table'
import { startOfTable } from '../shared/page/start'
import { styleOf } from '../shared/quantities'
import { studyFindings } from '../shared/report/findings'
import { InputError } from './input'
import { tablesFor } from './locales'

/** The bytes of a file. @throws InputError for one that cannot be read */
export function fileBytes(path: string): Uint8Array {
  try {
    return readFileSync(path)
  } catch (error) {
    throw new InputError(
      `${path} cannot be read: ${(error as NodeJS.ErrnoException).code ?? (error as Error).message}`,
    )
  }
}
/** The text of a file. @throws InputError for one that cannot be read */
export const fileText = (path: string): string => new TextDecoder().decode(fileBytes(path))

/**
 * What import would make of a file: the role of each column and why, how its cells are read, the
 * styles that its quantities begin with, and what the checks find then.
 *
 * @throws InputError for a file that cannot be read, or is no table
 * @param as the form of the file, where its name and its first bytes do not tell it
 * @example (await inspectFile('harvest.csv')).columns[0].role // 'text'
 */
export async function inspectFile(path: string, as?: string) {
  const table = await tableIn(path, as)
  const { document, dataset, cellsOf, regions } = startOfTable(basename(path), table, tablesFor)
  const styles = document.quantities.map((quantity) => [
    quantity.column,
    Object.fromEntries(SURFACES.map((surface) => [surface, styleOf(document, quantity, surface)])),
  ])
  return {
    rows: table.rowCount,
    notices: table.notices,
    columns: table.columns.map(
      ({ name, role, reason, rule, recorded, unit, missing, unread, sample, asks }) => ({
        ...{ name, role, why: reason, rule, recorded, unit, missing, unread, sample, asks },
      }),
    ),
    styles: Object.fromEntries(styles),
    findings: studyFindings({
      document,
      datasets: [dataset],
      regions,
      cellsOf: (_, name) => cellsOf(name),
    }),
  }
}

async function tableIn(path: string, as: string | undefined) {
  const bytes = fileBytes(path)
  try {
    const { text } = await readFile({ bytes, name: basename(path), as })
    return readTable(text)
  } catch (error) {
    if (error instanceof ImportError) throw new InputError(`${path}: ${error.message}`)
    throw error
  }
}
