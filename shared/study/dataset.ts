import { z } from 'zod'
import { id } from './texts'

export const columnMetaSchema = z.strictObject({
  position: z.int(),
  name: z.string(),
  kind: z.enum(['number', 'text']),
  reason: z.string(),
  encoding: z.enum(['float64', 'json']),
  missing: z.int(),
  unread: z.array(z.strictObject({ row: z.int(), text: z.string() })),
})
export type ColumnMeta = z.infer<typeof columnMetaSchema>

export const datasetMetaSchema = z.strictObject({
  id,
  name: z.string(),
  rowCount: z.int(),
  notices: z.array(z.string()),
  columns: z.array(columnMetaSchema),
})
export type DatasetMeta = z.infer<typeof datasetMetaSchema>
