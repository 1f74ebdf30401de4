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
let named: ReadonlyMap<string, string> | undefined
/** What kind of quantity a measure is of, in words; its kind in CLDR's table where it has no other. */
function quantityOf(id: string): string {
  named ??= new Map(
    Object.entries(quantities).map(([base, name]) => [
      keyOf(dimensionOf(parseMeasure(base) ?? [])),
      name.replaceAll('-', ' '),
    ]),
  )
  return named.get(keyOf(measureOf(id).dimension)) ?? kinds[id] ?? 'a quantity of its own'
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
 * @throws MeasureError for an id that is none, and where the two are of different kinds, naming both
 * @example conversionOf('celsius', 'fahrenheit') // scale 9/5, shift 32
 */
export function conversionOf(from: string, to: string): Conversion {
  const [source, target] = [measureOf(from), measureOf(to)]
  if (!areAlike(from, to))
    throw new MeasureError(
      source.special || target.special
        ? `${source.special ? from : to} has no factor: it cannot be converted into ${source.special ? to : from}`
        : `${from} measures ${quantityOf(from)} and ${to} measures ${quantityOf(to)}: one cannot be converted into the other`,
    )
  if (from === to) return { scale: ONE_WHOLE, shift: NOTHING }
  return {
    scale: over(source.scale, target.scale),
    shift: over(minus(source.offset, target.offset), target.scale),
  }
}
