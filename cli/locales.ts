import { readFileSync } from 'node:fs'
import type { Regions } from '../core/label/region'
import { regionsBy, tableNamed, type TableKinds } from '../core/label/needs'
import type { Style } from '../core/style/schemas'

const kept = new Map<string, unknown>()

/** What stands in a file that was built beside the command. */
function fileOf(path: string): unknown {
  if (!kept.has(path))
    kept.set(path, JSON.parse(readFileSync(new URL(path, import.meta.url), 'utf8')))
  return kept.get(path)
}
const table = <Kind extends keyof TableKinds>(kind: Kind, name: string): TableKinds[Kind] =>
  tableNamed((one) => fileOf(`../${kind}/${one}.json`) as TableKinds[Kind] | string, name)!

/** The tables that a style needs. @throws StyleError for an unknown language */
export const tablesFor = (style: Style): Regions => regionsBy(style, table)
