import { localeTableName } from '../label/resolve'
import { inherit } from '../style/inherit'
import type { Style } from '../style/schemas'

/** The tables that a style is written by. */
export interface Needs {
  readonly tables: readonly string[]
  readonly currencyNames: readonly string[]
}

/**
 * What has to be loaded before a style can be resolved.
 *
 * @throws StyleError for a language that CLDR does not know
 * @example needsOf({ locale: 'de-AT' }).tables // ['de-AT']
 */
export function needsOf(style: Style): Needs {
  const full = inherit(style)
  const styles = [full, ...full.cases.map(({ use }) => inherit({ ...full, cases: [] }, use))]
  const names = (some: typeof styles) => [...new Set(some.map(({ locale }) => localeTableName(locale)))]
  return { tables: names(styles), currencyNames: names(styles.filter(({ unit }) => unit.kind === 'currency' && unit.display === 'name')) }
}
