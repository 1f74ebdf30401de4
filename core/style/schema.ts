import { z } from 'zod'
import { FIELD_NAMES, fields } from './fields'
import { schemas } from './schemas'

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
  return {
    title: 'Style of a number',
    ...z.toJSONSchema(style, { target: 'draft-7', io: 'input', unrepresentable: 'any' }),
  }
}
