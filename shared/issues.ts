import type { z } from 'zod'

type Issue = z.core.$ZodIssue

/** What is taken, by the names that schemas give to kinds of values. */
const KINDS: Readonly<Record<string, string>> = {
  array: 'a list',
  object: 'an object',
  record: 'an object',
  string: 'a text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
  null: 'null',
  tuple: 'a list',
}
/** What lengths are counted in. */
const COUNTED: Readonly<Record<string, string>> = { array: 'member', string: 'character' }

const MOST_SHOWN = 60
/** A value as JSON, short enough for a line. */
function shown(value: unknown): string {
  if (value === undefined) return 'nothing'
  const text = JSON.stringify(value)
  return text.length > MOST_SHOWN ? `${text.slice(0, MOST_SHOWN)}…` : text
}
const listed = (values: readonly unknown[]): string => {
  const texts = values.map((value) => JSON.stringify(value))
  return texts.length > 1 ? `${texts.slice(0, -1).join(', ')} or ${texts.at(-1)}` : texts.join('')
}
const limit = (
  { origin }: { origin: string },
  most: 'at least' | 'at most' | 'above' | 'below',
  bound: number | bigint,
): string => {
  const counted = COUNTED[origin] ? ` ${COUNTED[origin]}${Number(bound) === 1 ? '' : 's'}` : ''
  return `it takes ${most} ${bound}${counted}`
}

/** What each kind of issue says of what may stand there. */
const taken: { readonly [Code in Issue['code']]?: (issue: Issue & { code: Code }) => string } = {
  invalid_type: ({ expected }) => `it takes ${KINDS[expected] ?? expected}`,
  invalid_value: ({ values }) => `it takes ${listed(values)}`,
  too_small: (issue) => limit(issue, issue.inclusive ? 'at least' : 'above', issue.minimum),
  too_big: (issue) => limit(issue, issue.inclusive ? 'at most' : 'below', issue.maximum),
  not_multiple_of: ({ divisor }) => `it takes multiples of ${divisor}`,
  invalid_union: ({ errors }) => {
    const each = errors.flatMap(([issue]) => (issue ? says(issue) : []))
    return each.map((text, at) => (at === 0 ? text : text.replace(/^it takes /, ''))).join(' or ')
  },
}
/** What an issue says of what may stand in its place; nothing where it says no more. */
function says(issue: Issue): string[] {
  const words = taken[issue.code] as ((one: Issue) => string) | undefined
  const text = words?.(issue)
  return text ? [text] : []
}

/** The value that a path leads to in an input. */
const valueAt = (input: unknown, path: readonly PropertyKey[]): unknown =>
  path.reduce<unknown>(
    (value, key) =>
      typeof value === 'object' && value !== null
        ? (value as Record<PropertyKey, unknown>)[key]
        : undefined,
    input,
  )

/** A path as code writes it: `values[0].row`. */
const pathText = (path: readonly PropertyKey[]): string =>
  path
    .map((part) => (typeof part === 'number' ? `[${part}]` : `.${String(part)}`))
    .join('')
    .replace(/^\./, '')

/** Of a choice between kinds, the issue that lies deepest: there an input came closest. */
function deepest(issue: Issue): Issue {
  if (issue.code !== 'invalid_union' || issue.errors.length === 0) return issue
  const inner = issue.errors
    .flatMap((issues) => issues.slice(0, 1))
    .reduce((best, one) => (one.path.length > best.path.length ? one : best))
  return inner.path.length === 0
    ? issue
    : deepest({ ...inner, path: [...issue.path, ...inner.path] } as Issue)
}
/** Words that a schema of ours gave to an issue; its library's own begin otherwise. */
const isOwn = ({ message }: Issue): boolean =>
  !/^(Invalid|Too |Unrecognized|Expected)/.test(message)

/**
 * What is wrong with an input, in a line: where, what stands there, and what it takes. The words of
 * the schemas' library are never shown.
 *
 * @param error of a schema that the input does not fit
 * @param from what the input comes from, where there may be several: a file, a line
 * @example issueText(error, { values: 'x' }) // 'values: "x" is not allowed; it takes a list'
 */
export function issueText(error: z.ZodError, input: unknown, from?: string): string {
  const issue = deepest(error.issues[0]!)
  const path = pathText(issue.path)
  const where = [from, path].filter(Boolean).join(': ') || 'input'
  // A style's own errors say their place in it themselves.
  const inStyle = /^style(?=[.:[])/.exec(issue.message)
  if (inStyle) return `${where}${issue.message.slice(inStyle[0].length)}`
  if (issue.code === 'unrecognized_keys') return `${where}: there is no field ${listed(issue.keys)}`
  if (isOwn(issue)) return `${where}: ${issue.message}`
  const value = valueAt(input, issue.path)
  const stands = value === undefined ? 'is missing' : `${shown(value)} is not allowed`
  return [`${where}: ${stands}`, ...says(issue)].join('; ')
}
