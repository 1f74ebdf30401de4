import type { Regions } from '../../core/label/region'
import {
  joinRegions,
  needsOf,
  regionsBy,
  tableNamed,
  type TableKinds,
} from '../../core/label/needs'
import type { Style } from '../../core/style/schemas'
import { readAsset } from './assets'

/** A kind's tables by region. */
type Tables = { [Kind in keyof TableKinds]: Record<string, TableKinds[Kind] | string> }
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

/** A table among those of its kind; a name that every object has is no region. */
const tableIn = <Kind extends keyof TableKinds>(
  all: Tables[Kind],
  name: string,
): TableKinds[Kind] | undefined =>
  tableNamed((one) => (Object.hasOwn(all, one) ? all[one] : undefined), name)

/** One region's table. @returns undefined for a region that there is none of */
export const regionTable = async <Kind extends keyof TableKinds>(
  kind: Kind,
  name: string,
): Promise<TableKinds[Kind] | undefined> => tableIn<Kind>(await tables(kind), name)

/** The tables that a style needs. @throws StyleError for an unknown language */
export async function regionsFor(style: Style): Promise<Regions> {
  const { currencyNames, measureNames } = needsOf(style)
  const all: Tables = {
    locales: await tables('locales'),
    'currency-names': currencyNames.length > 0 ? await tables('currency-names') : {},
    'measure-names': measureNames.length > 0 ? await tables('measure-names') : {},
  }
  return regionsBy(style, <Kind extends keyof TableKinds>(kind: Kind, name: string) =>
    tableIn<Kind>(all[kind], name)!,
  )
}

/** The tables that several styles need. @throws StyleError for an unknown language */
export const regionsOf = async (styles: readonly Style[]): Promise<Regions> =>
  joinRegions(await Promise.all(styles.map(regionsFor)))
