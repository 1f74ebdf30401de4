import { z } from 'zod'
import { styleSchema } from '../../core/style/parse'

export const COMPARED_ON = ['marks', 'axis', 'table', 'probes', 'typed', 'drawn'] as const
/** What styles are compared on: numbers of the page, test values, typed ones, or drawn ones. */
export type ComparedOn = (typeof COMPARED_ON)[number]
export const [FEWEST_COMPARED, MOST_COMPARED] = [2, 6]
/** Styles side by side on the same values; each is what it sets over the quantity's style. */
export const comparisonSchema = z.strictObject({
  on: z.enum(COMPARED_ON),
  /** Numbers that were typed, parted by blanks or lines. */
  typed: z.string().max(4000).optional(),
  /** The powers of ten between which numbers are drawn. */
  span: z.tuple([z.int().min(-300).max(300), z.int().min(-300).max(300)]).optional(),
  seed: z.int().min(0).optional(),
  styles: z
    .array(z.strictObject({ style: styleSchema, pinned: z.boolean().optional() }))
    .min(FEWEST_COMPARED)
    .max(MOST_COMPARED),
})
export type Comparison = z.infer<typeof comparisonSchema>
