import { type Model, MessageFormat, MessageSyntaxError, parseMessage, visit } from 'messageformat'
import { DATE_ORDERS, type DateOrder, dateOf, dayOf, orderOf } from '../data/dates'
import { compare, subtract } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { aggregates } from '../data/aggregate'

/** A column that a message can speak of: the rows that are shown, in their order. */
export interface ProseColumn {
  /** Exact numbers, null where missing; absent in a column of text. */
  readonly values?: readonly (Decimal | null)[]
  readonly texts?: readonly string[]
  /** How its dates are written, where that is known of the whole column. */
  readonly order?: DateOrder | undefined
  /** How its numbers are written in the message. */
  readonly label?: (value: Decimal) => string
}
/** What a message is written from. */
export interface Prose {
  readonly locale: string
  readonly columns: ReadonlyMap<string, ProseColumn>
  /** The column that the message is about: its numbers are what is checked. */
  readonly own: string
  /** Numbers of that column, and names, that `{$…}` stands for. */
  readonly variables: Readonly<Record<string, Decimal | string>>
  /** A count of days or rows, written with the region's digits and marks. */
  readonly count: (value: Decimal) => string
  /** Which plural a written count takes. */
  readonly plural: (value: Decimal) => string
  /** The day to count from, from `today`. */
  readonly today: number
}
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
  readonly problems: readonly MessageProblem[]
}

/** What stands where there is nothing to say. */
export const NOTHING = '–'

/** A number that has more digits than a double: MessageFormat takes it for a number and hands it to our own function. */
class Exact extends Number {
  constructor(readonly value: Decimal) {
    super(0)
  }
}
type Options = Readonly<Record<string, unknown>>
type Own = { readonly type: 'own'; readonly value: string; readonly isOwn: boolean }
interface Value {
  readonly type: 'own'
  readonly dir: 'auto'
  toString(): string
  toParts(): Own[]
  selectKey(keys: Set<string>): string | null
  valueOf(): unknown
}

function known(prose: Prose, name: string): ProseColumn {
  const found = prose.columns.get(name)
  if (!found)
    throw new Error(
      `there is no column “${name}”; the columns are ${[...prose.columns.keys()].join(', ')}`,
    )
  return found
}
function numbersOf(prose: Prose, name: string): readonly (Decimal | null)[] {
  const { values } = known(prose, name)
  if (!values) throw new Error(`“${name}” is a column of text; it has no numbers`)
  return values
}
const present = (values: readonly (Decimal | null)[]): Decimal[] =>
  values.filter((value) => value !== null)

/** The row that an option names: the one that holds the least or the largest of a column. */
function rowOf(prose: Prose, options: Options): number {
  const [way] = ['least', 'largest'].filter((name) => options[name] !== undefined)
  if (!way) throw new Error('it needs least= or largest= and a column, to say of which row')
  const values = numbersOf(prose, String(options[way]))
  let best = -1
  values.forEach((value, at) => {
    if (
      value &&
      (best < 0 ||
        (way === 'least' ? compare(value, values[best]!) < 0 : compare(value, values[best]!) > 0))
    )
      best = at
  })
  if (best < 0)
    throw new Error(`“${String(options[way])}” has no number in the rows that are shown`)
  return best
}

function dayIn(prose: Prose, name: string, options: Options): number {
  const { texts = [], order: ofColumn } = known(prose, name)
  const text = texts[rowOf(prose, options)] ?? ''
  const asked = DATE_ORDERS.find((order) => order === options.order)
  const order = asked ?? ofColumn ?? orderOf(texts)
  if (order === 'unclear')
    throw new Error(
      `“${text}” in ${name} can be read with the day first or the month; say which with order=dmy or order=mdy`,
    )
  const day = dayOf(text, order ?? undefined)
  if (day === null) throw new Error(`“${text}” in ${name} is no date such as 2026-04-25`)
  return day
}

