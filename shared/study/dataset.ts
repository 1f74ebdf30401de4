import { z } from 'zod'
import { schemas } from '../../core/style/schemas'
import { ROLES } from '../../core/data/roles'
import { id } from './texts'

/** What a column is for, and how its cells were read. */
export const readingSchema = z.strictObject({
  role: z.enum(ROLES),
  rule: z.string().optional(),
  unit: schemas.unit.optional(),
  recorded: z.int().min(-30).max(30).optional(),
  asks: z
    .array(
      z.strictObject({
        about: z.enum(['role', 'mark', 'unit']),
        choices: z.array(z.string()),
        cells: z.array(z.string()),
      }),
    )
    .optional(),
})

export const columnMetaSchema = z.strictObject({
  position: z.int(),
  name: z.string(),
  kind: z.enum(['number', 'text']),
  reason: z.string(),
  encoding: z.enum(['float64', 'json']),
  missing: z.int(),
  unread: z.array(z.strictObject({ row: z.int(), text: z.string() })),
  /** Absent in columns of earlier versions, and in those that were made of others. */
  reading: readingSchema.optional(),
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

/** What the reason of a column begins with that was made of others. */
export const MADE = 'Made: '
/**
 * Whether a column was made and then taken back: no quantity of the study is its own.
 *
 * @param column of the data set
 */
export const isUnused = (
  { name, reason, reading }: ColumnMeta,
  { id: datasetId }: Pick<DatasetMeta, 'id'>,
  { quantities }: { readonly quantities: readonly { datasetId: string; column: string }[] },
): boolean =>
  reading === undefined &&
  reason.startsWith(MADE) &&
  !quantities.some((one) => one.datasetId === datasetId && one.column === name)
