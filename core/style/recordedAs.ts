import { z } from 'zod'
import { ROLES } from '../data/roles'
import { currencyCode, ratesSchema } from './rates'
import { measureId } from '../units/measure'

/** The most powers of ten that numbers are recorded in, either way. */
const MOST = 400
/**
 * What a style says of the numbers that it writes, so that it gives the same labels on its own: the
 * power of ten and the unit that they are recorded in, what leads to others, and what they are.
 */
export const recordedAsSchema = z.strictObject({
  recorded: z.int().min(-MOST).max(MOST).optional(),
  kind: z.string().optional(),
  measure: measureId.optional(),
  currency: currencyCode.optional(),
  rates: ratesSchema.optional(),
  /** The column of the rows that names the unit of each value, or named it before. */
  units: z
    .strictObject({ column: z.string().min(1), valuesIn: z.enum(['common', 'row']) })
    .optional(),
  role: z.enum(ROLES).optional(),
})
export type RecordedAs = z.infer<typeof recordedAsSchema>

/** The field of a style's file that holds it; a style in a study has it from its quantity. */
export const QUANTITY = 'quantity'

const isObject = (input: unknown): input is Record<string, unknown> =>
  typeof input === 'object' && input !== null && !Array.isArray(input)

/**
 * What the file of a style says of its numbers; undefined where it says nothing.
 *
 * @example recordedAsIn({ fraction: [0, 1], quantity: { measure: 'kilogram' } }) // { measure: 'kilogram' }
 */
export function recordedAsIn(style: unknown): RecordedAs | undefined {
  const result = isObject(style) ? recordedAsSchema.safeParse(style[QUANTITY]) : null
  return result?.success ? result.data : undefined
}

/**
 * An input of a command, with what its style says of the numbers where it says nothing itself.
 *
 * @example withOwnQuantity({ style: { quantity: { recorded: 3 } }, values: [1] }).quantity // { recorded: 3 }
 */
export function withOwnQuantity(input: unknown): unknown {
  if (!isObject(input) || input[QUANTITY] !== undefined) return input
  const quantity = recordedAsIn(input.style)
  return quantity ? { ...input, quantity } : input
}
