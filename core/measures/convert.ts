import type { Conversion } from './apply'
import { isPlainNumber, kinds, parseMeasure, prefixes, quantities, units } from './parse'
import type { Component } from './parse'
import {
  fromTexts,
  minus,
  NOTHING,
  ONE_WHOLE,
  over,
  raised,
  type Rational,
  rational,
  times,
} from './rational'

/** A measure that is none, or two that are of different kinds. */
export class MeasureError extends Error {
  override name = 'MeasureError'
}

interface Measure {
  /** Powers of its base units, by unit. */
  readonly dimension: ReadonlyMap<string, number>
  /** What one of it is in base units. */
  readonly scale: Rational
  /** What zero of it is in base units. */
  readonly offset: Rational
  readonly special: boolean
}

const ofPrefix = (prefix: string | undefined): Rational => {
  if (prefix === undefined) return ONE_WHOLE
  const [base, power] = prefixes[prefix]!
  return raised(rational(BigInt(base), 1n), power)
}

/** The base units of a factor, each to its power. */
function basesOf({ unit, power }: Component): (readonly [string, number])[] {
  if (isPlainNumber(unit)) return []
  const base = units[unit]?.base ?? unit
  if (base === unit) return [[unit, power]]
  return parseMeasure(base)!.flatMap((one) => basesOf({ ...one, power: one.power * power }))
}

function dimensionOf(components: readonly Component[]): Map<string, number> {
  const dimension = new Map<string, number>()
  for (const [base, power] of components.flatMap(basesOf))
    dimension.set(base, (dimension.get(base) ?? 0) + power)
  for (const [base, power] of dimension) if (power === 0) dimension.delete(base)
  return dimension
}

const known = new Map<string, Measure>()
function measureOf(id: string): Measure {
  const kept = known.get(id)
  if (kept) return kept
  const components = parseMeasure(id)
  if (!components)
    throw new MeasureError(
      `"${id}" is no measure of CLDR; it takes an id such as kilogram, kilometer-per-hour or liter-per-100-kilometer`,
    )
  const scale = components
    .map(({ unit, prefix, power }) => {
      const one = isPlainNumber(unit)
        ? rational(BigInt(Number(unit)), 1n)
        : times(ofPrefix(prefix), units[unit] ? fromTexts(units[unit].factor) : ONE_WHOLE)
      return raised(one, power)
    })
    .reduce(times)
  const [alone] = components
  const offset =
    components.length === 1 && alone!.power === 1 ? units[alone!.unit]?.offset : undefined
  const measure = {
    dimension: dimensionOf(components),
    scale,
    offset: offset ? fromTexts(offset) : NOTHING,
    special: components.some(({ unit }) => units[unit]?.special === true),
  }
  known.set(id, measure)
  return measure
}

const keyOf = (dimension: ReadonlyMap<string, number>): string =>
  [...dimension]
    .map(([base, power]) => `${base}^${power}`)
    .sort()
    .join(' ')
/** What stands above and what below the stroke, apart: litres per metre are no area. */
const strokeKeyOf = (components: readonly Component[]): string =>
  [1, -1]
    .map((side) => keyOf(dimensionOf(components.filter(({ power }) => Math.sign(power) === side))))
    .join(' / ')
let named: ReadonlyMap<string, string> | undefined
/**
 * What kind of quantity a measure is of, in words; its kind in CLDR's table where it has no other.
 */
function quantityOf(id: string): string {
  named ??= new Map(
    Object.entries(quantities).flatMap(([base, name]) => {
      const components = parseMeasure(base) ?? []
      const words = name.replaceAll('-', ' ')
      return [
        [strokeKeyOf(components), words],
        [keyOf(dimensionOf(components)), words],
      ] as const
    }),
  )
  return (
    named.get(strokeKeyOf(parseMeasure(id)!)) ??
    named.get(keyOf(measureOf(id).dimension)) ??
    kinds[id] ??
    'a quantity of its own'
  )
}

/** Whether one measure is of the inverse of another's dimension: miles a litre, litres a mile. */
const areInverse = (a: Measure, b: Measure): boolean =>
  keyOf(a.dimension) === keyOf(new Map([...b.dimension].map(([base, power]) => [base, -power])))

/** Why one measure cannot be converted into another. */
function whyNot(from: string, to: string): string {
  const [source, target] = [measureOf(from), measureOf(to)]
  if (source.special || target.special) {
    const [special, other] = source.special ? [from, to] : [to, from]
    return `${special} has no factor: it cannot be converted into ${other}`
  }
  if (areInverse(source, target))
    return `${to} counts the inverse of ${from}: no factor leads from one to the other`
  return `${from} measures ${quantityOf(from)} and ${to} measures ${quantityOf(to)}: one cannot be converted into the other`
}

/**
 * Whether a text is the id of a measure.
 *
 * @example isMeasure('kilometer-per-hour') // true; of 'kilo' false
 */
export const isMeasure = (id: string): boolean => parseMeasure(id) !== null

/**
 * Whether two measures are of one dimension, so that one can be written in the other.
 *
 * @throws MeasureError for an id that is none
 * @example areAlike('kilogram', 'pound') // true
 */
export const areAlike = (a: string, b: string): boolean =>
  a === b ||
  (keyOf(measureOf(a).dimension) === keyOf(measureOf(b).dimension) &&
    !measureOf(a).special &&
    !measureOf(b).special)

/**
 * What leads from one measure to another, by CLDR's factors as exact fractions (π is there
 * 411557987 / 131002976).
 *
 * @throws MeasureError for an id that is none, and where the two are of different kinds, naming
 *   both
 * @example conversionOf('celsius', 'fahrenheit') // scale 9/5, shift 32
 */
export function conversionOf(from: string, to: string): Conversion {
  const [source, target] = [measureOf(from), measureOf(to)]
  if (!areAlike(from, to)) throw new MeasureError(whyNot(from, to))
  if (from === to) return { scale: ONE_WHOLE, shift: NOTHING }
  return {
    scale: over(source.scale, target.scale),
    shift: over(minus(source.offset, target.offset), target.scale),
  }
}

/**
 * The unit of a measure's dimension that CLDR's factors count in, with powers in its own order.
 *
 * @returns the measure itself where it is made of several
 * @throws MeasureError for an id that is none
 * @example baseUnitOf('pound') // 'kilogram'
 */
export function baseUnitOf(id: string): string {
  const components = parseMeasure(id)
  if (!components) throw new MeasureError(`"${id}" is no measure of CLDR`)
  const [alone] = components
  return components.length === 1 && alone!.power === 1 ? (units[alone!.unit]?.base ?? id) : id
}
