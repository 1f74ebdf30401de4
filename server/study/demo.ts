import { z } from 'zod'
import { styleSchema } from '../../core/style/parse'
import { newDocument } from '../../shared/study/document'
import { quantitySchema } from '../../shared/study/quantity'
import type { Study } from '../../shared/study/study'
import { changing, type Db } from '../db/database'
import { createStudy, importDataset, loadStudy, saveStudy } from './studies'

/** The demo's decisions; data sets and columns stand in it by name. */
const demoSchema = z.strictObject({
  name: z.string(),
  house: styleSchema,
  datasets: z.array(z.strictObject({ name: z.string(), file: z.string() })),
  quantities: z.array(
    quantitySchema
      .omit({ id: true, datasetId: true })
      .partial()
      .extend({ dataset: z.string(), column: z.string() }),
  ),
  shown: z.strictObject({ dataset: z.string(), column: z.string() }),
})

/**
 * Loads the demo study, whole or not at all.
 *
 * @param read gives a file of the demo's folder as text
 */
export async function loadDemo(db: Db, read: (file: string) => Promise<string>): Promise<Study> {
  const demo = demoSchema.parse(JSON.parse(await read('study.json')))
  const texts = new Map(
    await Promise.all(demo.datasets.map(async ({ file }) => [file, await read(file)] as const)),
  )
  return changing(db, () => makeDemo(db, demo, texts))
}

function makeDemo(
  db: Db,
  demo: z.infer<typeof demoSchema>,
  texts: ReadonlyMap<string, string>,
): Study {
  let study = createStudy(db, { ...newDocument(demo.name), house: demo.house }, 'Begin the demo')
  for (const { name, file } of demo.datasets)
    study = importDataset(db, study.id, name, texts.get(file)!)!
  const idOf = (dataset: string, column: string) => {
    const datasetId = study.datasets.find((one) => one.name === dataset)?.id
    const found = study.document.quantities.find(
      (one) => one.datasetId === datasetId && one.column === column,
    )
    if (!found) throw new Error(`demo: there is no numeric column ${column} in ${dataset}`)
    return found.id
  }
  const given = new Map(
    demo.quantities.map(({ dataset, column, ...rest }) => [idOf(dataset, column), rest]),
  )
  const ordered = [...given.keys()].map((id) =>
    study.document.quantities.find((one) => one.id === id)!,
  )
  const others = study.document.quantities.filter((one) => !given.has(one.id))
  // What the demo shows stands in its own file; it begins with nothing that was found for it.
  const quantities = [...ordered, ...others].map(({ id, datasetId, column, title, chart }) => ({
    ...{ id, datasetId, column, title, chart, recorded: 0, style: {}, ticks: {} },
    ...given.get(id),
  }))
  const document = {
    ...study.document,
    quantities,
    shown: idOf(demo.shown.dataset, demo.shown.column),
  }
  saveStudy(db, study.id, { base: study.revision, document, what: 'Set up the demo' })
  return loadStudy(db, study.id)!
}
