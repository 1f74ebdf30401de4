import { z } from 'zod'
import { parseDecimal } from '../decimal/decimal'
import { ROUNDING_MODES } from '../decimal/round'
import { LADDER_IDS } from '../ladders'
import { REGIONAL } from '../ladders/find'
import { ownLadder } from '../ladders/own'
import { CLOCK_FORMS, CLOCK_KINDS, CLOCK_UNITS } from '../notations/clock'
import { NOTATION_IDS } from '../notations'
import { CONSTANTS } from '../notations/multiple'
import { unitSchema } from '../units'

export const MOST_DIGITS = 100
export const MOST_POWER = 400
export const EXPONENT_FORMS = ['times', 'power', 'e', 'E'] as const
export const GROUPINGS = ['auto', 'always', 'min2', 'never'] as const
export const SIGNS = ['auto', 'always', 'exceptZero', 'never', 'parentheses'] as const
export const PRIORITIES = ['morePrecision', 'lessPrecision'] as const
export const TRAILING_ZEROS = ['auto', 'stripIfInteger'] as const
export const RUNG_FORMS = ['symbol', 'word', 'symbolExponent'] as const
export const ALIGNMENTS = ['end', 'decimal', 'edges'] as const
export const UNIT_PLACES = ['label', 'first', 'last', 'title'] as const

/** How the error of a value is written; `unsaid` where it is known, and not written. */
export const UNCERTAINTY_FORMS = ['plusMinus', 'parentheses', 'interval', 'unsaid'] as const
/** So many digits of an error may be kept. */
export const MOST_ERROR_DIGITS = 2

const power = z.int().min(-MOST_POWER).max(MOST_POWER)
/**
 * A digit for a mark could not be told from those of the number. The schema's pattern says so of
 * plain ones: not every reader of JSON Schema knows Unicode's classes.
 */
const mark = z
  .string()
  .min(1)
  .max(8)
  .regex(/^[^0-9]+$/)
  .refine((text) => /^\P{N}+$/u.test(text))
const text = z.string().max(200)
/** A pair that ascends, as JSON Schema says it: for each first number what the second may be. */
const ascending = (least: number) => ({
  anyOf: Array.from({ length: MOST_DIGITS - least + 1 }, (_, at) => ({
    items: [{ const: least + at }, { minimum: least + at }],
  })),
})
const pair = (least: number) =>
  z
    .tuple([z.int().min(least).max(MOST_DIGITS), z.int().min(least).max(MOST_DIGITS)])
    .refine(([low, high]) => low <= high)
    .meta(ascending(least))

/** Decimal text, kept as it was written; the signs that it may begin with, and any digit but zero. */
const decimalBy = (pattern: RegExp) =>
  z
    .string()
    .max(4000)
    .regex(pattern)
    .refine((written) => parseDecimal(written) !== null)
const decimalText = decimalBy(/^[+-]?\d+(?:\.\d+)?(?:[eE][+-]?\d+)?$/)
const positive = decimalBy(/^\+?(?=[\d.]*[1-9])\d+(?:\.\d+)?(?:[eE][+-]?\d+)?$/)
const notZero = decimalBy(/^[+-]?(?=[\d.]*[1-9])\d+(?:\.\d+)?(?:[eE][+-]?\d+)?$/)

/**
 * What each field takes; the table of fields says the rest about them. `null` takes back what is
 * inherited.
 */
export const ownSchemas = {
  notation: z.enum(NOTATION_IDS),
  fraction: z.union([pair(0), z.literal('step')]).nullable(),
  significant: pair(1).nullable(),
  priority: z.enum(PRIORITIES),
  rounding: z.enum(ROUNDING_MODES),
  increment: positive.nullable(),
  trailingZeros: z.enum(TRAILING_ZEROS),
  ladder: z.union([z.enum([...LADDER_IDS, REGIONAL]), ownLadder]),
  rung: z.union([z.enum(['each', 'shared']), power]),
  rungForm: z.enum(RUNG_FORMS),
  rungFrom: power.nullable(),
  rungGap: z.string().max(8).nullable(),
  exponent: z.union([z.enum(['each', 'shared']), power]),
  exponentForm: z.enum(EXPONENT_FORMS),
  multipleOf: z.union([z.enum(CONSTANTS), positive]),
  clock: z
    .strictObject({
      of: z.enum(CLOCK_UNITS),
      form: z.enum(CLOCK_FORMS),
      kind: z.enum(CLOCK_KINDS),
    })
    .partial(),
  locale: z
    .string()
    .min(2)
    .max(60)
    .regex(/^[A-Za-z]{2,8}(-[A-Za-z0-9]{1,8})*$/),
  grouping: z.enum(GROUPINGS),
  marks: z.strictObject({ decimal: mark, group: mark, minus: mark, plus: mark }).partial(),
  sign: z.enum(SIGNS),
  unit: unitSchema,
  factor: notZero,
  unitAt: z.enum(UNIT_PLACES),
  under: decimalText.nullable(),
  over: decimalText.nullable(),
  before: text,
  after: text,
  zero: text.nullable(),
  uncertainty: z
    .strictObject({
      column: z.string().min(1),
      form: z.enum(UNCERTAINTY_FORMS).optional(),
      significant: z.int().min(1).max(MOST_ERROR_DIGITS).optional(),
    })
    .nullable(),
  align: z.enum(ALIGNMENTS),
  missing: text,
}

/** CSS pixels that a page may be wide. */
const MOST_PIXELS = 100_000
const pixels = z.number().min(0).max(MOST_PIXELS)
const condition = z.union([
  z.strictObject({ column: z.string().min(1), is: z.array(z.string()).min(1).max(10_000) }),
  z.strictObject({ magnitude: z.strictObject({ from: power.optional(), to: power.optional() }) }),
  z.strictObject({ width: z.strictObject({ from: pixels.optional(), to: pixels.optional() }) }),
])

type Own = { [Name in keyof typeof ownSchemas]: z.infer<(typeof ownSchemas)[Name]> }
/** A case: what another style some rows or magnitudes are written in. */
export interface StyleCase {
  when: z.infer<typeof condition>
  use: Partial<Own>
}

export const schemas = {
  ...ownSchemas,
  cases: z
    .array(
      z.strictObject({
        when: condition,
        use: z.strictObject(ownSchemas).omit({ missing: true, align: true }).partial(),
      }),
    )
    .max(200),
}

export type FieldName = keyof typeof schemas
/** A style with every field set. */
export type FullStyle = Own & { cases: StyleCase[] }
/** A style as people write it: what is not set is inherited. */
export type Style = Partial<FullStyle>
