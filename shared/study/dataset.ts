import { z } from 'zod'
import { styleSchema } from '../../core/style/parse'
import { schemas } from '../../core/style/schemas'
import { isNumeric, type Role, ROLES } from '../../core/data/roles'
import { columnReasonSchema, isDerived } from './columnReason'
import { id } from './texts'

/** What a column is for, and how its cells were read. */
export const readingSchema = z.strictObject({
  role: z.enum(ROLES),
  rule: z.string().optional(),
  unit: schemas.unit.optional(),
  recorded: z.int().min(-30).max(30).optional(),
  /** How its file wrote the numbers. */
  style: styleSchema.optional(),
  asks: z
    .array(
      z.strictObject({
        about: z.enum(['role', 'mark', 'unit', 'duration']),
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
  reason: columnReasonSchema,
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

/** What of a document says how its data are looked at. */
interface Looking {
  readonly quantities: readonly { readonly datasetId: string; readonly column: string }[]
  readonly roles?: readonly {
    readonly datasetId: string
    readonly column: string
    readonly role: Role
  }[]
}
/**
 * Whether a column was made and then taken back: no quantity of the study is its own.
 *
 * @param column of the data set
 */
export const isUnused = (
  { name, reason, reading }: ColumnMeta,
  { id: datasetId }: Pick<DatasetMeta, 'id'>,
  { quantities }: Looking,
): boolean =>
  reading === undefined &&
  isDerived(reason) &&
  !quantities.some((one) => one.datasetId === datasetId && one.column === name)

/**
 * A data set as a study looks at it: columns in the roles that somebody gave them, without those
 * that were made and taken back. It is the same object where nothing differs.
 *
 * @example datasetAs(table, { quantities, roles: [{ datasetId, column: 'line', role: 'code' }] }) // 'line' is text there
 */
export function datasetAs(dataset: DatasetMeta, document: Looking): DatasetMeta {
  const roles = new Map(
    document.roles
      ?.filter(({ datasetId }) => datasetId === dataset.id)
      .map(({ column, role }) => [column, role]),
  )
  const columns = dataset.columns.filter((column) => !isUnused(column, dataset, document))
  if (roles.size === 0 && columns.length === dataset.columns.length) return dataset
  return {
    ...dataset,
    columns: columns.map((column) => {
      const role = roles.get(column.name)
      if (role === undefined) return column
      const { asks: _, ...reading } = column.reading ?? {}
      return {
        ...column,
        kind: isNumeric(role) ? 'number' : 'text',
        reason: { code: 'role', role },
        reading: { ...reading, role },
      }
    }),
  }
}