const STYLES: ReadonlySet<unknown> = new Set(['full', 'long', 'medium', 'short'])
/** What a message is being written from, and the numbers of its own column that have come so far. */
interface Saying {
  prose: Prose
  numbers: Decimal[]
}
/** Words and numbers of the study in a message; each takes the name of a column. */
function functionsOf(now: Saying) {
  const plain = (
    text: string,
    isOwn = false,
    key: (keys: Set<string>) => string | null = () => null,
  ): Value => ({
    type: 'own',
    dir: 'auto',
    toString: () => text,
    toParts: () => [{ type: 'own', value: text, isOwn }],
    selectKey: key,
    valueOf: () => text,
  })
  const counted = (value: Decimal): Value =>
    plain(now.prose.count(value), false, (keys) => {
      const exact = value.exponent === 0 ? String(value.coefficient) : ''
      if (keys.has(exact)) return exact
      const plural = now.prose.plural(value)
      return keys.has(plural) ? plural : null
    })
  function labelled(name: string, value: Decimal): Value {
    const { label } = known(now.prose, name)
    if (!label) throw new Error(`“${name}” is a column of text; it has no numbers`)
    if (name === now.prose.own) now.numbers.push(value)
    return plain(label(value), name === now.prose.own)
  }
  const of = (by: keyof typeof aggregates) => (_: unknown, __: Options, operand?: unknown) => {
    const name = String(operand ?? now.prose.own)
    const values = present(numbersOf(now.prose, name))
    if (by === 'count') return counted(decimal(values.length))
    if (values.length === 0) return plain(NOTHING)
    return labelled(name, aggregates[by].of(values))
  }
  const number = (_: unknown, __: Options, operand?: unknown): Value => {
    if (operand instanceof Exact) return labelled(now.prose.own, operand.value)
    throw new Error(
      'it takes a number of the chart, such as {$total}; numbers of rows are said by :total, :least, :largest, :mean',
    )
  }
  return {
    number,
    integer: number,
    offset: number,
    label: number,
    total: of('sum'),
    mean: of('mean'),
    median: of('median'),
    least: of('least'),
    largest: of('largest'),
    count: of('count'),
    span: (_: unknown, __: Options, operand?: unknown) => {
      const name = String(operand ?? now.prose.own)
      const values = present(numbersOf(now.prose, name))
      if (values.length === 0) return plain(NOTHING)
      const ends = [aggregates.least.of(values), aggregates.largest.of(values)].map((value) =>
        labelled(name, value).toString(),
      )
      return plain(ends.join(' to '), name === now.prose.own)
    },
    where: (_: unknown, options: Options, operand?: unknown) => {
      const name = String(operand ?? '')
      const at = rowOf(now.prose, options)
      const { values, texts } = known(now.prose, name)
      const value = values?.[at]
      return value ? labelled(name, value) : plain(texts?.[at] ?? NOTHING)
    },
    date: (_: unknown, options: Options, operand?: unknown) => {
      const style = STYLES.has(options.style)
        ? (options.style as Intl.DateTimeFormatOptions['dateStyle'])
        : 'long'
      return plain(
        new Intl.DateTimeFormat(now.prose.locale, { dateStyle: style, timeZone: 'UTC' }).format(
          dateOf(dayIn(now.prose, String(operand ?? ''), options)),
        ),
      )
    },
    days: (_: unknown, options: Options, operand?: unknown) =>
      counted(
        subtract(
          decimal(now.prose.today),
          decimal(dayIn(now.prose, String(operand ?? ''), options)),
        ),
      ),
  }
}

/** What there is to say, for completion and for the guide: what is put in, and what it says. */
export const PROSE_FUNCTIONS = [
  { name: 'total', says: 'the sum of a column', takes: 'number' },
  { name: 'least', says: 'its least number', takes: 'number' },
  { name: 'largest', says: 'its largest number', takes: 'number' },
  { name: 'mean', says: 'its mean', takes: 'number' },
  { name: 'span', says: 'from its least to its largest', takes: 'number' },
  { name: 'count', says: 'how many numbers it has', takes: 'number' },
  { name: 'where', says: 'its cell in the row with the least or largest of another', takes: 'row' },
  { name: 'date', says: 'its date in such a row', takes: 'row' },
  { name: 'days', says: 'days since that date', takes: 'row' },
] as const

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

/** Formats that write from whatever stands beside them at the time, by their source and then their locale. */
const formatsOf = kept((source) =>
  kept((locale) => {
    const now: Saying = { prose: {} as Prose, numbers: [] }
    return {
      now,
      format: new MessageFormat(locale, parse(source), {
        bidiIsolation: 'none',
        functions: functionsOf(now) as never,
      }),
    }
  }),
)

const syntaxWords = (error: MessageSyntaxError): MessageProblem => ({
  message: `${error.type.replaceAll('-', ' ')}, at character ${error.start + 1}`,
  at: [error.start, error.end],
})

/**
 * Writes a message in Unicode MessageFormat 2 (Unicode Technical Standard 35, part 9) with the
 * numbers and dates of a study.
 *
 * @param source such as `{$largestName} leads with {$largest}`
 * @returns what could be said, and what could not with the reason; a message with a broken syntax says nothing
 * @example sayMessage('{|depth m| :least}', prose).text // '2.9 m'
 */
export function sayMessage(source: string, prose: Prose): SaidMessage {
  const numbers: Decimal[] = []
  const problems: MessageProblem[] = []
  let made
  try {
    made = formatsOf(source)(prose.locale)
  } catch (error) {
    if (!(error instanceof MessageSyntaxError)) throw error
    return { text: '', ownText: '', numbers, problems: [syntaxWords(error)] }
  }
  Object.assign(made.now, { prose, numbers } satisfies Saying)
  const variables = Object.fromEntries(
    Object.entries(prose.variables).map(([name, value]) => [
      name,
      typeof value === 'string' ? value : new Exact(value),
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
  return { text, ownText, numbers, problems }
}
