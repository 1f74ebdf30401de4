import { isNumeric } from '../../core/data/roles'
import type { Regions } from '../../core/label/region'
import { startsOf } from '../../shared/page/start'
import { type Cell, decimalOf } from '../../shared/quantities'
import { datasetAs } from '../../shared/study/dataset'
import type { StudyDocument } from '../../shared/study/document'
import type { NewRole } from '../../shared/study/requests'
import type { Study } from '../../shared/study/study'
import { columnCells } from '../db/columns'
import { changing, type Db } from '../db/database'
import { ColumnError } from './derivedColumn'
import { loadStudy, saveStudy } from './studies'

/** The document with a role said of a column. */
const withRole = (
  document: StudyDocument,
  datasetId: string,
  { column, role }: NewRole,
): StudyDocument => ({
  ...document,
  roles: [
    ...(document.roles ?? []).filter((one) => one.datasetId !== datasetId || one.column !== column),
    { datasetId, column, role },
  ],
})

/**
 * Says what a column is for, other than it was read: a column of numbers has a quantity, one of
 * names has none.
 *
 * @param regions tables of the regions and units that the study is written in
 * @throws ColumnError for a column that is not there, and where no cell is a number
 * @returns the study with it, or undefined when there is none of that id
 */
export function changeRole(
  db: Db,
  { studyId, datasetId }: { readonly studyId: string; readonly datasetId: string },
  wanted: NewRole,
  regions: Regions = {},
): Study | undefined {
  return changing(db, () => {
    const study = loadStudy(db, studyId)
    const stored = study?.datasets.find((one) => one.id === datasetId)
    if (!study || !stored) return undefined
    const { column, role } = wanted
    if (!stored.columns.some(({ name }) => name === column))
      throw new ColumnError(`There is no column “${column}” in ${stored.name}.`)
    const cellsOf = (name: string): Cell[] => columnCells(db, datasetId, name)
    const document = withRole(study.document, datasetId, wanted)
    const isOwn = (one: { datasetId: string; column: string }) =>
      one.datasetId === datasetId && one.column === column
    const others = document.quantities.filter((one) => !isOwn(one))
    if (isNumeric(role) && !cellsOf(column).some((cell) => decimalOf(cell)))
      throw new ColumnError(
        `No cell of “${column}” is a number as it stands; bring the table in again to have its cells read by a rule.`,
      )
    const made = isNumeric(role)
      ? startsOf(
          { ...document, quantities: others },
          datasetAs(stored, document),
          { cellsOf, regions },
          column,
        )
      : []
    const quantities = [...others, ...made]
    const shown = quantities.some(({ id }) => id === document.shown)
      ? document.shown
      : (quantities.find((one) => one.datasetId === datasetId)?.id ?? quantities[0]?.id ?? null)
    saveStudy(db, studyId, {
      base: study.revision,
      document: { ...document, quantities, shown: made[0]?.id ?? shown },
      what: `Take ${column} for ${role}`,
    })
    return loadStudy(db, studyId)
  })
}
