import type { DateOrder } from '../../core/data/dates'
import type { ColumnReason } from '../study/columnReason'

/** The orders that dates can be read in where their cells do not tell. */
export const ASKED_ORDERS = ['dmy', 'mdy'] as const
export type AskedOrder = (typeof ASKED_ORDERS)[number]

/** Returns whether a column holds dates. */
export const isDates = ({ code }: ColumnReason): boolean => code === 'dates'
/** Returns whether a column holds dates whose day and month cannot be told apart. */
export const isUnclear = (reason: ColumnReason): boolean =>
  reason.code === 'dates' && reason.order === 'unclear'
/** Returns the order of a column's dates; undefined where it has none or it is unclear. */
export const orderIn = (reason: ColumnReason): DateOrder | undefined =>
  reason.code === 'dates' && reason.order !== 'unclear' ? reason.order : undefined
