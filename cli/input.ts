import { parse } from 'lossless-json'
import { z } from 'zod'
import { AGGREGATE_IDS } from '../core/data/aggregate'
import { houseRuleSchema } from '../core/checks/houseRules'
import { SURFACES } from '../core/surfaces'
import { fitsDouble } from '../core/decimal/arithmetic'
import { parseDecimal } from '../core/decimal/decimal'
import type { Value } from '../core/label/types'
import { whyNoNumber } from '../core/decimal/beyond'
import { StyleError } from '../core/error'
import { FORMS } from '../core/suggest/candidates'
import { fieldSchema, styleSchema } from '../core/style/parse'
import { recordedAsSchema, withOwnQuantity } from '../core/style/recordedAs'
import { issueText } from '../shared/issues'
import { COUNTED } from '../core/ticks/counted'

/** Input that cannot be used; its message is one line. */
export class InputError extends Error {
  override name = 'InputError'
}

/** A number of the input: a double where that holds every digit, its text otherwise. */
function keepDigits(text: string): number | string {
  const double = Number(text)
  if (String(double) === text) return double
  const exact = parseDecimal(text)
  return exact && fitsDouble(exact) ? double : text
}

/** JSON with every digit of its numbers. @throws InputError */
export function readJson(text: string, where = 'the input'): unknown {
  try {
    return parse(text, null, keepDigits)
  } catch (error) {
    throw new InputError(`${where} is no JSON: ${(error as Error).message}`)
  }
}

/**
 * Checks an input against what a command takes.
 *
 * @param from the file or line that it comes from, where there may be several
 * @throws InputError naming the place
 */
export function check<Schema extends z.ZodType>(
  schema: Schema,
  input: unknown,
  from?: string,
): z.infer<Schema> {
  const result = schema.safeParse(input)
  if (result.success) return result.data
  throw new InputError(issueText(result.error, input, from))
}

const TAKES = 'it takes a number, decimal text or null'
const isValue = (input: unknown): input is Value =>
  input === null || typeof input === 'number' || typeof input === 'string'
const value: z.ZodType<Value> = z.union([z.number(), z.string(), z.null()], { error: TAKES })
/** Values are looked through in one go: there may be a million of them. */
const values = z.array(z.unknown()).transform((input, context): Value[] => {
  const wrong = input.findIndex((one) => !isValue(one))
  if (wrong < 0) return input as Value[]
  context.addIssue({ code: 'custom', path: [wrong], message: TAKES })
  return z.NEVER
})
export const decimalText = z.union([z.number(), z.string()]).transform((input, context) => {
  const read = parseDecimal(String(input))
  if (!read)
    context.addIssue({
      code: 'custom',
      message: `${whyNoNumber(String(input))}; it takes a number or decimal text`,
    })
  return read ?? z.NEVER
})
const quantity = recordedAsSchema.optional()
/** A style that stands alone says itself what its numbers are recorded in. */
const standingAlone = <Schema extends z.ZodType>(schema: Schema) =>
  // Named, since a step before a schema would take anything in the library's types.
  z.preprocess((input: z.input<Schema>): unknown => withOwnQuantity(input), schema)

const rows = z.array(z.record(z.string(), z.unknown())).optional()

/** CSS pixels of the page, where cases go by them. */
const pageWidth = z.number().positive().max(100_000).optional()
export const labelInput = standingAlone(
  z.strictObject({
    style: styleSchema,
    values: values,
    rows,
    quantity,
    pageWidth,
  }),
)
export const readInput = standingAlone(
  z.strictObject({
    style: styleSchema,
    labels: z.array(z.string()),
    reader: fieldSchema('locale').optional(),
    values: values.optional(),
    rows,
    quantity,
    pageWidth,
  }),
)
/** The first line of `label --lines`, and each line after it. */
export const linesInput = standingAlone(z.strictObject({ style: styleSchema, quantity, pageWidth }))
export const lineInput = z.union([
  value,
  z.strictObject({ value, row: z.record(z.string(), z.unknown()).optional() }),
])
const surface = z.enum(SURFACES)
/** CSS pixels. */
const width = z.number().positive().max(100_000).optional()
const fontSize = z.number().min(1).max(500).optional()
export const checkInput = standingAlone(
  z.strictObject({
    style: styleSchema,
    values: values,
    surface,
    labels: z.array(z.string()).optional(),
    others: z.array(z.strictObject({ surface, style: styleSchema })).optional(),
    /** A number, or true for the sum of the selection. */
    total: z.union([z.literal(true), decimalText]).optional(),
    shares: z.boolean().optional(),
    selection: z.array(z.int().min(0)).optional(),
    readers: z.array(fieldSchema('locale')).optional(),
    /** Rules of the house. */
    rules: z.array(houseRuleSchema).optional(),
    /**
     * Changes printed beside the values, by their places; the exact difference where no value is
     * given.
     */
    changes: z
      .array(
        z.strictObject({ from: z.int().min(0), to: z.int().min(0), value: decimalText.optional() }),
      )
      .optional(),
    /** What a legend parts into bins whose edges are the values. */
    binned: z.array(decimalText).optional(),
    /** How the rows of each value are put together, and the ends of what is drawn along an axis. */
    aggregate: z.enum(AGGREGATE_IDS).optional(),
    data: z.array(decimalText).min(1).optional(),
    /** The sentence that the labels stand in, and the title over them. */
    text: z.string().optional(),
    title: z.string().optional(),
    width,
    fontSize,
    rows,
    quantity,
  }),
)
export const suggestInput = z
  .strictObject({
    values: values
      .refine((all) => all.length > 0, { error: 'it takes at least 1 member' })
      .optional(),
    domain: z.tuple([decimalText, decimalText]).optional(),
    surface,
    locale: fieldSchema('locale').optional(),
    form: z.enum(FORMS).optional(),
    width,
    fontSize,
    quantity,
  })
  .refine(({ values, domain }) => (values === undefined) !== (domain === undefined), {
    error: 'takes either values or a domain',
    path: ['values'],
  })
export const rungsInput = z.strictObject({ ladder: fieldSchema('ladder') })
export const ticksInput = z.strictObject({
  domain: z.tuple([decimalText, decimalText]),
  step: z.union([z.number(), z.string()]).transform(String).optional(),
  count: z.number().optional(),
  positions: z.array(decimalText).optional(),
  multipleOf: fieldSchema('multipleOf').optional(),
  counted: z.enum(COUNTED).optional(),
  kind: z.enum(['linear', 'log', 'symlog']).optional(),
  base: z.union([z.literal(10), z.literal(2), z.literal('e')]).optional(),
  ends: z.enum(['tight', 'loose']).optional(),
  minor: z.boolean().optional(),
  style: styleSchema.optional(),
  width,
  quantity,
})

/** Errors that mean bad input, wherever they arise. */
export const isInputError = (error: unknown): error is Error =>
  error instanceof InputError ||
  error instanceof StyleError ||
  ['ValueError', 'TickError', 'TypeError', 'MeasureError'].includes((error as Error)?.name)
