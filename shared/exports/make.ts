import { joinRegions } from '../../core/label/needs'
import type { Regions } from '../../core/label/region'
import type { Style } from '../../core/style/schemas'
import type { Cell, Level } from '../quantities'
import { datasetAs, type DatasetMeta } from '../study/dataset'
import type { StudyDocument } from '../study/document'
import type { Quantity } from '../study/quantity'
import { type ExportId, exportForms } from '.'
import type { Export } from './export'
import { engine, labelsByModule, labelsByOptions } from './run'
import type { ReadRuntime } from './runtime'
import { stylesToWrite, type Written, writtenOn } from './written'

/** What is exported of a study, and where it takes what it is made of. */
export interface ToExport {
  readonly document: StudyDocument
  readonly datasets: readonly DatasetMeta[]
  readonly quantity: Quantity
  readonly level: Level
  /** The cells of a column of a data set. */
  readonly cellsOf: (datasetId: string, column: string) => Cell[]
  readonly regionsFor: (style: Style) => Regions | Promise<Regions>
  readonly runtime: ReadRuntime
}

/** What is said of labels that the table moves so that its parts add up. */
function adjustedNotes({ adjusted }: Written, isList: boolean): string[] {
  if (adjusted.size === 0) return []
  const parts = adjusted.size === 1 ? '1 part is' : `${adjusted.size} parts are`
  return [
    isList
      ? `${parts} adjusted (†) so that all add up.`
      : `On the page ${parts} adjusted (†) so that all add up; this writes each number by itself.`,
  ]
}

/**
 * What is written on a level of a quantity, in a form, proved on every value.
 *
 * @throws ExportError where the proof fails
 */
export async function makeExport(
  id: ExportId,
  { document, datasets, quantity, level, cellsOf, regionsFor, runtime }: ToExport,
): Promise<{ readonly written: Written; readonly made: Export }> {
  const { datasetId } = quantity
  const styles = stylesToWrite({ document, quantity, level })
  const written = writtenOn({
    document,
    quantity,
    level,
    dataset: datasetAs(
      datasets.find((one) => one.id === datasetId)!,
      document,
    ),
    cellsOf: (name) => cellsOf(datasetId, name),
    regions: joinRegions(await Promise.all(styles.map(regionsFor))),
  })
  const tools = { runtime, labelsByModule, labelsByOptions, engine }
  const form = exportForms[id]
  const made = await form.make(written, tools)
  const notes = [...made.notes, ...adjustedNotes(written, form.isList ?? false)]
  return { written, made: { ...made, notes } }
}
