import { localeTableName, type Regions } from './region'
import { inherit, stylesOf } from '../style/inherit'
import { kindOf, lettersOf, measureOf } from '../units'
import { unitNamed } from '../units/names'
import type { FullStyle, Style } from '../style/schemas'
import type { CurrencyNames, LocaleTable, MeasureNames } from '../locale/types'

/** The tables that a style is written by. */
export interface Needs {
  readonly tables: readonly string[]
  readonly currencyNames: readonly string[]
  readonly measureNames: readonly string[]
}

/** Whether names have to be at hand to write a unit. */
const needs = (unit: FullStyle['unit'], names: 'currencyNames' | 'measureNames'): boolean =>
  kindOf(unit).names(unit) === names
/** Letters that name a measure may be offered as that measure, converted. */
const mayBeMeasure = (unit: FullStyle['unit']): boolean =>
  needs(unit, 'measureNames') || measureOf(unitNamed(lettersOf(unit) ?? '')) !== null

/**
 * What has to be loaded before a style can be resolved.
 *
 * @throws StyleError for a language that CLDR does not know
 * @example needsOf({ locale: 'de-AT' }).tables // ['de-AT']
 */
export function needsOf(style: Style): Needs {
  const full = inherit(style)
  const styles = [full, ...stylesOf(full).map((one) => one.style)]
  const names = (some: typeof styles) => [
    ...new Set(some.map(({ locale }) => localeTableName(locale))),
  ]
  return {
    tables: names(styles),
    currencyNames: names(styles.filter(({ unit }) => needs(unit, 'currencyNames'))),
    measureNames: names(styles.filter(({ unit }) => mayBeMeasure(unit))),
  }
}

/** The kinds of tables that are made of a region; each is a folder of the built ones. */
export interface TableKinds {
  readonly locales: LocaleTable
  readonly 'currency-names': CurrencyNames
  readonly 'measure-names': MeasureNames
}

/**
 * A table by its name: a region that writes as another one does has that one's name in its place.
 *
 * @param find what stands under a name
 * @returns undefined for a name under which nothing stands
 * @example tableNamed((name) => files[name], 'de-AT') // the table of de, where files['de-AT'] is 'de'
 */
export function tableNamed<Table extends object>(
  find: (name: string) => Table | string | undefined,
  name: string,
): Table | undefined {
  const found = find(name)
  return typeof found === 'string' ? tableNamed(find, found) : found
}

/**
 * The tables that a style needs.
 *
 * @param table gives the table of a kind and a region
 * @throws StyleError for a language that CLDR does not know
 */
export function regionsBy(
  style: Style,
  table: <Kind extends keyof TableKinds>(kind: Kind, name: string) => TableKinds[Kind],
): Regions {
  const needs = needsOf(style)
  const chosen = <Kind extends keyof TableKinds>(kind: Kind, names: readonly string[]) =>
    Object.fromEntries(names.map((name) => [name, table(kind, name)] as const))
  return {
    tables: chosen('locales', needs.tables),
    currencyNames: chosen('currency-names', needs.currencyNames),
    measureNames: chosen('measure-names', needs.measureNames),
  }
}

/**
 * The tables of several styles as those of one.
 *
 * @example joinRegions([regionsOfGerman, regionsOfFrench]).tables // { de, fr }
 */
export const joinRegions = (regions: readonly Regions[]): Regions => ({
  tables: Object.assign({}, ...regions.map(({ tables }) => tables)),
  currencyNames: Object.assign({}, ...regions.map(({ currencyNames }) => currencyNames)),
  measureNames: Object.assign({}, ...regions.map(({ measureNames }) => measureNames)),
})
