import type { Regions } from '../../core/label/region'
import { needsOf, regionsBy, type TableKinds } from '../../core/label/needs'
import type { Style } from '../../core/style/schemas'
import { readAsset } from './assets'

/** A kind's tables by region. */
type Tables = { [Kind in keyof TableKinds]: Record<string, TableKinds[Kind]> }
const kept = new Map<keyof Tables, Promise<unknown>>()

/** All tables of a kind, by region; read when first asked for. */
function tables<Kind extends keyof Tables>(kind: Kind): Promise<Tables[Kind]> {
  if (!kept.has(kind))
    kept.set(
      kind,
      readAsset('regions', `${kind}.json`).then((text) => JSON.parse(text) as unknown),
    )
  return kept.get(kind) as Promise<Tables[Kind]>
}

/** One region's table. @returns undefined for a region that there is none of */
export const regionTable = async <Kind extends keyof TableKinds>(
  kind: Kind,
  name: string,
): Promise<TableKinds[Kind] | undefined> => {
  const all = await tables(kind)
  // A name that every object has is no region.
  return Object.hasOwn(all, name) ? all[name] : undefined
}

/** The tables that a style needs. @throws StyleError for an unknown language */
export async function regionsFor(style: Style): Promise<Regions> {
  const needsNames = needsOf(style).currencyNames.length > 0
  const all: Tables = {
    locales: await tables('locales'),
    'currency-names': needsNames ? await tables('currency-names') : {},
  }
  return regionsBy(style, (kind, name) => all[kind][name]!)
}
