import { z } from 'zod'
import { ROUNDING_MODES } from '../decimal/round'
import { LADDER_IDS } from '../ladders'
import { NOTATION_IDS } from '../notations'

/** A field of the style: what it takes, what it is when nobody sets it, and how both are said. */
interface Field<Schema extends z.ZodType> {
  readonly schema: Schema
  readonly byDefault: z.infer<Schema>
  /** What the field decides, as a sentence of the reference. */
  readonly decides: string
  /** What it takes, as a clause for error messages and the reference. */
  readonly takes: string
}

const field = <Schema extends z.ZodType>(
  schema: Schema, byDefault: z.infer<Schema>, decides: string, takes: string,
): Field<Schema> => ({ schema, byDefault, decides, takes })

const MOST_DIGITS = 100
const MOST_POWER = 400
const digits = z.int().min(0).max(MOST_DIGITS)
const power = z.int().min(-MOST_POWER).max(MOST_POWER)
const oneOf = (choices: readonly string[]) => `it takes ${choices.slice(0, -1).join(', ')} or ${choices.at(-1)}`

const EXPONENT_FORMS = ['times', 'e', 'E', 'power'] as const
const GROUPINGS = ['auto', 'always', 'min2', 'never'] as const
const SIGNS = ['auto', 'always', 'exceptZero', 'never', 'parentheses'] as const

const mark = z.string().min(1).max(8)
const marks = z.strictObject({ decimal: mark, group: mark, minus: mark, plus: mark }).partial()

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

/**
 * The one table of the style's fields. The schemas, the command line's errors, the phrases of
 * the style sentence and the reference come from it.
 */
export const fields = {
  notation: field(z.enum(NOTATION_IDS), 'plain', 'How the size of a number is told.', oneOf(NOTATION_IDS)),
  fraction: field(
    z.tuple([digits, digits]).refine(([least, most]) => least <= most), [0, 3],
    'Least and most digits after the decimal mark.', `it takes [least, most], whole numbers from 0 to ${MOST_DIGITS}, least not above most`,
  ),
  rounding: field(z.enum(ROUNDING_MODES), 'halfExpand', 'Which way dropped digits round.', oneOf(ROUNDING_MODES)),
  ladder: field(z.enum(LADDER_IDS), 'short', 'The series of rungs that scaled labels use.', `it takes ${LADDER_IDS.join(', ')}`),
  rung: field(
    z.union([z.enum(['each', 'shared']), power]), 'each',
    'Whether every label has its own rung, all share one, or one is fixed.', 'it takes each, shared or a power on the ladder',
  ),
  exponent: field(
    z.union([z.enum(['each', 'shared']), power]), 'each',
    'Whether every label has its own exponent, all share one, or one is fixed.', `it takes each, shared or a power from ${-MOST_POWER} to ${MOST_POWER}`,
  ),
  exponentForm: field(z.enum(EXPONENT_FORMS), 'times', 'How a power of ten is set.', oneOf(EXPONENT_FORMS)),
  grouping: field(z.enum(GROUPINGS), 'auto', 'When whole digits are grouped.', oneOf(GROUPINGS)),
  marks: field(marks, {}, "Marks that replace the region's.", 'it takes an object of decimal, group, minus and plus, each a text of 1 to 8 characters'),
  sign: field(z.enum(SIGNS), 'auto', 'When a sign is written.', oneOf(SIGNS)),
  unit: field(
    unit, { kind: 'none' }, 'The currency or symbol beside the number.',
    'it takes {"kind": "none"}, {"kind": "currency", "code": "EUR"} or {"kind": "symbol", "text": "kg", "side": "after", "gap": " "}',
  ),
  missing: field(z.string().max(80), '–', 'The text for a missing value.', 'it takes a text of up to 80 characters'),
}

export type FieldName = keyof typeof fields
export const FIELD_NAMES = Object.keys(fields) as FieldName[]

/** A style with every field set. */
export type FullStyle = { [Name in FieldName]: z.infer<(typeof fields)[Name]['schema']> }
/** A style as people write it: what is not set is inherited. */
export type Style = Partial<FullStyle>

/** The built-in defaults. */
export const DEFAULTS = Object.freeze(
  Object.fromEntries(FIELD_NAMES.map((name) => [name, fields[name].byDefault])),
) as Readonly<FullStyle>
