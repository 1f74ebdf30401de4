import { parse } from 'lossless-json'
import Papa from 'papaparse'
import { ImportError } from './error'

type Json = null | boolean | string | readonly Json[] | { readonly [name: string]: Json }
type Rows = readonly (readonly Json[])[]

/** JSON whose numbers are the text that they have, so that none loses a digit. */
const parsed = (text: string): Json => parse(text, null, (number) => number) as Json

const isList = (value: Json): value is readonly Json[] => Array.isArray(value)
const isObject = (value: Json): value is { readonly [name: string]: Json } =>
  typeof value === 'object' && value !== null && !isList(value)

/** Rows as objects: a column for each name, in the order in which they first stand. */
function ofObjects(objects: readonly { readonly [name: string]: Json }[]): Rows {
  const names = [...new Set(objects.flatMap(Object.keys))]
  return [
    names,
    ...objects.map((one) => names.map((name) => (Object.hasOwn(one, name) ? one[name]! : null))),
  ]
}
/** Columns as lists. */
function ofColumns(columns: { readonly [name: string]: Json }): Rows | null {
  const entries = Object.entries(columns)
  if (entries.length === 0 || !entries.every(([, cells]) => isList(cells))) return null
  const lists = entries.map(([, cells]) => cells as readonly Json[])
  const length = Math.max(...lists.map((cells) => cells.length))
  const rows = Array.from({ length }, (_, at) => lists.map((cells) => cells[at] ?? null))
  return [entries.map(([name]) => name), ...rows]
}

function rowsIn(value: Json): Rows | null {
  if (isObject(value)) return ofColumns(value) ?? ofObjects([value])
  if (!isList(value) || value.length === 0) return null
  if (value.every(isObject)) return ofObjects(value)
  return value.every(isList) ? value : null
}

/** JSON Lines: an object or a list on each line. */
function rowsOnLines(text: string): Rows | null {
  const lines = text.split('\n').filter((line) => line.trim() !== '')
  return lines.length > 1 ? rowsIn(lines.map(parsed)) : null
}

const attempt = <Made>(make: () => Made): Made | null => {
  try {
    return make()
  } catch {
    return null
  }
}

const cellOf = (value: Json): string => {
  if (value === null) return ''
  return typeof value === 'string' ? value : JSON.stringify(value)
}

/**
 * JSON as rows of cells: rows as objects or as lists, columns as lists, or JSON Lines. What is no
 * JSON stays as it is.
 *
 * @throws ImportError for JSON that is no table
 * @example asDelimited('[{"site": "Holm", "kg": 4}]') // 'site,kg\nHolm,4'
 */
export function asDelimited(text: string): string {
  const bare = text.replace(/^\uFEFF/, '').trim()
  if (!/^[[{]/.test(bare)) return text
  const whole = attempt(() => parsed(bare))
  const rows = whole === null ? attempt(() => rowsOnLines(bare)) : rowsIn(whole)
  if (whole === null && rows === null) return text
  if (rows === null)
    throw new ImportError(
      'This JSON is no table. It takes rows as objects or as lists, columns as lists, or an object a line.',
    )
  return Papa.unparse(
    rows.map((row) => row.map(cellOf)),
    { newline: '\n' },
  )
}
