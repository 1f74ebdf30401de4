import type { z } from 'zod'
import { ROUNDING_MODES } from '../decimal/round'
import { LADDER_IDS } from '../ladders'
import { NOTATION_IDS } from '../notations'
import * as phrases from './phrases'
import type { Phrase } from './phrases'
import { EXPONENT_FORMS, type FieldName, type FullStyle, GROUPINGS, MOST_DIGITS, MOST_POWER, schemas, SIGNS } from './schemas'

export type { FieldName, FullStyle, Style } from './schemas'

/** A field of the style: what it takes, what it is when nobody sets it, and how both are said. */
interface Field<Name extends FieldName> {
  readonly schema: z.ZodType<FullStyle[Name]>
  readonly byDefault: FullStyle[Name]
  /** What the field decides, as a sentence of the reference. */
  readonly decides: string
  /** What it takes, as a clause for error messages and the reference. */
  readonly takes: string
  /** How it stands in the style sentence; fields without one are set by the others. */
  readonly phrase?: Phrase<FullStyle[Name]>
}

const field = <Name extends FieldName>(
  name: Name, byDefault: FullStyle[Name], decides: string, takes: string, phrase?: Phrase<FullStyle[Name]>,
): Field<Name> => ({ schema: schemas[name] as unknown as z.ZodType<FullStyle[Name]>, byDefault, decides, takes, phrase })

const oneOf = (choices: readonly string[]) => `it takes ${choices.slice(0, -1).join(', ')} or ${choices.at(-1)}`

/**
 * The one table of the style's fields. The schemas, the command line's errors, the phrases of
 * the style sentence, in their order there, and the reference come from it.
 */
export const fields: { readonly [Name in FieldName]: Field<Name> } = {
  notation: field('notation', 'plain', 'How the size of a number is told.', oneOf(NOTATION_IDS), phrases.notation),
  rung: field(
    'rung', 'each', 'Whether every label has its own rung, all share one, or one is fixed.',
    'it takes each, shared or a power on the ladder', phrases.rung,
  ),
  ladder: field('ladder', 'short', 'The series of rungs that scaled labels use.', `it takes ${LADDER_IDS.join(', ')}`),
  exponent: field(
    'exponent', 'each', 'Whether every label has its own exponent, all share one, or one is fixed.',
    `it takes each, shared or a power from ${-MOST_POWER} to ${MOST_POWER}`, phrases.exponent,
  ),
  exponentForm: field('exponentForm', 'times', 'How a power of ten is set.', oneOf(EXPONENT_FORMS), phrases.exponentForm),
  fraction: field(
    'fraction', [0, 3], 'Least and most digits after the decimal mark.',
    `it takes [least, most], whole numbers from 0 to ${MOST_DIGITS}, least not above most`, phrases.fraction,
  ),
  rounding: field('rounding', 'halfExpand', 'Which way dropped digits round.', oneOf(ROUNDING_MODES)),
  grouping: field('grouping', 'auto', 'When whole digits are grouped.', oneOf(GROUPINGS), phrases.grouping),
  marks: field('marks', {}, "Marks that replace the region's.", 'it takes an object of decimal, group, minus and plus, each a text of 1 to 8 characters'),
  sign: field('sign', 'auto', 'When a sign is written.', oneOf(SIGNS), phrases.sign),
  unit: field(
    'unit', { kind: 'none' }, 'The currency or symbol beside the number.',
    'it takes {"kind": "none"}, {"kind": "currency", "code": "EUR"} or {"kind": "symbol", "text": "kg", "side": "after", "gap": " "}',
    phrases.unit,
  ),
  missing: field('missing', '–', 'The text for a missing value.', 'it takes a text of up to 80 characters'),
}

export const FIELD_NAMES = Object.keys(fields) as FieldName[]

/** The built-in defaults. */
export const DEFAULTS = Object.freeze(
  Object.fromEntries(FIELD_NAMES.map((name) => [name, fields[name].byDefault])),
) as Readonly<FullStyle>
