import { z } from 'zod'
import { DERIVATION_IDS } from '../../core/data/derive'
import { styleSchema } from '../../core/style/parse'
import { LIMITS } from '../limits'
import { ASKED_ORDERS } from '../import/dates'
import { TWO_PLACES } from '../import/durations'
import { ROLES } from '../../core/data/roles'
import { studyDocumentSchema } from './document'
import { decimalText, id, name } from './texts'

/** Characters of what a change did. */
export const LONGEST_WHAT = 300
/** A change: the whole document, the revision that it was made on, and what was done in words. */
export const saveRequestSchema = z.strictObject({
  base: z.int(),
  document: studyDocumentSchema,
  what: z.string().min(1).max(LONGEST_WHAT),
  /** What its sender calls it, and those before it whose answers got lost. */
  key: id.optional(),
  lost: z.array(id).max(1000).optional(),
})
export type SaveRequest = z.infer<typeof saveRequestSchema>

const tableSchema = z.strictObject({
  /** What its sender calls the reading of it, to see how far it is and to end it. */
  key: id.optional(),
  text: z.string().max(LIMITS.table),
  /** How dates are meant that can be read in two ways, by the name of their column. */
  dates: z.record(z.string(), z.enum(ASKED_ORDERS)).optional(),
  /** What columns are for, and which decimal mark they have, where their owner says so. */
  roles: z.record(z.string(), z.enum(ROLES)).optional(),
  marks: z.record(z.string(), z.enum(['.', ','])).optional(),
  /** What lengths of time of two places are, such as 1:30. */
  durations: z.record(z.string(), z.enum(TWO_PLACES)).optional(),
  /** How its file writes the numbers of its columns, by their places. */
  styles: z.array(styleSchema.nullable()).max(LIMITS.columns).optional(),
})
export const newDatasetSchema = tableSchema.extend({ name })
/** A study, which may begin with a table. */
export const newStudySchema = z.strictObject({ name, table: tableSchema.optional() })

/** What a revision is called (null takes its name away), or that something was taken away of it. */
export const revisionNoteSchema = z.union([
  z.strictObject({ name: name.nullable() }),
  z.strictObject({ taken: z.literal(true) }),
])

/** A column made of another, row by row: with a second one, with groups, or with a number. */
export const newColumnSchema = z.strictObject({
  name,
  by: z.enum(DERIVATION_IDS),
  of: z.string().min(1),
  and: z.string().min(1).optional(),
  number: decimalText.optional(),
})
export type NewColumn = z.infer<typeof newColumnSchema>

/** What a column is for, as its owner says. */
export const newRoleSchema = z.strictObject({ column: z.string().min(1), role: z.enum(ROLES) })
export type NewRole = z.infer<typeof newRoleSchema>
