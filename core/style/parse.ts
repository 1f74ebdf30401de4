import { z } from 'zod'
import { StyleError } from '../error'
import { type FieldName, FIELD_NAMES, fields, type FullStyle, type Style } from './fields'
import { QUANTITY, recordedAsSchema } from './recordedAs'
import { PRIORITIES } from './schemas'

/** Where a file says which schema it keeps to, for editors: nothing of the style. */
const SCHEMA = '$schema'
const isField = (name: string): name is FieldName => Object.hasOwn(fields, name)

/**
 * Checks a style that came from outside.
 *
 * @param input parsed JSON
 * @returns the style, with nothing added
 * @throws StyleError for an unknown field or a value out of range, naming what is allowed
 * @example parseStyle({ notation: 'scaled', fraction: [0, 1] })
 */
export function parseStyle(input: unknown): Style {
  if (typeof input !== 'object' || input === null || Array.isArray(input)) {
    throw new TypeError(
      `style: ${JSON.stringify(input) ?? 'nothing'} is not allowed; it takes an object of fields such as {"notation": "plain"}`,
    )
  }
  const style: Style = {}
  for (const [name, value] of Object.entries(input)) {
    if (name === SCHEMA && typeof value === 'string') continue
    if (name === QUANTITY && recordedAsSchema.safeParse(value).success) continue
    if (!isField(name))
      throw new StyleError(
        name,
        value,
        `there is no such field; the fields are ${FIELD_NAMES.join(', ')}`,
      )
    const result = fields[name].schema.safeParse(value)
    if (!result.success) throw new StyleError(name, value, fields[name].takes)
    Object.assign(style, { [name]: result.data })
  }
  checkTogether(style)
  return style
}

/** What two fields of one level must keep to. */
function checkTogether({ marks, fraction, significant, priority }: Style): void {
  if (marks?.decimal !== undefined && marks.decimal === marks.group) {
    throw new StyleError('marks', marks, 'the decimal mark and the group mark must differ')
  }
  if (fraction && significant && priority === undefined) {
    throw new StyleError(
      'priority',
      undefined,
      `where fraction and significant stand together it takes ${PRIORITIES.join(' or ')}`,
    )
  }
}

/**
 * What one field takes, as a Zod schema that says so itself.
 *
 * @example fieldSchema('ladder').safeParse('foo').error?.issues[0]?.message // '"foo" is not allowed; it takes short, …'
 */
export const fieldSchema = <Name extends FieldName>(name: Name) =>
  z.unknown().transform((input, context): FullStyle[Name] => {
    const result = fields[name].schema.safeParse(input)
    if (result.success) return result.data
    const value = JSON.stringify(input) ?? 'nothing'
    context.addIssue({ code: 'custom', message: `${value} is not allowed; ${fields[name].takes}` })
    return z.NEVER
  })

/** The same check as a Zod schema, for contracts that hold a style. */
export const styleSchema = z.record(z.string(), z.unknown()).transform((input, context): Style => {
  try {
    return parseStyle(input)
  } catch (error) {
    context.addIssue({ code: 'custom', message: (error as Error).message })
    return z.NEVER
  }
})
