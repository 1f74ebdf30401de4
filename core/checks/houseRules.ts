import { z } from 'zod'
import { StyleError } from '../error'
import { type FieldName, FIELD_NAMES, fields, type FullStyle } from '../style/fields'
import { inherit } from '../style/inherit'
import type { Phrase } from '../style/phrases/types'
import { parseStyle } from '../style/parse'
import type { HouseRule } from './types'
import { SURFACES } from '../surfaces'

/** Fields that rules are made of: those that have words. */
export const RULED_FIELDS: readonly FieldName[] = FIELD_NAMES.filter(
  (name) => fields[name].phrase !== undefined && name !== 'cases',
)

const shape = z.strictObject({
  surface: z.enum(SURFACES).optional(),
  field: z.enum(RULED_FIELDS as [FieldName, ...FieldName[]]),
  is: z.unknown().optional(),
  isNot: z.unknown().optional(),
  why: z.string().trim().min(1).max(300),
})

/** What a rule speaks of. */
export const ruledValue = ({ is, isNot }: HouseRule): unknown => (is === undefined ? isNot : is)

/** Rules of the house, each with one of `is` and `isNot`, whose value its field takes. */
export const houseRuleSchema = shape.transform((rule, context): HouseRule => {
  if ((rule.is === undefined) === (rule.isNot === undefined))
    context.addIssue({ code: 'custom', message: 'a rule has either is or isNot' })
  try {
    parseStyle({ [rule.field]: ruledValue(rule) })
  } catch (error) {
    if (!(error instanceof StyleError)) throw error
    context.addIssue({ code: 'custom', message: error.message })
  }
  return rule
})

/**
 * A rule in words.
 *
 * @example houseRuleWords({ surface: 'marks', field: 'fraction', is: [0, 1], why: '…' }) // 'decimals on marks: at most 1 decimal'
 */
export function houseRuleWords(rule: HouseRule): string {
  const phrase = fields[rule.field].phrase as Phrase<unknown>
  const value = ruledValue(rule)
  const said = phrase.say(value, { ...inherit({}), [rule.field]: value } as FullStyle)
  const where = rule.surface ? ` (${rule.surface})` : ''
  return `${phrase.name}${where}: ${rule.is === undefined ? 'not ' : ''}${said}`
}
