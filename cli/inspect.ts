import { basename } from 'node:path'
import { SURFACES } from '../core/surfaces'
import { startOfTable } from '../shared/page/start'
import { styleOf } from '../shared/quantities'
import { columnReasonText } from '../shared/study/columnReasonText'
import { studyFindings } from '../shared/report/findings'
import { tablesFor } from './locales'
import { tableFile } from './table'

/**
 * What import would make of a file: the role of each column and why, how its cells are read, the
 * styles that its quantities begin with, and what the checks find then.
 *
 * @throws InputError for a file that cannot be read, or is no table
 * @param as the form of the file, where its name and its first bytes do not tell it
 * @example (await inspectFile('harvest.csv')).columns[0].role // 'text'
 */
export async function inspectFile(path: string, as?: string) {
  const table = (await tableFile(path, as)).read()
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
        ...{
          name,
          role,
          why: columnReasonText(reason, role),
          code: reason.code,
          rule,
          recorded,
          unit,
          missing,
          unread,
          sample,
          asks,
        },
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
