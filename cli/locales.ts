import { readFileSync } from 'node:fs'
import { inflateRawSync } from 'node:zlib'
import type { Regions } from '../core/label/region'
import { regionsBy, tableNamed, type TableKinds } from '../core/label/needs'
import type { Style } from '../core/style/schemas'

/** Where the table of a region stands among the packed ones; or the name of one that is the same. */
type Place = readonly [start: number, end: number] | string
/** The tables of a kind: each packed by itself, so that one is read without the others. */
interface Packed {
  readonly places: Readonly<Record<string, Place>>
  readonly bytes: Buffer
}

const beside = (name: string): Buffer => readFileSync(new URL(`../tables/${name}`, import.meta.url))
const kinds = new Map<string, Packed>()
function packed(kind: string): Packed {
  const found = kinds.get(kind) ?? {
    places: JSON.parse(beside(`${kind}.places.json`).toString()) as Packed['places'],
    bytes: beside(`${kind}.packed`),
  }
  kinds.set(kind, found)
  return found
}

const kept = new Map<string, unknown>()
function tableIn<Table>(kind: string, name: string): Table | string | undefined {
  const { places, bytes } = packed(kind)
  const place = Object.hasOwn(places, name) ? places[name] : undefined
  if (typeof place !== 'object') return place
  const key = `${kind} ${name}`
  if (!kept.has(key)) kept.set(key, JSON.parse(inflateRawSync(bytes.subarray(...place)).toString()))
  return kept.get(key) as Table
}
const table = <Kind extends keyof TableKinds>(kind: Kind, name: string): TableKinds[Kind] =>
  tableNamed((one) => tableIn<TableKinds[Kind]>(kind, one), name)!

/** The tables that a style needs. @throws StyleError for an unknown language */
export const tablesFor = (style: Style): Regions => regionsBy(style, table)
