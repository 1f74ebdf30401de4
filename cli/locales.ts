import { readFileSync } from 'node:fs'
import type { Regions } from '../core/label/resolve'
import { needsOf } from '../core/locale/needs'
import type { CurrencyNames, LocaleTable } from '../core/locale/types'
import type { Style } from '../core/style/schemas'

const kept = new Map<string, unknown>()

/** A table that was built beside the command. */
function table<Table>(folder: 'locales' | 'currency-names', name: string): Table {
  const path = `../${folder}/${name}.json`
  if (!kept.has(path)) kept.set(path, JSON.parse(readFileSync(new URL(path, import.meta.url), 'utf8')))
  return kept.get(path) as Table
}

const byName = <Table>(folder: 'locales' | 'currency-names', names: readonly string[]): Record<string, Table> =>
  Object.fromEntries(names.map((name) => [name, table<Table>(folder, name)]))

/** The tables that a style needs. @throws StyleError for an unknown language */
export function tablesFor(style: Style): Regions {
  const needs = needsOf(style)
  return { tables: byName<LocaleTable>('locales', needs.tables), currencyNames: byName<CurrencyNames>('currency-names', needs.currencyNames) }
}
