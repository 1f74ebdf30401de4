import { DATE_ORDERS, type DateOrder } from '../../core/data/dates'

const BEGIN = 'Dates:'
/** What is told of a column of dates; they stay texts, and sentences count and write them. */
const REASONS: Record<DateOrder | 'unclear', string> = {
  iso: `${BEGIN} year, month, day`,
  dmy: `${BEGIN} day, month, year`,
  mdy: `${BEGIN} month, day, year`,
  unclear: `${BEGIN} whether day or month comes first is unclear; a sentence that uses them says it with order=dmy or order=mdy`,
}
/** The orders that dates can be read in where their cells do not tell. */
export const ASKED_ORDERS = ['dmy', 'mdy'] as const
export type AskedOrder = (typeof ASKED_ORDERS)[number]

/** The reason of a column of dates. */
export const reasonForDates = (order: DateOrder | 'unclear'): string => REASONS[order]
/** Whether a column's reason says that it holds dates. */
export const isDates = (reason: string): boolean => reason.startsWith(BEGIN)
export const isUnclear = (reason: string): boolean => reason === REASONS.unclear
/** The order that a column's reason says its dates are in; undefined where it says none. */
export const orderIn = (reason: string): DateOrder | undefined =>
  DATE_ORDERS.find((order) => reason === REASONS[order])
