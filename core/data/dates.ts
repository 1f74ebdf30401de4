/** ISO 8601 calendar dates, with or without a time of day. */
const ISO =
  /^(\d{4})-(\d{2})-(\d{2})(?:[T ]\d{2}:\d{2}(?::\d{2}(?:\.\d+)?)?(?:Z|[+-]\d{2}:?\d{2})?)?$/
/** Day and month in one order or the other, and the year. */
const MIXED = /^(\d{1,2})([./-])(\d{1,2})\2(\d{4})$/
/** Milliseconds of a day. */
export const DAY = 86_400_000

export const DATE_ORDERS = ['iso', 'dmy', 'mdy'] as const
/** How dates are written: ISO 8601, or which of day and month comes first. */
export type DateOrder = (typeof DATE_ORDERS)[number]

function dayIn(year: number, month: number, day: number): number | null {
  const time = Date.UTC(year, month - 1, day)
  const back = new Date(time)
  return back.getUTCMonth() === month - 1 && back.getUTCDate() === day ? time / DAY : null
}

/**
 * The day that a text names, counted from 1 January 1970; null where it names none.
 *
 * @example dayOf('2026-04-25') // 20568
 */
export function dayOf(text: string, order: DateOrder = 'iso'): number | null {
  if (order === 'iso') {
    const found = ISO.exec(text.trim())
    return found ? dayIn(Number(found[1]), Number(found[2]), Number(found[3])) : null
  }
  const found = MIXED.exec(text.trim())
  if (!found) return null
  const [first, second] = [Number(found[1]), Number(found[3])]
  return order === 'dmy'
    ? dayIn(Number(found[4]), second, first)
    : dayIn(Number(found[4]), first, second)
}

/**
 * How the dates of a column are written, by all of them together: with points the day comes first;
 * else a number above twelve is a day. Empty cells say nothing.
 *
 * @returns null where some cell is no date, `unclear` where every date can be read in two ways
 * @example orderOf(['03/04/2026', '25/04/2026']) // 'dmy'
 */
export function orderOf(texts: Iterable<string>): DateOrder | 'unclear' | null {
  const open = new Set<DateOrder>(DATE_ORDERS)
  let [some, isPointed] = [false, false]
  for (const text of texts) {
    if (text.trim() === '') continue
    some = true
    isPointed ||= MIXED.exec(text.trim())?.[2] === '.'
    for (const order of open) if (dayOf(text, order) === null) open.delete(order)
    if (open.size === 0) return null
  }
  if (!some) return null
  if (open.size === 1) return [...open][0]!
  return isPointed ? 'dmy' : 'unclear'
}

/**
 * The day that it is somewhere, by that place's own calendar.
 *
 * @param now the moment; this one where none is given
 * @returns days since 1 January 1970
 * @example today(new Date(2026, 3, 25)) // 20568
 */
export const today = (now: Date = new Date()): number =>
  Date.UTC(now.getFullYear(), now.getMonth(), now.getDate()) / DAY

/**
 * A day as a date that formats in UTC.
 *
 * @param day days since 1 January 1970
 * @example dateOf(20568).toISOString() // '2026-04-25T00:00:00.000Z'
 */
export const dateOf = (day: number): Date => new Date(day * DAY)
