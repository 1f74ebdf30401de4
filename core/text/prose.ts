import { DATE_ORDERS, type DateOrder, dayOf, orderOf } from '../data/dates'
import { compare } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'
import type { Row } from '../label/types'

/** A column that a message can speak of: the rows that are shown, in their order. */
export interface ProseColumn {
  /** Exact numbers, null where missing; absent in a column of text. */
  readonly values?: readonly (Decimal | null)[]
  readonly texts?: readonly string[]
  /** How its dates are written, where that is known of the whole column. */
  readonly order?: DateOrder | undefined
  /** How its numbers are written in the message. */
  readonly label?: (value: Decimal, row?: Row) => string
}
/** What a message is written from. */
export interface Prose {
  readonly locale: string
  readonly columns: ReadonlyMap<string, ProseColumn>
  /** The column that the message is about: its numbers are what is checked. */
  readonly own: string
  /** Numbers of that column, and names, that `{$…}` stands for. */
  readonly variables: Readonly<Record<string, Decimal | string>>
  /** The cells beside some of these numbers, by the same names: cases look at them. */
  readonly beside?: Readonly<Record<string, Row>>
  /** The cells beside the numbers of the rows that are shown, where cases look at some. */
  readonly rows?: readonly Row[]
  /** A count of days or rows, written with the region's digits and marks. */
  readonly count: (value: Decimal) => string
  /** Which plural a written count takes. */
  readonly plural: (value: Decimal) => string
  /** The day to count from, from `today`. */
  readonly today: number
}

/** Options of a function in a message. */
export type Options = Readonly<Record<string, unknown>>

/** The column of a name. @throws Error naming those that there are */
export function known(prose: Prose, name: string): ProseColumn {
  const found = prose.columns.get(name)
  if (!found)
    throw new Error(
      `there is no column “${name}”; the columns are ${[...prose.columns.keys()].join(', ')}`,
    )
  return found
}
/** The numbers of a column. @throws Error where it has none */
export function numbersOf(prose: Prose, name: string): readonly (Decimal | null)[] {
  const { values } = known(prose, name)
  if (!values) throw new Error(`“${name}” is a column of text; it has no numbers`)
  return values
}
/** Without what is missing. */
export const present = (values: readonly (Decimal | null)[]): Decimal[] =>
  values.filter((value) => value !== null)

/**
 * The row that an option names: the one that holds the least or the largest of a column.
 *
 * @throws Error where the option is missing, or its column has no number
 */
export function rowOf(prose: Prose, options: Options): number {
  const [way] = ['least', 'largest'].filter((name) => options[name] !== undefined)
  if (!way) throw new Error('it needs least= or largest= and a column, to say of which row')
  const values = numbersOf(prose, String(options[way]))
  const direction = way === 'least' ? -1 : 1
  const isBetter = (value: Decimal, than: Decimal) => compare(value, than) * direction > 0
  let best = -1
  values.forEach((value, at) => {
    if (value && (best < 0 || isBetter(value, values[best]!))) best = at
  })
  if (best < 0)
    throw new Error(`“${String(options[way])}” has no number in the rows that are shown`)
  return best
}

/** The day in such a row. @throws Error where it can be read in two ways, or is none */
export function dayIn(prose: Prose, name: string, options: Options): number {
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
