import type { Regions } from '../../core/label/resolve'
import { needsOf } from '../../core/locale/needs'
import type { CurrencyNames, LocaleTable } from '../../core/locale/types'
import type { Style } from '../../core/style/schemas'
import { readAsset } from './assets'

interface Kinds {
  readonly locales: LocaleTable
  readonly 'currency-names': CurrencyNames
}
const kept = new Map<keyof Kinds, Promise<Record<string, unknown>>>()

/** All tables of a kind, by region; read when first asked for. */
function tables<Kind extends keyof Kinds>(kind: Kind): Promise<Record<string, Kinds[Kind]>> {
  if (!kept.has(kind)) kept.set(kind, readAsset('regions', `${kind}.json`).then((text) => JSON.parse(text) as Record<string, unknown>))
  return kept.get(kind) as Promise<Record<string, Kinds[Kind]>>
}

/** One region's table. @returns undefined for a region that there is none of */
export const regionTable = async <Kind extends keyof Kinds>(kind: Kind, name: string): Promise<Kinds[Kind] | undefined> => (await tables(kind))[name]

/** The tables that a style needs. @throws StyleError for an unknown language */
export async function regionsFor(style: Style): Promise<Regions> {
  const needs = needsOf(style)
  const chosen = async <Kind extends keyof Kinds>(kind: Kind, names: readonly string[]) =>
    Object.fromEntries(await Promise.all(names.map(async (name) => [name, (await regionTable(kind, name))!] as const)))
  return { tables: await chosen('locales', needs.tables), currencyNames: await chosen('currency-names', needs.currencyNames) }
}
