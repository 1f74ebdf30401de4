import type { z } from 'zod'
import { ROUNDING_MODES } from '../decimal/round'
import { LADDER_IDS } from '../ladders'
import { NOTATION_IDS } from '../notations'
import { CLOCK_FORMS, CLOCK_KINDS, CLOCK_UNITS } from '../notations/clock'
import { CONSTANTS } from '../notations/multiple'
import * as phrases from './phrases'
import type { Phrase } from './phrases/types'
import {
  ALIGNMENTS,
  EXPONENT_FORMS,
  type FieldName,
  type FullStyle,
  GROUPINGS,
  MOST_DIGITS,
  MOST_ERROR_DIGITS,
  MOST_POWER,
  PRIORITIES,
  RUNG_FORMS,
  schemas,
  SIGNS,
  TRAILING_ZEROS,
  UNCERTAINTY_FORMS,
  UNIT_PLACES,
} from './schemas'
import { unitKinds } from '../units'

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
  name: Name,
  byDefault: FullStyle[Name],
  decides: string,
  takes: string,
  phrase?: Phrase<FullStyle[Name]>,
): Field<Name> => ({
  schema: schemas[name] as unknown as z.ZodType<FullStyle[Name]>,
  byDefault,
  decides,
  takes,
  phrase,
})

const oneOf = (choices: readonly string[]) =>
  `it takes ${choices.slice(0, -1).join(', ')} or ${choices.at(-1)}`

const oneOfQuoted = (choices: readonly string[]) =>
  choices.map((choice) => `"${choice}"`).join(' or ')

const DECIMAL_TEXT = 'decimal text such as "0.05" or "-1.5e3"'

/**
 * The one table of the style's fields. The schemas, the command line's errors, the phrases of
 * the style sentence, in their order there, and the reference come from it.
 */
