import { StyleError } from '../error'
import { chooseSystem, nearestName } from '../locale/choose'
import localeNames from '../locale/generated/index.json'
import en from '../locale/generated/locales/en.json'
import type { CurrencyNames, LocaleTable, MeasureNames } from '../locale/types'
import type { Region } from '../units/types'

/** What was loaded of regions. */
export interface Regions {
  /** Tables of regions, by name; English is always at hand. */
  readonly tables?: Readonly<Record<string, LocaleTable>>
  /** Names of currencies, by the region's name. */
  readonly currencyNames?: Readonly<Record<string, CurrencyNames>>
  /** Names of measures, by the region's name. */
  readonly measureNames?: Readonly<Record<string, MeasureNames>>
}
const known = new Set(localeNames)

/**
 * The name of the table that a language tag is written by.
 *
 * @throws StyleError for a language that CLDR does not know
 * @example localeTableName('de-AT-u-nu-latn') // 'de-AT'
 */
export function localeTableName(tag: string): string {
  const name = nearestName(tag, known)
  if (name === undefined)
    throw new StyleError(
      'locale',
      tag,
      'CLDR has no such language; it takes a tag such as en, de-CH, hi or ar-EG-u-nu-latn',
    )
  return name
}

/** A region with the numbering system that was asked of it. */
export interface ChosenRegion extends Region {
  readonly digits: readonly string[]
}

/**
 * The region that a language tag names.
 *
 * @param regions what was loaded; see `needsOf`
 * @throws StyleError for a language that CLDR does not know
 */
export function regionOf(
  tag: string,
  { tables = {}, currencyNames = {}, measureNames = {} }: Regions,
): ChosenRegion {
  const name = localeTableName(tag)
  const table = name === 'en' ? (tables.en ?? (en as LocaleTable)) : tables[name]
  if (!table) throw new Error(`the table of ${name} is not loaded`)
  return {
    table,
    names: currencyNames[name] ?? null,
    measures: measureNames[name] ?? null,
    ...chooseSystem(tag, table),
  }
}
