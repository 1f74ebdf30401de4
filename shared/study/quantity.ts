import { z } from 'zod'
import { SURFACES } from '../../core/surfaces'
import { styleSchema } from '../../core/style/parse'
import { measureId } from '../../core/units/measure'
import { chartSchema, ticksSchema } from './chart'
import { comparisonSchema } from './comparison'
import { id, message, name } from './texts'

/** A finding that people let stand, and why. */
export const leftSchema = z.strictObject({
  surface: z.enum(SURFACES),
  check: z.string().min(1).max(80),
  reason: z.string().trim().min(1).max(300),
})
export type Left = z.infer<typeof leftSchema>

/** A numeric column with what it measures, how it is written and how it is drawn. */
export const quantitySchema = z.strictObject({
  id,
  datasetId: id,
  column: z.string().min(1),
  title: name,
  recorded: z.int().min(-30).max(30),
  /**
   * What it measures, where that decides what is checked: a count has no halves, shares make a
   * whole.
   */
  kind: z.enum(['amount', 'count', 'shares', 'ratio', 'change']).optional(),
  /** The column that its cells were divided by, where they were made so. */
  divisor: z.string().optional(),
  /** The measure that its cells are recorded in: an id of CLDR, such as kilogram. */
  measure: measureId.optional(),
  /** The currency that its cells are recorded in, where rates lead to others: a code of ISO 4217. */
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/)
    .optional(),
  /** The column that names the unit of each row, where rows are recorded in several. */
  units: z
    .strictObject({ kind: z.enum(['currency', 'measure']), column: z.string().min(1) })
    .optional(),
  style: styleSchema,
  /**
   * What surfaces are written in where that is not the quantity's style: what was set on each, and
   * nothing else.
   */
  surfaces: z.partialRecord(z.enum(SURFACES), styleSchema).optional(),
  chart: chartSchema,
  ticks: ticksSchema,
  /**
   * Other columns in the table, in their order: those of numbers, each written as its own quantity
   * is there, and those of text, of which the first two stand there where none is chosen.
   */
  columns: z.array(z.string().min(1)).max(400).optional(),
  /** The rows that are shown: those whose cell is one of these. */
  filter: z
    .strictObject({ column: z.string().min(1), is: z.array(z.string()).min(1).max(10_000) })
    .optional(),
  /**
   * Headline, sentence and callout, as Unicode MessageFormat 2; a plain one of the program where
   * they are not given.
   */
  texts: z
    .strictObject({
      headline: message.optional(),
      sentence: message.optional(),
      callout: message.optional(),
    })
    .optional(),
  /**
   * Whether the table has a total, and what is done where the printed parts miss it: nothing, a
   * note, or parts adjusted.
   */
  total: z.enum(['plain', 'note', 'adjust']).optional(),
  /** Whether the total is parted by category too. */
  subtotals: z.boolean().optional(),
  /** The rows of the data set that are summed, where not all are. */
  selected: z.array(z.int().min(0)).max(100_000).optional(),
  /** Styles that were put side by side. */
  compared: comparisonSchema.optional(),
  /** Findings that are let stand, each with its reason. */
  left: z.array(leftSchema).max(500).optional(),
})
export type Quantity = z.infer<typeof quantitySchema>
