import { z } from 'zod'
import { SURFACES } from '../../core/surfaces'
import { styleSchema } from '../../core/style/parse'
import { id } from './texts'

/** Characters that no name of a file has. */
const IN_NO_FILE = /[/\\:*?"<>|\p{Cc}]/u
const MOST_NAME = 80
/** What a style of the stylebook is called; its file has the name. */
export const bookName = z
  .string()
  .trim()
  .min(1)
  .max(MOST_NAME)
  .refine(
    (text) => !IN_NO_FILE.test(text) && !text.startsWith('.'),
    'takes a name without / \\ : * ? " < > | and without a dot before it',
  )

/** A style of the stylebook as it was at one version. */
export const bookEntrySchema = z.strictObject({
  name: bookName,
  version: z.int().min(1),
  style: styleSchema,
})
export type BookEntry = z.infer<typeof bookEntrySchema>

/**
 * A level that takes a style from the stylebook, with that style as it was taken: the study's file
 * brings it along. Without a quantity it is the house's, without a surface the quantity's.
 */
export const linkedSchema = bookEntrySchema
  .extend({ quantity: id.optional(), surface: z.enum(SURFACES).optional() })
  .refine(
    ({ quantity, surface }) => surface === undefined || quantity !== undefined,
    'a surface is one of a quantity',
  )
export type Linked = z.infer<typeof linkedSchema>
