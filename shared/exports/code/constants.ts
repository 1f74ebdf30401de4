import type { DoublePlan } from '../../../core/label/fast/doublePlan'
import type { Plan, Rung } from '../../../core/label/types'
import type { SpokenPlan } from '../../../core/text/spoken'
import { TABLE_MAKER } from './sharing'

/** What a module's constants hold. */
export interface Constants {
  readonly plan: Plan
  readonly words: SpokenPlan
  readonly doubles?: DoublePlan
  readonly ladder?: readonly Rung[]
}

/** Text that is not what `sharedCode` writes. */
class NotConstants extends Error {}

const DEEPEST = 64
/** Tokens of `sharedCode`, tried at the place where the reader stands. */
const TOKENS = {
  pure: /\/\* @__PURE__ \*\//y,
  name: /[A-Za-z]\w*/y,
  number: /-?\d+(?:\.\d+)?(?:e[+-]?\d+)?/y,
  text: /"(?:[^"\\\n]|\\(?:["\\/bfnrt]|u[0-9a-fA-F]{4}))*"/y,
} as const
const LITERALS: Readonly<Record<string, unknown>> = { null: null, true: true, false: false }

/** Takes a text apart from its start: each piece is tried at the place where the reader stands. */
function textReader(code: string) {
  let at = 0
  function token(kind: keyof typeof TOKENS): string | null {
    const pattern = TOKENS[kind]
    pattern.lastIndex = at
    const found = pattern.exec(code)
    if (!found) return null
    at = pattern.lastIndex
    return found[0]
  }
  function take(text: string): boolean {
    if (!code.startsWith(text, at)) return false
    at += text.length
    return true
  }
  return {
    ...{ token, take },
    expect(text: string): void {
      if (!take(text)) throw new NotConstants()
    },
    textToken(): string {
      const text = token('text')
      if (text === null) throw new NotConstants()
      return JSON.parse(text) as string
    },
    startsWith: (text: string) => code.startsWith(text, at),
    place: () => at,
  }
}

/** Rows of what they have alike and of their columns. */
function rowsOfTable(alike: object, columns: Readonly<Record<string, unknown>>): unknown[] {
  const all = Object.entries(columns)
  const [, first] = all[0] ?? []
  if (!all.every(([, cells]) => Array.isArray(cells))) throw new NotConstants()
  return ((first ?? []) as unknown[]).map((_, row) => ({
    ...alike,
    ...Object.fromEntries(all.map(([name, cells]) => [name, (cells as unknown[])[row]])),
  }))
}

/**
 * Reads values in the notation that `sharedCode` writes, and nothing else of JavaScript.
 *
 * @param known values that have a name
 */
function valueReader(reader: ReturnType<typeof textReader>, known: ReadonlyMap<string, unknown>) {
  const { token, take, expect, textToken, startsWith } = reader
  function* items(end: string): Generator<void> {
    if (take(end)) return
    do yield
    while (take(','))
    expect(end)
  }
  function key(): string {
    if (!take('[')) return token('name') ?? textToken()
    const text = textToken()
    expect(']')
    return text
  }
  function object(depth: number): Record<string, unknown> {
    const entries: [string, unknown][] = []
    for (const _ of items('}')) {
      const name = key()
      expect(':')
      entries.push([name, value(depth)])
    }
    // A key of "__proto__" becomes a property, as every other key does.
    return Object.fromEntries(entries)
  }
  function list(depth: number): unknown[] {
    const all: unknown[] = []
    for (const _ of items(']')) all.push(value(depth))
    return all
  }
  function call(depth: number): unknown {
    if (take('Array.from(')) {
      const digits = Array.from(textToken())
      expect(')')
      return digits
    }
    expect('table({')
    const alike = object(depth)
    expect(',{')
    const columns = object(depth)
    expect(')')
    return rowsOfTable(alike, columns)
  }
  function value(depth: number): unknown {
    if (depth > DEEPEST) throw new NotConstants()
    if (token('pure')) return call(depth + 1)
    if (take('{')) return object(depth + 1)
    if (take('[')) return list(depth + 1)
    const number = token('number')
    if (number !== null) return Number(number)
    if (startsWith('"')) return textToken()
    const name = token('name')
    if (name !== null && Object.hasOwn(LITERALS, name)) return LITERALS[name]
    if (name !== null && known.has(name)) return known.get(name)
    throw new NotConstants()
  }
  return value
}

/** The constants that a text begins with, and the place behind them. @throws NotConstants */
function constantsAt(code: string): { constants: Record<string, unknown>; end: number } {
  const known = new Map<string, unknown>()
  const reader = textReader(code)
  const { token, take, expect, place } = reader
  const value = valueReader(reader, known)
  take(TABLE_MAKER)
  expect('const ')
  do {
    take('\n')
    const name = token('name')
    if (name === null) throw new NotConstants()
    expect('=')
    known.set(name, value(0))
  } while (take(','))
  expect(';\n')
  return { constants: Object.fromEntries(known), end: place() }
}

const isObject = (data: unknown): data is object => typeof data === 'object' && data !== null
const hasRules = (data: unknown): boolean =>
  isObject(data) && 'rules' in data && Array.isArray(data.rules) && data.rules.every(isObject)

/**
 * The Plan and its words that a module begins with, read as data: nothing of the text is run.
 *
 * @param code a module without its header
 * @returns the constants, their text, and the text behind them; null for text that `sharedCode` did
 *   not write
 */
export function readConstants(
  code: string,
): { constants: Constants; text: string; rest: string } | null {
  try {
    const { constants, end } = constantsAt(code)
    if (!hasRules(constants.plan) || !hasRules(constants.words)) return null
    return {
      constants: constants as unknown as Constants,
      text: code.slice(0, end),
      rest: code.slice(end),
    }
  } catch (error) {
    if (error instanceof NotConstants) return null
    throw error
  }
}
