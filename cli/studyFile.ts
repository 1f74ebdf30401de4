import { joinRegions } from '../core/label/needs'
import type { ReportedStudy } from '../shared/report/findings'
import { type Cell, stylesIn } from '../shared/quantities'
import { type StudyFile, studyFileSchema } from '../shared/study/study'
import { check, InputError, readJson } from './input'
import { fileText } from './files'
import { tablesFor } from './locales'

/** A study that was read from its file. */
export interface ReadStudy extends ReportedStudy {
  readonly path: string
  readonly file: StudyFile
  /** The file as it stands. */
  readonly text: string
  readonly cellsOf: (dataset: string, column: string) => Cell[]
}

/**
 * Reads a study's file.
 *
 * @throws InputError for a file that is not there, or is no study
 */
export function readStudy(path: string): ReadStudy {
  const text = fileText(path)
  const file = check(studyFileSchema, readJson(text, path), path)
  const { document, datasets } = file
  const cells = new Map(
    datasets.map(({ id, columns }) => [
      id,
      new Map(columns.map((column) => [column.name, column.cells])),
    ]),
  )
  return {
    ...{ path, file, text },
    document,
    datasets,
    regions: joinRegions(stylesIn(document).map(tablesFor)),
    cellsOf(dataset, column) {
      const found = cells.get(dataset)?.get(column)
      if (!found) throw new InputError(`${path}: there is no column “${column}” in the data`)
      return found
    },
  }
}
