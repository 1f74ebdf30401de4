import { parse } from 'lossless-json'
import Papa from 'papaparse'
import { cellCount, checkColumns } from './cellCount'
import { ImportError } from './error'

type Json = null | boolean | string | readonly Json[] | { readonly [name: string]: Json }
type Rows = Iterable<readonly Json[]>

/** JSON whose numbers are the text that they have, so that none loses a digit. */
const parsed = (text: string): Json => parse(text, null, (number) => number) as Json

const isList = (value: Json): value is readonly Json[] => Array.isArray(value)
const isObject = (value: Json): value is { readonly [name: string]: Json } =>
  typeof value === 'object' && value !== null && !isList(value)

/** Counts the cells of a table of which some are absent. @throws ImportError past the limit */
function countCells(written: number, all: number): void {
  const count = cellCount()
  count.written(written)
  count.implied(all - written)
}
/** A header and the rows below it, each made when it is needed. */
function* eachRow(
  header: readonly Json[],
  length: number,
  rowAt: (at: number) => readonly Json[],
): Generator<readonly Json[]> {
  yield header
  for (let at = 0; at < length; at++) yield rowAt(at)
}

/** Rows as objects: a column for each name, in the order in which they first stand. */
function ofObjects(objects: readonly { readonly [name: string]: Json }[]): Rows {
  const found = new Set<string>()
  let written = 0
  for (const one of objects) {
    const names = Object.keys(one)
    written += names.length
    for (const name of names) found.add(name)
    checkColumns(found.size)
  }
  countCells(written, objects.length * found.size)
  const names = [...found]
  const rowOf = (one: { readonly [name: string]: Json }) =>
    names.map((name) => (Object.hasOwn(one, name) ? one[name]! : null))
  return eachRow(names, objects.length, (at) => rowOf(objects[at]!))
}
/** Columns as lists. */
function ofColumns(columns: { readonly [name: string]: Json }): Rows | null {
  const entries = Object.entries(columns)
  if (entries.length === 0 || !entries.every(([, cells]) => isList(cells))) return null
  const lists = entries.map(([, cells]) => cells as readonly Json[])
  checkColumns(lists.length)
  const lengths = lists.map((cells) => cells.length)
  const length = Math.max(...lengths)
  countCells(
    lengths.reduce((sum, one) => sum + one, 0),
    length * lists.length,
  )
  return eachRow(
    entries.map(([name]) => name),
    length,
    (at) => lists.map((cells) => cells[at] ?? null),
  )
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
  } catch (error) {
    if (error instanceof ImportError) throw error
    return null
  }
}

const cellOf = (value: Json): string => {
  if (value === null) return ''
  return typeof value === 'string' ? value : JSON.stringify(value)
}

/** Rows that are made into text at a time, so that those of a long table never stand at once. */
const AT_ONCE = 1000
function delimitedText(rows: Rows): string {
  const pieces: string[] = []
  let held: string[][] = []
  const write = () => {
    if (held.length > 0) pieces.push(Papa.unparse(held, { newline: '\n' }))
    held = []
  }
  for (const row of rows) {
    held.push(row.map(cellOf))
    if (held.length === AT_ONCE) write()
  }
  write()
  return pieces.join('\n')
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
  return delimitedText(rows)
}
