import type { Regions } from '../../core/label/region'
import type { Style } from '../../core/style/schemas'
import type { ExportId } from '../../shared/exports'
import type { Export } from '../../shared/exports/export'
import { makeExport } from '../../shared/exports/make'
import type { ReadRuntime } from '../../shared/exports/runtime'
import type { Level } from '../../shared/quantities'
import type { Quantity } from '../../shared/study/quantity'
import type { Study } from '../../shared/study/study'
import { columnCells } from '../db/columns'
import type { Db } from '../db/database'

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
  sources: Sources,
): Promise<Export> {
  const cellsOf = (datasetId: string, name: string) => columnCells(db, datasetId, name)
  const study = { document, datasets, quantity, level, cellsOf }
  return (await makeExport(id, { ...study, ...sources })).made
}
