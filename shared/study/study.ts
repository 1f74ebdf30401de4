import { z } from 'zod'
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

/** A study as one file: what people decided, and the data that it is about. */
export const studyFileSchema = z.strictObject({
  format: z.literal('ivory-abacus study'),
  version: z.literal(1),
  document: studyDocumentSchema,
  datasets: z
    .array(
      datasetMetaSchema.extend({
        columns: z.array(
          columnMetaSchema.extend({
            /** One a row: doubles as numbers, other numbers as decimal text, missing as null. */
            cells: z.array(z.union([z.number(), z.string(), z.null()])),
          }),
        ),
      }),
    )
    .max(1000),
})
export type StudyFile = z.infer<typeof studyFileSchema>
