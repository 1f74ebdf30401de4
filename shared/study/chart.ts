import { z } from 'zod'
import { AGGREGATE_IDS } from '../../core/data/aggregate'
import { styleSchema } from '../../core/style/parse'
import { positiveDecimal } from '../../core/style/positive'
import { schemas } from '../../core/style/schemas'
import { COUNTED } from '../../core/ticks/counted'
import { FORM_IDS } from '../forms'
import { MARK_PARTS, STYLED_PARTS } from '../forms/parts'
import { decimalText, wholeFraction } from './texts'

/** Where an axis has its ticks, and texts that people put in place of their labels. */
export const ticksSchema = z.strictObject({
  /** A number; with `multipleOf` a fraction of the constant. */
  step: z.union([positiveDecimal, wholeFraction]).optional(),
  count: z.int().min(1).max(100).optional(),
  /** What the ticks are to span; what is drawn where it is not given. */
  domain: z.tuple([decimalText, decimalText]).optional(),
  ends: z.enum(['tight', 'loose']).optional(),
  /** Powers of a base in place of even steps; through zero where it is symmetric. */
  kind: z.enum(['linear', 'log', 'symlog']).optional(),
  base: z.union([z.literal(10), z.literal(2), z.literal('e')]).optional(),
  multipleOf: schemas.multipleOf.optional(),
  /** What is counted in its own way, with steps of its own: sixties, twelves, doublings. */
  counted: z.enum(COUNTED).optional(),
  /** How long its ruler is, and how large its type, in CSS pixels. */
  length: z.int().min(80).max(2000).optional(),
  fontSize: z.int().min(6).max(40).optional(),
  /** Texts by hand, tick by tick; an empty one leaves the label as the style writes it. */
  labels: z.array(z.string().max(200)).max(1000).optional(),
})
export type TickWishes = z.infer<typeof ticksSchema>

/** What a chart shows of a quantity. */
export const chartSchema = z.strictObject({
  /** The column whose values part the rows; null draws every row. */
  category: z.string().nullable(),
  aggregate: z.enum(AGGREGATE_IDS),
  /** The column that a mean is weighted by. */
  weight: z.string().optional(),
  form: z.enum(FORM_IDS).optional(),
  /** Another column, drawn as a line with an axis of its own at the right. */
  second: z.string().optional(),
  /** A column whose values each have a panel of their own, all with one axis. */
  panels: z.string().optional(),
  /** A column that parts each column or bar into pieces, one colour for each of its values. */
  colour: z.string().optional(),
  /** By the number, largest first, or as the rows have it. */
  order: z.enum(['number', 'rows']).optional(),
  /** Whether marks are shaded by the bin of their number, with a legend. */
  shaded: z.boolean().optional(),
  /** What stands on the marks, on one line or two; the value alone where it is not given. */
  parts: z.array(z.enum(MARK_PARTS)).min(1).max(MARK_PARTS.length).optional(),
  lines: z.union([z.literal(1), z.literal(2)]).optional(),
  /** Whether labels stand inside the columns and bars that have room for them. */
  inside: z.boolean().optional(),
  /** Whether the labels of the marks are in smaller type. */
  small: z.boolean().optional(),
  /** Whether the labels of the marks stand upright, a quarter turned. */
  turned: z.boolean().optional(),
  /** Whether only the ends, the largest and the least of the marks carry a label. */
  few: z.boolean().optional(),
  /** The column that marks tell their change from, where they do. */
  against: z.string().optional(),
  /** The category whose mark has a callout, and where it stands from the mark, in CSS pixels. */
  callout: z
    .strictObject({
      at: z.string(),
      x: z.int().min(-4000).max(4000).optional(),
      y: z.int().min(-4000).max(4000).optional(),
    })
    .optional(),
  /**
   * What shares and changes are written in where that is not the program's own way: each part has
   * its own style.
   */
  partStyles: z.partialRecord(z.enum(STYLED_PARTS), styleSchema).optional(),
})
export type ChartWishes = z.infer<typeof chartSchema>
