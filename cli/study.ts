import { basename } from 'node:path'
import { joinRegions } from '../core/label/needs'
import { isFailure, studyFindings } from '../shared/report/findings'
import { type ReportFormat, reportFormats } from '../shared/report/formats'
import { stylesIn } from '../shared/quantities'
import { studyFileSchema } from '../shared/study/study'
import { check, InputError, readJson } from './input'
import { fileText } from './inspect'
import { tablesFor } from './locales'

const FORMATS = Object.keys(reportFormats) as ReportFormat[]

/**
 * Checks a study's file for continuous integration.
 *
 * @returns the report, and whether an error stands in it that nobody left with a reason
 * @throws InputError for a file that is not there, or is no study
 */
export function checkStudy(path: string, format: string): { report: string; isBad: boolean } {
  const write = reportFormats[format as ReportFormat]
  if (!write) throw new InputError(`--format takes ${FORMATS.join(', ')}; it was ${format}`)
  const text = fileText(path)
  const { document, datasets } = check(studyFileSchema, readJson(text, path), path)
  const cells = new Map(
    datasets.map(({ id, columns }) => [
      id,
      new Map(columns.map((column) => [column.name, column.cells])),
    ]),
  )
  const findings = studyFindings({
    document,
    datasets,
    regions: joinRegions(stylesIn(document).map(tablesFor)),
    cellsOf: (dataset, column) => {
      const found = cells.get(dataset)?.get(column)
      if (!found) throw new InputError(`${path}: there is no column “${column}” in the data`)
      return found
    },
  })
  return { report: write(findings, basename(path)), isBad: findings.some(isFailure) }
}
