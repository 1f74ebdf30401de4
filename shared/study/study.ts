import { z } from 'zod'
import { parseDecimal } from '../../core/decimal/decimal'
import { LIMITS } from '../limits'
import { columnMetaSchema, datasetMetaSchema } from './dataset'
import { studyDocumentSchema } from './document'
import { id } from './texts'

export const studySchema = z.strictObject({
  id,
  revision: z.int(),
  document: studyDocumentSchema,
  datasets: z.array(datasetMetaSchema),
})
export type Study = z.infer<typeof studySchema>

export const studySummarySchema = z.strictObject({
  id,
  name: z.string(),
  revision: z.int(),
  changedAt: z.string(),
})
export type StudySummary = z.infer<typeof studySummarySchema>

/** A study as the list of all shows it. */
export interface ListedStudy extends StudySummary {
  /** Names of its data sets, and their rows in all. */
  readonly datasets: readonly string[]
  readonly rows: number
  /** When it was removed; null where it was not. */
  readonly removedAt: string | null
}
/** A backup of all studies, as it is listed. */
export interface Backup {
  readonly name: string
  /** In bytes. */
  readonly size: number
  readonly madeAt: string
}

/** A revision as the history shows it. */
export interface RevisionSummary {
  readonly number: number
  /** What was done, in words. */
  readonly what: string
  readonly madeAt: string
  /** What people call it; null where they do not. */
  readonly name: string | null
  /** When something was taken away of it; null where nothing was. */
  readonly takenAt: string | null
}

const cellsSchema = z.array(z.union([z.number(), z.string().max(LIMITS.cell), z.null()]))
/** The cells of one column, as its kind and its encoding have them. */
const fileColumnSchema = columnMetaSchema
  .extend({
    /** One a row: doubles as numbers, other numbers as decimal text, missing as null. */
    cells: cellsSchema,
  })
  .superRefine(({ kind, encoding, cells }, context) => {
    if (kind !== 'number') return
    const wrong = cells.findIndex(
      (cell) => typeof cell === 'string' && (encoding === 'float64' || parseDecimal(cell) === null),
    )
    if (wrong < 0) return
    const takes = encoding === 'float64' ? 'a number or null' : 'a number, decimal text or null'
    context.addIssue({
      code: 'custom',
      path: ['cells', wrong],
      message: `${JSON.stringify(cells[wrong])} is no number here; it takes ${takes}`,
    })
  })
/** A data set whose columns are as long as it says, each in a place and under a name of its own. */
const fileDatasetSchema = datasetMetaSchema
  .extend({ columns: z.array(fileColumnSchema).max(LIMITS.columns) })
  .superRefine(({ columns, rowCount }, context) => {
    const [names, places] = [new Set<string>(), new Set<number>()]
    columns.forEach(({ name, position, cells }, at) => {
      const says = (field: string, message: string) =>
        context.addIssue({ code: 'custom', path: ['columns', at, field], message })
      if (cells.length !== rowCount)
        says('cells', `${cells.length} cells stand there; the data set has ${rowCount} rows`)
      if (names.has(name)) says('name', `there are two columns ${JSON.stringify(name)}`)
      if (places.has(position)) says('position', `there are two columns in place ${position}`)
      names.add(name)
      places.add(position)
    })
  })

/** A study as one file: what people decided, and the data that it is about. */
export const studyFileSchema = z
  .strictObject({
    format: z.literal('ivory-abacus study'),
    version: z.literal(1),
    document: studyDocumentSchema,
    datasets: z.array(fileDatasetSchema).max(1000),
  })
  .superRefine(({ document, datasets }, context) => {
    const ids = new Set(datasets.map(({ id: own }) => own))
    if (ids.size < datasets.length)
      context.addIssue({ code: 'custom', path: ['datasets'], message: 'two data sets have one id' })
    const quantities = new Set<string>()
    document.quantities.forEach(({ id: own, datasetId }, at) => {
      const says = (field: string, message: string) =>
        context.addIssue({
          code: 'custom',
          path: ['document', 'quantities', at, field],
          message,
        })
      if (!ids.has(datasetId))
        says('datasetId', `there is no data set ${JSON.stringify(datasetId)}`)
      if (quantities.has(own)) says('id', `two quantities have the id ${JSON.stringify(own)}`)
      quantities.add(own)
    })
  })
export type StudyFile = z.infer<typeof studyFileSchema>
