import type { StudyFile } from './study'

/**
 * The same, with the names of every object in their order; lists stay as they are.
 *
 * @example ordered({ b: 1, a: [2, 1] }) // { a: [2, 1], b: 1 }
 */
export function ordered(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(ordered)
  if (typeof value !== 'object' || value === null) return value
  const names = Object.keys(value).sort()
  return Object.fromEntries(
    names.map((name) => [name, ordered((value as Record<string, unknown>)[name])]),
  )
}

/**
 * A study's file as text for version control: an item a line, in a stable order, so that one change
 * is a difference of a line or two. The decisions stand before the data.
 *
 * @example fileText(file).split('\n')[1] // ' "format": "ivory-abacus study",'
 */
export function fileText({ format, version, document, datasets }: StudyFile): string {
  const parts = { format, version, document: ordered(document), datasets: ordered(datasets) }
  return `${JSON.stringify(parts, null, 1)}\n`
}
