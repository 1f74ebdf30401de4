import { type Model, MessageFormat, MessageSyntaxError, parseMessage, visit } from 'messageformat'
import type { Decimal } from '../decimal/decimal'
import type { Row } from '../label/types'
import { Exact, functionsOf, type Saying } from './functions'
import type { Prose } from './prose'

export interface MessageProblem {
  readonly message: string
  /** Where it stands in the source, where that is known. */
  readonly at?: readonly [number, number]
}
/** A message as it is read. */
export interface SaidMessage {
  readonly text: string
  /** The same with what other columns say left out: what is checked with the labels. */
  readonly ownText: string
  /** The numbers of the message's own column, as they come. */
  readonly numbers: readonly Decimal[]
  /** The cells beside each of them, as far as they stand in one row. */
  readonly rows: readonly Row[]
  readonly problems: readonly MessageProblem[]
}

const literalsIn = (model: Model.Message): string[] => {
  const found: string[] = []
  visit(model, { value: (value) => void (value.type === 'literal' && found.push(value.value)) })
  return found
}

/** Messages that are kept: each is written again at every change of a style. */
const MOST_KEPT = 64
function kept<Made>(make: (source: string) => Made): (source: string) => Made {
  const all = new Map<string, Made>()
  return (source) => {
    let made = all.get(source)
    if (!made) {
      made = make(source)
      if (all.size >= MOST_KEPT) all.clear()
      all.set(source, made)
    }
    return made
  }
}
const parse = kept(parseMessage)

/**
 * The columns, among some, that a message speaks of; none where its syntax is broken.
 *
 * @example columnsIn('{site :where least=|depth m|}', ['site', 'depth m', 'laid']) // ['site', 'depth m']
 */
export function columnsIn(source: string, columns: readonly string[]): string[] {
  try {
    const said = new Set(literalsIn(parse(source)))
    return columns.filter((name) => said.has(name))
  } catch {
    return []
  }
}

/**
 * Formats that write from whatever stands beside them at the time, by their source and then their
 * locale.
 */
const formatsOf = kept((source) =>
  kept((locale) => {
    const now: Saying = { prose: {} as Prose, numbers: [], rows: [] }
    return {
      now,
      format: new MessageFormat(locale, parse(source), {
        bidiIsolation: 'none',
        functions: functionsOf(now) as never,
      }),
    }
  }),
)

/** Words in braces that nothing says, which are written as they stand: {nope}. */
const straysIn = kept((source) => {
  const found: string[] = []
  visit(parse(source), {
    expression({ arg, functionRef }) {
      if (arg?.type === 'literal' && !functionRef && source.includes(`{${arg.value}}`))
        found.push(arg.value)
    },
  })
  return found
})
function strayProblems(source: string, { variables, columns, own }: Prose): MessageProblem[] {
  const strays = straysIn(source)
  if (strays.length === 0) return []
  const names = Object.keys(variables).map((name) => `{$${name}}`)
  return strays.map((word) => {
    const at = source.indexOf(`{${word}}`)
    const column = columns.get(word)
    const way = column?.values ? ':largest' : `:where largest=|${own}|`
    const asColumn = column ? `; for the column, say what of it: {${word} ${way}}` : ''
    return {
      message: `{${word}}: nothing is called so, and “${word}” is written as it stands. There is ${names.join(', ')}${asColumn}`,
      at: [at, at + word.length + 2],
    }
  })
}

const syntaxWords = (error: MessageSyntaxError): MessageProblem => ({
  message: `${error.type.replaceAll('-', ' ')}, at character ${error.start + 1}`,
  at: [error.start, error.end],
})

/**
 * Writes a message in Unicode MessageFormat 2 (Unicode Technical Standard 35, part 9) with the
 * numbers and dates of a study.
 *
 * @param source such as `{$largestName} leads with {$largest}`
 * @returns what could be said, and what could not with the reason; a message with a broken syntax
 *   says nothing
 * @example sayMessage('{|depth m| :least}', prose).text // '2.9 m'
 */
export function sayMessage(source: string, prose: Prose): SaidMessage {
  const numbers: Decimal[] = []
  const rows: Row[] = []
  const problems: MessageProblem[] = []
  let made
  try {
    made = formatsOf(source)(prose.locale)
  } catch (error) {
    if (!(error instanceof MessageSyntaxError)) throw error
    return { text: '', ownText: '', numbers, rows, problems: [syntaxWords(error)] }
  }
  Object.assign(made.now, { prose, numbers, rows } satisfies Saying)
  problems.push(...strayProblems(source, prose))
  const variables = Object.fromEntries(
    Object.entries(prose.variables).map(([name, value]) => [
      name,
      typeof value === 'string' ? value : new Exact(value, prose.beside?.[name]),
    ]),
  )
  const onError = (error: unknown) => {
    const {
      message,
      cause,
      source: at,
    } = error as { message: string; cause?: Error; source?: string }
    const place = at === undefined ? -1 : source.indexOf(at)
    problems.push({
      message: `${at ? `${at}: ` : ''}${cause?.message ?? message}`,
      ...(place < 0 ? {} : { at: [place, place + at!.length] as const }),
    })
  }
  const parts = made.format.formatToParts(variables, onError) as {
    type: string
    value?: string
    source?: string
    isOwn?: boolean
  }[]
  let [text, ownText] = ['', '']
  for (const { type, value, source: unsaid, isOwn } of parts) {
    const piece = value ?? `{${unsaid ?? ''}}`
    text += piece
    ownText += type === 'text' || isOwn ? piece : ' '
  }
  return { text, ownText, numbers, rows, problems }
}
