import { labeller } from '../../core/label/labeller'
import { type Regions, resolve } from '../../core/label/resolve'
import { columnsOf } from '../../core/style/columns'
import type { Style } from '../../core/style/schemas'
import { spokenPlan, spokenStyle } from '../../core/text/words'
import { type Cell, type Level, rowsBeside, styleOf } from '../../shared/quantities'
import type { Export, Quantity, StudyDocument } from '../../shared/study'
import { columnCells } from '../db/columns'
import type { Db } from '../db/database'
import { ExportError, labelsByModule } from './prove'
import { type ReadRuntime, runtimeFor } from './runtime'

/** Where an export takes what it is made of. */
export interface Sources {
  readonly runtime: ReadRuntime
  regionsFor(style: Style): Promise<Regions>
}

const fileNameOf = (title: string): string =>
  title.normalize('NFKD').toLowerCase().replace(/[^a-z0-9]+/g, '-').replace(/^-+|-+$/g, '') || 'labels'

/**
 * A quantity's style, or that of one of its surfaces, as one ES module: the runtime with the Plan and its words before it. It is run on all
 * values of the quantity, and given out only when every label is the core's.
 *
 * @throws ExportError naming the first value whose label differs
 */
export async function exportQuantity(db: Db, document: StudyDocument, quantity: Quantity, sources: Sources, level: Level = 'quantity'): Promise<Export> {
  const cells = (name: string): Cell[] => columnCells(db, quantity.datasetId, name)
  const values = cells(quantity.column)
  const style = styleOf(document, quantity, level)
  const rows = rowsBeside(columnsOf(style).map((name) => [name, cells(name)]))
  // Words need all that labels do, and names of currencies besides.
  const context = { ...(await sources.regionsFor(spokenStyle(style))), values, rows, recorded: quantity.recorded }
  const plan = resolve(style, context)
  const words = spokenPlan(plan, style, context)
  const runtime = await sources.runtime(runtimeFor(plan, words))
  const module = `const plan = ${JSON.stringify(plan)};\nconst words = ${JSON.stringify(words)};\n${runtime}`
  const expected = labeller(plan).labels(values, rows)
  const byModule = await labelsByModule(module, values, rows)
  const differs = expected.findIndex((label, at) => label !== byModule[at])
  if (differs >= 0 || byModule.length !== expected.length) {
    throw new ExportError(`The module writes ${JSON.stringify(byModule[differs])} where the desk writes ${JSON.stringify(expected[differs])} (row ${differs + 1}); nothing was exported.`)
  }
  return { fileName: `${fileNameOf([quantity.title, ...(level === 'quantity' ? [] : [level])].join(' '))}.mjs`, module, types: await sources.runtime('label.d.mts'), proof: { values: values.length, equal: byModule.length } }
}
