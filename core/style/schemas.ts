import { z } from 'zod'
import { ROUNDING_MODES } from '../decimal/round'
import { LADDER_IDS } from '../ladders'
import { NOTATION_IDS } from '../notations'

export const MOST_DIGITS = 100
export const MOST_POWER = 400
export const EXPONENT_FORMS = ['times', 'e', 'E', 'power'] as const
export const GROUPINGS = ['auto', 'always', 'min2', 'never'] as const
export const SIGNS = ['auto', 'always', 'exceptZero', 'never', 'parentheses'] as const

const digits = z.int().min(0).max(MOST_DIGITS)
const power = z.int().min(-MOST_POWER).max(MOST_POWER)
const mark = z.string().min(1).max(8)

const unit = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('none') }),
  z.strictObject({ kind: z.literal('currency'), code: z.string().regex(/^[A-Z]{3}$/) }),
  z.strictObject({
    kind: z.literal('symbol'),
    text: z.string().min(1).max(40),
    side: z.enum(['after', 'before']).optional(),
    gap: z.string().max(8).optional(),
  }),
])

/** What each field takes; the table of fields says the rest about them. */
export const schemas = {
  notation: z.enum(NOTATION_IDS),
  fraction: z.tuple([digits, digits]).refine(([least, most]) => least <= most),
  rounding: z.enum(ROUNDING_MODES),
  ladder: z.enum(LADDER_IDS),
  rung: z.union([z.enum(['each', 'shared']), power]),
  exponent: z.union([z.enum(['each', 'shared']), power]),
  exponentForm: z.enum(EXPONENT_FORMS),
  grouping: z.enum(GROUPINGS),
  marks: z.strictObject({ decimal: mark, group: mark, minus: mark, plus: mark }).partial(),
  sign: z.enum(SIGNS),
  unit,
  missing: z.string().max(80),
}

export type FieldName = keyof typeof schemas
/** A style with every field set. */
export type FullStyle = { [Name in FieldName]: z.infer<(typeof schemas)[Name]> }
/** A style as people write it: what is not set is inherited. */
export type Style = Partial<FullStyle>
