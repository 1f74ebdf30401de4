import { z } from 'zod'
import { FIELD_NAMES, fields } from './fields'
import { recordedAsSchema } from './recordedAs'
import { schemas } from './schemas'

/** The name of the schema, whatever file it stands in. */
const SCHEMA_ID = 'urn:ivory-abacus:style'
/** Where decimals and significant digits stand together, which of them decides is said. */
const isSet = { not: { type: 'null' } }
const BOTH_NEED_PRIORITY = {
  if: {
    required: ['fraction', 'significant'],
    properties: { fraction: isSet, significant: isSet },
  },
  then: { required: ['priority'] },
}

/**
 * The JSON Schema (draft 7) of a style, made of the table of fields.
 *
 * @example styleJsonSchema().properties.fraction.description // 'Least and most digits after …'
 */
export function styleJsonSchema(): Record<string, unknown> {
  const style = z.strictObject(
    Object.fromEntries(
      FIELD_NAMES.map((name) => {
        const { decides, takes } = fields[name]
        return [
          name,
          (schemas[name] as z.ZodType)
            .optional()
            .describe(`${decides} ${takes[0]!.toUpperCase()}${takes.slice(1)}.`),
        ]
      }),
    ),
  )
  const asJson = (schema: z.ZodType) =>
    z.toJSONSchema(schema, { target: 'draft-7', io: 'input', unrepresentable: 'any' })
  const { properties, ...rest } = asJson(style)
  const { $schema: _, ...quantity } = asJson(
    recordedAsSchema.describe('What the numbers are recorded in, so that the style stands alone.'),
  )
  return {
    $id: SCHEMA_ID,
    title: 'Style of a number',
    ...rest,
    properties: { $schema: { type: 'string' }, quantity, ...properties },
    ...BOTH_NEED_PRIORITY,
  }
}
