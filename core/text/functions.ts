import { dateOf } from '../data/dates'
import { aggregates } from '../data/aggregate'
import { compare, subtract } from '../decimal/arithmetic'
import { type Decimal, decimal, toText } from '../decimal/decimal'
import type { Row } from '../label/types'
import { checkOptions, DATE_STYLES, datePartsIn } from './options'
import { dayIn, known, numbersOf, type Options, present, type Prose, rowOf } from './prose'

/** What stands where there is nothing to say. */
export const NOTHING = '–'

/**
 * A number that has more digits than a double: MessageFormat takes it for a number and hands it to
 * our own function.
 */
export class Exact extends Number {
  constructor(
    readonly value: Decimal,
    readonly row?: Row,
  ) {
    super(0)
  }
}
interface Part {
  readonly type: 'own'
  readonly value: string
  readonly isOwn: boolean
  /** The whole number that it says, where it counts. */
  readonly count?: string
}
/** A value as MessageFormat takes it. */
interface Value {
  readonly type: 'own'
  readonly dir: 'auto'
  toString(): string
  toParts(): Part[]
  selectKey(keys: Set<string>): string | null
  valueOf(): unknown
}
type MessageFunction = (context: unknown, options: Options, operand?: unknown) => Value

/**
 * What a message is being written from, and the numbers of its own column that have come so far,
 * with the cells beside them.
 */
export interface Saying {
  prose: Prose
  numbers: Decimal[]
  rows: Row[]
}

/**
 * A text as a value of a message.
 * @param isOwn whether it says a number of the message's own column
 */
const plain = (text: string, isOwn = false, selectKey: Value['selectKey'] = () => null): Value => ({
  type: 'own',
  dir: 'auto',
  toString: () => text,
  toParts: () => [{ type: 'own', value: text, isOwn }],
  selectKey,
  valueOf: () => text,
})
/** A count, by which a message can choose its words. */
function counted({ prose }: Saying, value: Decimal): Value {
  const exact = value.exponent === 0 ? String(value.coefficient) : ''
  const said = plain(prose.count(value), false, (keys) => {
    if (keys.has(exact)) return exact
    const plural = prose.plural(value)
    return keys.has(plural) ? plural : null
  })
  const count = toText(value)
  return { ...said, toParts: () => said.toParts().map((part) => ({ ...part, count })) }
}
/** A number as its column is written. */
function labelled(
  { prose, numbers, rows }: Saying,
  name: string,
  value: Decimal,
  row: Row | undefined,
): Value {
  const { label } = known(prose, name)
  if (!label) throw new Error(`“${name}” is a column of text; it has no numbers`)
  if (name === prose.own) {
    numbers.push(value)
    rows.push(row ?? {})
  }
  return plain(label(value, row), name === prose.own)
}

/** What stands in one row of its column. */
const ENDS: ReadonlySet<keyof typeof aggregates> = new Set(['least', 'largest'])
/** The cells beside a value of a column, where that stands. */
const besideIn = ({ prose }: Saying, name: string, value: Decimal): Row | undefined =>
  prose.rows?.[numbersOf(prose, name).findIndex((one) => one && compare(one, value) === 0)]

/** A function that says a number of a column, its own where none is named. */
const aggregate =
  (now: Saying, by: keyof typeof aggregates): MessageFunction =>
  (_context, _options, operand) => {
    const name = String(operand ?? now.prose.own)
    const values = present(numbersOf(now.prose, name))
    if (by === 'count') return counted(now, decimal(values.length))
    if (values.length === 0) return plain(NOTHING)
    const value = aggregates[by].of(values)
    return labelled(now, name, value, ENDS.has(by) ? besideIn(now, name, value) : undefined)
  }
const number =
  (now: Saying): MessageFunction =>
  (_context, _options, operand) => {
    if (operand instanceof Exact) return labelled(now, now.prose.own, operand.value, operand.row)
    throw new Error(
      'it takes a number of the chart, such as {$total}; numbers of rows are said by :total, :least, :largest, :mean',
    )
  }
const span =
  (now: Saying): MessageFunction =>
  (_context, _options, operand) => {
    const name = String(operand ?? now.prose.own)
    const values = present(numbersOf(now.prose, name))
    if (values.length === 0) return plain(NOTHING)
    const ends = [aggregates.least.of(values), aggregates.largest.of(values)]
    const texts = ends.map((value) =>
      labelled(now, name, value, besideIn(now, name, value)).toString(),
    )
    return plain(texts.join(' to '), name === now.prose.own)
  }
const where =
  (now: Saying): MessageFunction =>
  (_context, options, operand) => {
    const name = String(operand ?? '')
    const at = rowOf(now.prose, options)
    const { values, texts } = known(now.prose, name)
    const value = values?.[at]
    return value ? labelled(now, name, value, now.prose.rows?.[at]) : plain(texts?.[at] ?? NOTHING)
  }

const date =
  (now: Saying): MessageFunction =>
  (_context, options, operand) => {
    const { prose } = now
    const parts = datePartsIn(options)
    const dateStyle = DATE_STYLES.find((style) => style === options.style) ?? 'long'
    const format = new Intl.DateTimeFormat(prose.locale, {
      ...(Object.keys(parts).length > 0 ? parts : { dateStyle }),
      timeZone: 'UTC',
    })
    return plain(format.format(dateOf(dayIn(prose, String(operand ?? ''), options))))
  }
const days =
  (now: Saying): MessageFunction =>
  (_context, options, operand) => {
    const day = dayIn(now.prose, String(operand ?? ''), options)
    return counted(now, subtract(decimal(now.prose.today), decimal(day)))
  }

/** Words and numbers of the study in a message; each function takes the name of a column. */
const allFunctions = (now: Saying): Readonly<Record<string, MessageFunction>> => ({
  number: number(now),
  integer: number(now),
  offset: number(now),
  label: number(now),
  total: aggregate(now, 'sum'),
  mean: aggregate(now, 'mean'),
  median: aggregate(now, 'median'),
  least: aggregate(now, 'least'),
  largest: aggregate(now, 'largest'),
  count: aggregate(now, 'count'),
  span: span(now),
  where: where(now),
  date: date(now),
  days: days(now),
})

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

/**
 * Words and numbers of the study in a message; each function takes the name of a column, and
 * refuses an option that it does not know.
 */
export const functionsOf = (now: Saying): Readonly<Record<string, MessageFunction>> =>
  Object.fromEntries(
    Object.entries(allFunctions(now)).map(([name, say]): [string, MessageFunction] => [
      name,
      (context, options, operand) => {
        checkOptions(name, options)
        return say(context, options, operand)
      },
    ]),
  )
