import { labeller } from '../../core/label/labeller'
import { resolve } from '../../core/label/resolve'
import { type Cell, styleOf } from '../../shared/quantities'
import type { Export, Quantity, StudyDocument } from '../../shared/study'
import { numericCells } from '../db/columns'
import type { Db } from '../db/database'
import { ExportError, labelsByModule } from './prove'

export interface RuntimeFiles {
  readonly module: string
  readonly types: string
}

const fileNameOf = (title: string): string =>
  title.normalize('NFKD').toLowerCase().replace(/[^a-z0-9]+/g, '-').replace(/^-+|-+$/g, '') || 'labels'

/**
 * A quantity's style as one ES module: the runtime with the Plan before it. It is run on all
 * values of the quantity, and given out only when every label is the core's.
 *
 * @throws ExportError naming the first value whose label differs
 */
export async function exportQuantity(db: Db, document: StudyDocument, quantity: Quantity, runtime: RuntimeFiles): Promise<Export> {
  const values: Cell[] = numericCells(db, quantity.datasetId, quantity.column)
  const plan = resolve(styleOf(document, quantity), { values, recorded: quantity.recorded })
  const module = `const plan = ${JSON.stringify(plan)};\n${runtime.module}`
  const expected = labeller(plan).labels(values)
  const written = await labelsByModule(module, values)
  const differs = expected.findIndex((label, at) => label !== written[at])
  if (differs >= 0 || written.length !== expected.length) {
    throw new ExportError(`The module writes ${JSON.stringify(written[differs])} where the desk writes ${JSON.stringify(expected[differs])} (row ${differs + 1}); nothing was exported.`)
  }
  return { fileName: `${fileNameOf(quantity.title)}.mjs`, module, types: runtime.types, proof: { values: values.length, equal: written.length } }
}
