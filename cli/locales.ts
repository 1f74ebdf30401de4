import { readFileSync } from 'node:fs'
import type { Regions } from '../core/label/region'
import { regionsBy, type TableKinds } from '../core/label/needs'
import type { Style } from '../core/style/schemas'

const kept = new Map<string, unknown>()

/** A table that was built beside the command. */
function table<Kind extends keyof TableKinds>(kind: Kind, name: string): TableKinds[Kind] {
  const path = `../${kind}/${name}.json`
  if (!kept.has(path))
    kept.set(path, JSON.parse(readFileSync(new URL(path, import.meta.url), 'utf8')))
  const found = kept.get(path)
  // A region that writes as another one does names that one.
  return typeof found === 'string' ? table(kind, found) : (found as TableKinds[Kind])
}

/** The tables that a style needs. @throws StyleError for an unknown language */
export const tablesFor = (style: Style): Regions => regionsBy(style, table)
