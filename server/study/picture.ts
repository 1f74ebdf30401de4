import type { Regions } from '../../core/label/region'
import type { Style } from '../../core/style/schemas'
import { USUAL_SIZE } from '../../shared/page/layout'
import { pagePicture } from '../../shared/page/picture'
import { pageSnapshot } from '../../shared/page/snapshot'
import { cellsInPart } from '../../shared/page/someRows'
import { stylesIn } from '../../shared/quantities'
import { datasetAs } from '../../shared/study/dataset'
import { columnCells } from '../db/columns'
import type { Db } from '../db/database'
import { listDatasets } from '../db/datasets'
import { documentAt } from '../db/revisions'

/** Pictures by study and revision: what a revision shows never changes. */
const kept = new Map<string, string>()
const MOST_KEPT = 300

/**
 * The page of a study at a revision, as its first sight; of a long table some rows tell it.
 *
 * @returns SVG, or undefined where the revision shows no quantity of data that are there
 * @throws Error where the revision is not kept
 */
export async function revisionPicture(
  db: Db,
  studyId: string,
  revision: number,
  regionsOf: (styles: readonly Style[]) => Promise<Regions>,
): Promise<string | undefined> {
  const key = `${studyId} ${revision}`
  if (kept.has(key)) return kept.get(key)
  const document = documentAt(db, studyId, revision)
  const quantity = document.quantities.find(({ id }) => id === document.shown)
  const found = listDatasets(db, studyId).find(({ id }) => id === quantity?.datasetId)
  if (!quantity || !found) return undefined
  const dataset = datasetAs(found, document)
  const picture = pagePicture(
    pageSnapshot({
      document,
      quantity,
      dataset,
      regions: await regionsOf(stylesIn({ ...document, quantities: [quantity] })),
      cellsOf: cellsInPart(quantity, dataset.rowCount, (name) => columnCells(db, dataset.id, name)),
      size: USUAL_SIZE,
      machine: false,
    }),
  )
  if (kept.size >= MOST_KEPT) kept.delete(kept.keys().next().value!)
  kept.set(key, picture)
  return picture
}
