import { joinRegions } from '../../core/label/needs'
import type { Regions } from '../../core/label/region'
import type { Style } from '../../core/style/schemas'
import { type ExportId, exportForms } from '../../shared/exports'
import type { Export } from '../../shared/exports/export'
import type { ReadRuntime } from '../../shared/exports/runtime'
import { stylesToWrite, writtenOn } from '../../shared/exports/written'
import type { Level } from '../../shared/quantities'
import { datasetAs } from '../../shared/study/dataset'
import type { Quantity } from '../../shared/study/quantity'
import type { Study } from '../../shared/study/study'
import { columnCells } from '../db/columns'
import type { Db } from '../db/database'
import { engine, labelsByModule, labelsByOptions } from '../../shared/exports/run'

/** Where an export takes what it is made of. */
export interface Sources {
  readonly runtime: ReadRuntime
  regionsFor(style: Style): Promise<Regions>
}

/**
 * What is written on a level of a quantity, in a form, proved on every value.
 *
 * @throws ExportError where the proof fails
 */
export async function exportAs(
  id: ExportId,
  db: Db,
  { document, datasets }: Pick<Study, 'document' | 'datasets'>,
  { quantity, level }: { quantity: Quantity; level: Level },
  { runtime, regionsFor }: Sources,
): Promise<Export> {
  const styles = stylesToWrite({ document, quantity, level })
  const written = writtenOn({
    document,
    quantity,
    level,
    dataset: datasetAs(
      datasets.find((one) => one.id === quantity.datasetId)!,
      document,
    ),
    cellsOf: (name) => columnCells(db, quantity.datasetId, name),
    regions: joinRegions(await Promise.all(styles.map(regionsFor))),
  })
  return exportForms[id].make(written, { runtime, labelsByModule, labelsByOptions, engine })
}
