import type { Finding, Surface } from '../../core/checks/types'
import type { Regions } from '../../core/label/resolve'
import { runPlaced } from '../page/check'
import { stillPage } from '../page/still'
import type { Cell } from '../quantities'
import type { DatasetMeta, StudyDocument } from '../study'

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
 * Every finding of every quantity of a study, as its page stands. Whether labels have room is not
 * asked, since that hangs on the pixels of a page.
 *
 * @throws StyleError where a style cannot be resolved; Error naming a quantity without its data
 */
export function studyFindings({
  document,
  datasets,
  cellsOf,
  regions,
}: ReportedStudy): StudyFinding[] {
  return document.quantities.flatMap((quantity) => {
    const dataset = datasets.find(({ id }) => id === quantity.datasetId)
    if (!dataset) throw new Error(`The data of “${quantity.title}” are missing.`)
    const page = stillPage({
      document,
      quantity,
      dataset,
      regions,
      cellsOf: (name) => cellsOf(dataset.id, name),
    })
    return (page?.subjects ?? []).flatMap(({ surface, subject }) =>
      runPlaced(subject).map(({ fixes, ...finding }): StudyFinding => {
        const reason = quantity.left?.find(
          (one) => one.surface === surface && one.check === finding.check,
        )?.reason
        return {
          quantity: quantity.title,
          surface,
          ...finding,
          fixes: fixes.map(({ title }) => title),
          ...(reason === undefined ? {} : { left: reason }),
        }
      }),
    )
  })
}

/** Whether a finding fails a run: an error that nobody let stand. */
export const isFailure = ({ severity, left }: StudyFinding): boolean =>
  severity === 'error' && left === undefined