export const fields: { readonly [Name in FieldName]: Field<Name> } = {
  notation: field(
    'notation',
    'plain',
    'How the size of a number is told.',
    oneOf(NOTATION_IDS),
    phrases.notation,
  ),
  rung: field(
    'rung',
    'each',
    'Whether every label has its own rung, all share one, or one is fixed.',
    'it takes each, shared or a power on the ladder',
    phrases.rung,
  ),
  ladder: field(
    'ladder',
    'short',
    'The series of rungs that scaled labels use.',
    `it takes ${LADDER_IDS.join(', ')}, locale, or a ladder of your own: {"rungs": [{"power": 3, "symbol": "K", "word": "thousand"}]}, powers ascending, names unique and none that reads as a number`,
    phrases.ladder,
  ),
  rungForm: field(
    'rungForm',
    'symbol',
    'How a rung is written.',
    oneOf(RUNG_FORMS),
    phrases.rungForm,
  ),
  rungFrom: field(
    'rungFrom',
    null,
    'The power of ten from which scaling begins; fixed rungs ignore it.',
    `it takes null or a power from ${-MOST_POWER} to ${MOST_POWER}`,
    phrases.rungFrom,
  ),
  rungGap: field(
    'rungGap',
    null,
    'What stands between the number and its rung; null is nothing before symbols and a blank before words.',
    'it takes null or a text of up to 8 characters',
    phrases.rungGap,
  ),
  exponent: field(
    'exponent',
    'each',
    'Whether every label has its own exponent, all share one, or one is fixed.',
    `it takes each, shared or a power from ${-MOST_POWER} to ${MOST_POWER}`,
    phrases.exponent,
  ),
  exponentForm: field(
    'exponentForm',
    'times',
    'How a power of ten is set. With notation multiple, power writes the powers of the constant (e²) in place of its multiples.',
    oneOf(EXPONENT_FORMS),
    phrases.exponentForm,
  ),
  multipleOf: field(
    'multipleOf',
    'pi',
    'The constant that labels count.',
    `it takes ${CONSTANTS.join(', ')}, or ${DECIMAL_TEXT} above zero`,
    phrases.multipleOf,
  ),
  clock: field(
    'clock',
    {},
    'What a clock counts, how it is set, and whether it is a duration or a time of day. Set parts replace inherited ones; by itself it counts seconds, or what the values are recorded in, as h:mm of a duration.',
    `it takes an object of of (${CLOCK_UNITS.join(', ')}), form (${CLOCK_FORMS.join(', ')}) and kind (${CLOCK_KINDS.join(', ')})`,
    phrases.clock,
  ),
  fraction: field(
    'fraction',
    [0, 3],
    'Least and most digits after the decimal mark; or step: as many as the step between the ticks needs, at each label’s own rung or exponent, and without ticks the fewest that tell the values apart, with at most 3 significant digits. Money in plain digits has those of its currency, and a clock without seconds none, where neither these nor significant digits are set.',
    `it takes step, or [least, most], whole numbers from 0 to ${MOST_DIGITS}, least not above most`,
    phrases.fraction,
  ),
  significant: field(
    'significant',
    null,
    'Least and most significant digits. On one level it replaces inherited decimals.',
    `it takes null or [least, most], whole numbers from 1 to ${MOST_DIGITS}, least not above most`,
    phrases.significant,
  ),
  priority: field(
    'priority',
    'morePrecision',
    'Which decides where decimals and significant digits are both set.',
    oneOf(PRIORITIES),
    phrases.priority,
  ),
  rounding: field(
    'rounding',
    'halfExpand',
    'Which way dropped digits round.',
    oneOf(ROUNDING_MODES),
    phrases.rounding,
  ),
  increment: field(
    'increment',
    null,
    'The written number is a multiple of it.',
    `it takes null or ${DECIMAL_TEXT} above zero`,
    phrases.increment,
  ),
  trailingZeros: field(
    'trailingZeros',
    'auto',
    'Whether decimals that are all zero are written.',
    oneOf(TRAILING_ZEROS),
    phrases.trailingZeros,
  ),
  locale: field(
    'locale',
    'en',
    'The region whose marks, digits, patterns and names are used.',
    'it takes a BCP 47 language tag such as en, de-CH or ar-EG-u-nu-latn',
    phrases.locale,
  ),
  grouping: field(
    'grouping',
    'auto',
    'When whole digits are grouped.',
    oneOf(GROUPINGS),
    phrases.grouping,
  ),
  marks: field(
    'marks',
    {},
    "Marks that replace the region's.",
    'it takes an object of decimal, group, minus and plus, each a text of 1 to 8 characters without digits, decimal and group not equal',
    phrases.marks,
  ),
  sign: field('sign', 'auto', 'When a sign is written.', oneOf(SIGNS), phrases.sign),
  unit: field(
    'unit',
    { kind: 'none' },
    'The currency, measure, symbol or part of one beside the number. A measure other than the one that the values are recorded in is converted.',
    oneOf(Object.values(unitKinds).map(({ takes }) => takes)),
    phrases.unit,
  ),
  factor: field(
    'factor',
    '1',
    'The label writes the value times this; reading back divides.',
    `it takes ${DECIMAL_TEXT}, not zero`,
    phrases.factor,
  ),
  unitAt: field(
    'unitAt',
    'label',
    'Where rung and unit are said.',
    oneOf(UNIT_PLACES),
    phrases.unitAt,
  ),
  under: field(
    'under',
    null,
    'A value below it is written as <it.',
    `it takes null or ${DECIMAL_TEXT}`,
    phrases.under,
  ),
  over: field(
    'over',
    null,
    'A value above it is written as >it.',
    `it takes null or ${DECIMAL_TEXT}`,
    phrases.over,
  ),
  before: field(
    'before',
    '',
    'Text before the whole label.',
    'it takes a text of up to 200 characters',
    phrases.before,
  ),
  after: field(
    'after',
    '',
    'Text after the whole label.',
    'it takes a text of up to 200 characters',
    phrases.after,
  ),
  zero: field(
    'zero',
    null,
    'The text for exactly zero.',
    'it takes null or a text of up to 200 characters',
    phrases.zero,
  ),
  missing: field(
    'missing',
    '–',
    'The text for a missing value.',
    'it takes a text of up to 200 characters',
    phrases.missing,
  ),
  uncertainty: field(
    'uncertainty',
    null,
    'The error that each value is written with, to the same last place and in the same rung; unsaid where it is known, and not written. A row without one is written by itself.',
    `it takes null or {"column": "name", "form": ${oneOfQuoted(UNCERTAINTY_FORMS)}, "significant": 1 or ${MOST_ERROR_DIGITS}}`,
    phrases.uncertainty,
  ),
  align: field(
    'align',
    'end',
    'How labels line up in a column of a table.',
    oneOf(ALIGNMENTS),
    phrases.align,
  ),
  cases: field(
    'cases',
    [],
    'Other styles for some rows, some magnitudes, or some widths of the page; the first that matches is used.',
    'it takes a list of {"when": {"column", "is": […]} or {"magnitude": {"from", "to"}} or {"width": {"from", "to"}}, "use": {some fields, without cases, missing and align}}',
    phrases.cases,
  ),
}

export const FIELD_NAMES = Object.keys(fields) as FieldName[]

/** The built-in defaults. */
export const DEFAULTS = Object.freeze(
  Object.fromEntries(FIELD_NAMES.map((name) => [name, fields[name].byDefault])),
) as Readonly<FullStyle>
