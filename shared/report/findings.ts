import { RANK } from '../../core/checks/causes'
import type { Finding, Severity } from '../../core/checks/types'
import type { Surface } from '../../core/surfaces'
import type { Regions } from '../../core/label/region'
import { runPlaced, runPlacedAlone } from '../page/check'
import { USUAL_SIZE } from '../page/layout'
import { pageSnapshot } from '../page/snapshot'
import type { PageSize, PageValues } from '../page/values'
import type { Cell } from '../quantities'
import { datasetAs, type DatasetMeta } from '../study/dataset'
import type { StudyDocument } from '../study/document'
import type { Left, Quantity } from '../study/quantity'

/** A finding of a study: on which surface of which quantity, and why it was left, where it was. */
export interface StudyFinding extends Omit<Finding, 'fixes'> {
  readonly quantity: string
  readonly surface: Surface
  /** What mends it, in words. */
  readonly fixes: readonly string[]
  readonly left?: string
}

/** A study as it is reported on. */
export interface ReportedStudy {
  readonly document: StudyDocument
  readonly datasets: readonly DatasetMeta[]
  readonly cellsOf: (datasetId: string, column: string) => readonly Cell[]
  readonly regions: Regions
}

/**
 * Findings of a quantity's page; those of a second quantity on it are told under its own title, and
 * are left there.
 */
function pageFindings(page: Readonly<PageValues>, run: typeof runPlacedAlone): StudyFinding[] {
  const { quantity, subjects } = page
  return subjects.flatMap(({ surface, other, subject }) =>
    run(subject).map(({ fixes, ...finding }): StudyFinding => {
      const isLeft = (one: Left) => one.surface === surface && one.check === finding.check
      const reason = other ? undefined : quantity.left?.find(isLeft)?.reason
      return {
        quantity: (other ?? quantity).title,
        surface,
        ...finding,
        fixes: fixes.map(({ title }) => title),
        ...(reason === undefined ? {} : { left: reason }),
      }
    }),
  )
}

/** @throws Error naming a quantity without its data */
function pageOf(
  { document, datasets, cellsOf, regions }: ReportedStudy,
  quantity: Quantity,
  size: PageSize,
): Readonly<PageValues> {
  const found = datasets.find(({ id }) => id === quantity.datasetId)
  if (!found) throw new Error(`The data of “${quantity.title}” are missing.`)
  const dataset = datasetAs(found, document)
  return pageSnapshot({
    document,
    quantity,
    dataset,
    regions,
    size,
    machine: false,
    cellsOf: (name) => cellsOf(dataset.id, name),
  })
}

/**
 * Every finding of every quantity of a study, as its page stands.
 *
 * @param size of the page, in CSS pixels; that of a desk in a window of 1280 by 800 where none is
 *   given
 * @throws StyleError where a style cannot be resolved; Error naming a quantity without its data
 */
export const studyFindings = (study: ReportedStudy, size: PageSize = USUAL_SIZE): StudyFinding[] =>
  study.document.quantities.flatMap((quantity) =>
    pageFindings(pageOf(study, quantity, size), runPlaced),
  )

/**
 * The findings of one quantity, without what mends them: that takes most of the time.
 *
 * @throws StyleError where a style cannot be resolved; Error naming a quantity without its data
 */
export const findingsAlone = (study: ReportedStudy, quantity: Quantity): StudyFinding[] =>
  pageFindings(pageOf(study, quantity, USUAL_SIZE), runPlacedAlone)

/**
 * Whether a finding fails a run: one that nobody let stand, as serious as wanted.
 *
 * @param least the least serious that does
 */
export const isFailure = ({ severity, left }: StudyFinding, least: Severity = 'error'): boolean =>
  RANK[severity] >= RANK[least] && left === undefined
