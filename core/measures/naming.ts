import type {
  ByPlural,
  MeasureDisplay,
  MeasureNames,
  MeasurePatterns,
  Patterns,
  PluralKey,
} from '../locale/types'
import { type Component, isPlainNumber, parseMeasure, prefixes } from './parse'
import { unprefixed } from './prefixed'

/** Patterns by plural; `other` is always there. */
type Forms = ByPlural & { readonly other: string }
const NUMBER = '{0}'

const formsOf = (patterns: Patterns): Forms =>
  typeof patterns === 'string' ? { other: patterns } : (patterns as Forms)
const mapped = (forms: Forms, change: (pattern: string, plural: PluralKey) => string): Forms =>
  Object.fromEntries(
    Object.entries(forms).map(([plural, pattern]) => [
      plural,
      change(pattern, plural as PluralKey),
    ]),
  ) as unknown as Forms
const singular = ({ one, other }: Forms): string => one ?? other
/** A pattern without its number. */
const bare = (pattern: string): string => pattern.replace(NUMBER, '').trim()
/** A pattern whose name is changed, and whose number stays where it is. */
const renamed = (pattern: string, change: (name: string) => string): string => {
  const name = bare(pattern)
  return name === '' ? pattern : pattern.replace(name, () => change(name))
}

function prefixKey(prefix: string): string {
  const [base, power] = prefixes[prefix]!
  return base === 2 ? `1024p${power / 10}` : `10p${power}`
}

/**
 * A prefix before a name: within a word the name loses its capital ("Kilo" and "Gramm" make
 * "Kilogramm").
 */
const withPrefix = (pattern: string, name: string): string =>
  pattern.replace(NUMBER, () =>
    /\p{L}\{0\}/u.test(pattern) && /^\p{Lu}\p{Ll}/u.test(name)
      ? name[0]!.toLowerCase() + name.slice(1)
      : name,
  )

/** What stands before the id of a unit that has a name of its own in some power. */
const WHOLE: readonly (string | undefined)[] = [undefined, '', 'square-', 'cubic-']

/** The forms of one factor: its own, or those that prefix and power make of it. */
function componentForms({ unit, prefix, power }: Component, names: MeasurePatterns): Forms | null {
  if (isPlainNumber(unit)) return { other: `${NUMBER} ${unit}` }
  const id = `${prefix ?? ''}${unit}`
  const size = Math.abs(power)
  const before = WHOLE[size]
  const whole = before === undefined ? undefined : names.units[before + id]
  if (whole !== undefined) return formsOf(whole)
  const own = names.units[id] ?? names.units[unit]
  if (own === undefined) return null
  const isPrefixed = prefix !== undefined && names.units[id] === undefined
  const prefixPattern = isPrefixed ? names.prefixes[prefixKey(prefix)] : undefined
  const prefixed = mapped(formsOf(own), (pattern) =>
    prefixPattern === undefined
      ? pattern
      : renamed(pattern, (name) => withPrefix(prefixPattern, name)),
  )
  if (size === 1) return prefixed
  const powers = names.powers[String(size)]
  return mapped(prefixed, (pattern, plural) =>
    renamed(pattern, (name) => {
      if (powers === undefined) return `${name}^${size}`
      const forms = formsOf(powers)
      return withPrefix(forms[plural] ?? forms.other, name)
    }),
  )
}

/** The forms of several factors, multiplied: the last of them is counted. */
function productForms(components: readonly Component[], names: MeasurePatterns): Forms | null {
  const all = components.map((one) => componentForms(one, names))
  if (all.length === 0 || all.some((one) => one === null)) return null
  const forms = all as Forms[]
  return forms
    .slice(1)
    .reduce(
      (left, right) =>
        mapped(right, (pattern) =>
          names.times.replace(NUMBER, () => singular(left)).replace('{1}', () => bare(pattern)),
        ),
      forms[0]!,
    )
}

const ownForms = (id: string, { units }: MeasurePatterns): Forms | null =>
  units[id] === undefined ? null : formsOf(units[id])

const UPPER = /^\p{Lu}/u
/**
 * The forms of a product that the region names with another prefix: MWh and Wh by its name for kWh.
 *
 * @returns null where the region's name does not begin with that prefix
 */
function siblingForms(id: string, names: MeasurePatterns): Forms | null {
  const wanted = id.includes('-') ? unprefixed(id) : null
  const named = wanted && Object.keys(names.units).find((own) => isSibling(own, wanted.id))
  if (!wanted || !named) return null
  const before = prefixText(unprefixed(named)!.word, names)
  const after = prefixText(wanted.word, names)
  const forms = formsOf(names.units[named]!)
  const start = before?.toLowerCase()
  const isNamedSo = (pattern: string) =>
    bare(pattern)
      .toLowerCase()
      .startsWith(start ?? '\0')
  if (after === undefined || !Object.values(forms).every(isNamedSo)) return null
  return mapped(forms, (pattern) =>
    renamed(pattern, (name) => {
      const text = after + name.slice(start!.length)
      return UPPER.test(name) ? text[0]!.toUpperCase() + text.slice(1) : text
    }),
  )
}
const isSibling = (own: string, id: string): boolean => {
  const bareOwn = own.includes('-') ? unprefixed(own) : null
  return bareOwn?.id === id && bareOwn.word !== ''
}
/** What a prefix puts before a name; undefined where the region puts it elsewhere. */
function prefixText(word: string, names: MeasurePatterns): string | undefined {
  if (word === '') return ''
  const [before, after] = names.prefixes[prefixKey(word)]?.split(NUMBER) ?? []
  return after === '' && before !== '' ? before : undefined
}

function inDisplay(id: string, names: MeasurePatterns): Forms | null {
  const own = ownForms(id, names) ?? siblingForms(id, names)
  if (own) return own
  const components = parseMeasure(id)
  if (!components) return null
  const [above, below] = [1, -1].map((sign) =>
    components.filter(({ power }) => Math.sign(power) === sign),
  ) as [Component[], Component[]]
  const [left, right] = id.split(/(?:^|-)per-/)
  const numerator: Forms | null =
    above.length === 0 ? { other: NUMBER } : (ownForms(left!, names) ?? productForms(above, names))
  if (!numerator || below.length === 0) return numerator
  const per = names.per[right!]
  if (per !== undefined) return mapped(numerator, (pattern) => per.replace(NUMBER, () => pattern))
  const denominator = productForms(below, names)
  if (!denominator) return null
  const name = bare(singular(denominator))
  return mapped(numerator, (pattern) =>
    names.compound.replace(NUMBER, () => pattern).replace('{1}', () => name),
  )
}

/** Displays that stand in for one that a region does not have. */
const INSTEAD: Readonly<Record<MeasureDisplay, readonly MeasureDisplay[]>> = {
  short: ['short', 'long'],
  narrow: ['narrow', 'short', 'long'],
  long: ['long', 'short'],
}

/**
 * The patterns of a measure in a region, by plural: its own, or made by CLDR's rule for compound
 * units (Unicode Technical Standard 35, part 2, "Compound Units").
 *
 * @param names of the region
 * @returns null where the region names no such unit
 * @example measureForms('kilogram-per-cubic-meter', 'short', english) // { other: '{0} kg/m³' }
 */
export function measureForms(
  id: string,
  display: MeasureDisplay,
  names: MeasureNames,
): (ByPlural & { readonly other: string }) | null {
  for (const one of INSTEAD[display]) {
    const forms = inDisplay(id, names[one])
    if (forms) return forms
  }
  return null
}
