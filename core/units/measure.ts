import { z } from 'zod'
import { StyleError } from '../error'
import type { MeasureNames } from '../locale/types'
import { isMeasure } from '../measures/convert'
import { measureForms } from '../measures/naming'
import { measureTitle } from '../measures/titles'
import type { NumberOptions } from '../notations/types'
import { ANY_UNIT } from './anyUnit'
import { measureNamed } from './names'
import { prefixable } from './prefixable'
import { ratios } from './ratios'
import { type UnitKind, type UnitName, type UnitSetting, type UnitTexts, USUAL } from './types'
import { lettersBeside, numberAlone } from './writing'

export const MEASURE_DISPLAYS = ['short', 'narrow', 'long'] as const

const noMeasure = ({ input }: { readonly input?: unknown }): string =>
  `${JSON.stringify(input)} is no measure of CLDR; it takes an id such as kilogram or kilometer-per-hour`
/** The id of a measure, which says itself what it takes. */
export const measureId = z
  .string()
  .max(200)
  .regex(/^[a-z0-9]+(?:-[a-z0-9]+)*$/, { error: noMeasure, abort: true })
  .refine(isMeasure, { error: noMeasure })
export const measureSchema = z.strictObject({
  kind: z.literal('measure'),
  id: z.union([measureId, z.strictObject({ column: z.string().min(1) })]),
  display: z.enum(MEASURE_DISPLAYS).optional(),
})
type Measure = z.infer<typeof measureSchema>

const displayWords: Readonly<Record<(typeof MEASURE_DISPLAYS)[number], string>> = {
  short: '',
  narrow: ' in its narrow form',
  long: ' in words',
}

/** What a pattern without a place for the number says, by its plural. */
const SAYS: Readonly<Record<string, string>> = { zero: '0', one: '1', two: '2' }
function nameFrom(pattern: string, plural: string): UnitName {
  const [before = '', after] = pattern.split('{0}')
  return after === undefined ? [before, '', SAYS[plural]] : [before, after]
}

/**
 * A measure that takes the rungs as its prefixes: 3.6 MW. A prefix of its own goes into the number,
 * so the measure is named without it: Wh of kWh.
 */
function writePrefixed(unit: Measure, measures: MeasureNames, setting: UnitSetting): UnitTexts {
  const { id } = prefixable(unit)
  const pattern = measureForms(id, unit.display ?? 'short', measures)?.other
  if (pattern === undefined)
    throw new StyleError(
      'unit.id',
      unit.id,
      'this region names it with a prefix alone; choose a ladder without prefixes, such as short',
    )
  const [, gap = '', text = ''] = /^\{0\}(\s*)(.*)$/u.exec(pattern) ?? [
    ,
    ' ',
    pattern.replace('{0}', '').trim(),
  ]
  return lettersBeside(text, 'after', gap, setting.marks)
}

/** Parts of one that are measures too: CLDR writes them by the region's own pattern, but in words. */
const PARTS = { percent: ratios.percent, permille: ratios.permille } as const
const isPart = (id: unknown): id is keyof typeof PARTS =>
  typeof id === 'string' && Object.hasOwn(PARTS, id)

/** A measure around the number: its pattern by the number's plural. */
function write(unit: Measure, setting: UnitSetting): UnitTexts {
  const { display = 'short' } = unit
  const { measures } = setting.region
  if (display !== 'long' && isPart(unit.id))
    return PARTS[unit.id].write({ kind: unit.id } as never, setting)
  const id = String(unit.id)
  const forms = measures && measureForms(id, display, measures)
  if (!forms)
    throw new StyleError(
      'unit.id',
      id,
      measures
        ? 'CLDR has no name for it in this region; give a unit of your own: {"kind": "symbol", "text": "…"}'
        : 'the names of measures are not at hand for this region',
    )
  if (setting.hasPrefixes) return writePrefixed(unit, measures!, setting)
  const named = Object.fromEntries(
    Object.entries(forms).map(([plural, pattern]) => [plural, nameFrom(pattern, plural)]),
  )
  return {
    ...numberAlone(setting.marks),
    named,
    title: { side: 'after', text: forms.other.replace('{0}', '').trim() },
  }
}

/** Simple units that ECMA-402 sanctions (section 6.6.2); two of them may stand around -per-. */
const SANCTIONED = new Set(
  'acre bit byte celsius centimeter day degree fahrenheit fluid-ounce foot gallon gigabit gigabyte gram hectare hour inch kilobit kilobyte kilogram kilometer liter megabit megabyte meter microsecond mile mile-scandinavian milliliter millimeter millisecond minute month nanosecond ounce percent petabyte pound second stone terabit terabyte week yard year'.split(
    ' ',
  ),
)
const isSanctioned = (id: unknown): id is string =>
  typeof id === 'string' &&
  id.split('-per-').length <= 2 &&
  id.split('-per-').every((unit) => SANCTIONED.has(unit))

/** A unit of measurement, by an id of CLDR or by the cells of a column. */
export const measure: UnitKind<Measure> = {
  ...USUAL,
  kind: 'measure',
  takes: `{"kind": "measure", "id": "kilogram" or {"column": "name"}, "display": ${MEASURE_DISPLAYS.map((display) => `"${display}"`).join(' or ')}}, its id one of CLDR's such as kilometer-per-hour`,
  isMeasured: true,
  percentSign: ({ id }) => (id === 'percent' ? 'typed' : null),
  measure: ({ id }) => (typeof id === 'string' ? id : null),
  column: ({ id }) => (typeof id === 'string' ? null : id.column),
  names: () => 'measureNames',
  inFull: (unit) => ({ ...unit, display: 'long' }),
  displays: (unit) =>
    MEASURE_DISPLAYS.filter((display) => display !== 'short').map((display) => ({
      ...unit,
      display,
    })),
  bare(unit) {
    const { id } = prefixable(unit)
    return id === unit.id ? null : { unit: { ...unit, id }, factor: '1', recorded: String(unit.id) }
  },
  options({ id, display = 'short' }): NumberOptions | null {
    if (isSanctioned(id)) return { style: 'unit', unit: id, unitDisplay: display }
    return typeof id === 'string' ? null : {}
  },
  say: ({ id, display = 'short' }) =>
    (typeof id === 'string' ? measureTitle(id) : `the measure in ${id.column}`) +
    displayWords[display],
  write,
  byCells: {
    field: 'unit.id',
    takes: 'an id of a measure such as kilogram',
    named: measureNamed,
    of: (unit, id) => ({ ...unit, id }),
    any: () => ({ kind: 'symbol', text: ANY_UNIT }),
    inColumn: (column) => ({ kind: 'measure', id: { column } }),
  },
}
